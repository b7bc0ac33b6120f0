import Database from 'better-sqlite3';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

/** Where daily copies of a shop's file are kept. */
export const copiesFolder = (file: string): string => join(dirname(file), 'copies');

const DAY = /(\d{4}-\d{2}-\d{2})\.sqlite$/;

/** Every copy for so many days; then the first of each week; then the first of each month. */
const ALL_DAYS = 14;
const WEEKLY_DAYS = 90;

const MS = 86_400_000;

/** Which week a day is in, counted from a Monday. */
const weekOf = (day: string): number => Math.floor((Date.parse(day) / MS + 3) / 7);

/**
 * Of dated copies those that are let go: beyond two weeks all but the first of each week, beyond three months all but the
 * first of each month.
 *
 * @param names of files that end in their day, `2026-11-26.sqlite`; others are left alone
 * @param today as `2026-11-26`
 */
export function letGo(names: readonly string[], today: string): string[] {
  const seen = new Set<string>();
  return [...names].sort().filter((name) => {
    const day = DAY.exec(name)?.[1];
    if (day === undefined) return false;
    const age = (Date.parse(today) - Date.parse(day)) / MS;
    if (age <= ALL_DAYS) return false;
    const span = age <= WEEKLY_DAYS ? `week ${weekOf(day)}` : `month ${day.slice(0, 7)}`;
    if (!seen.has(span)) {
      seen.add(span);
      return false;
    }
    return true;
  });
}

/**
 * Copies a shop's file once a day, by SQLite's own online backup, while people go on logging; lets the oldest go.
 *
 * @returns the copy, or undefined where today's is there already
 */
export async function keepDailyCopy(db: Database.Database, file: string, now: Date): Promise<string | undefined> {
  const folder = copiesFolder(file);
  const today = now.toISOString().slice(0, 10);
  const copy = join(folder, `${basename(file, '.sqlite')}-${today}.sqlite`);
  if (existsSync(copy)) return undefined;
  await copyWhole(db, copy);
  for (const name of letGo(readdirSync(folder), today)) rmSync(join(folder, name));
  return copy;
}

/** A copy that is there whole or not at all: begun under another name. */
export async function copyWhole(db: Database.Database, to: string): Promise<void> {
  mkdirSync(dirname(to), { recursive: true });
  const begun = `${to}.part`;
  rmSync(begun, { force: true });
  await db.backup(begun);
  // One file alone: no journal of its own beside it that could be lost, or taken for another's.
  const copy = new Database(begun);
  copy.pragma('journal_mode = DELETE');
  copy.close();
  renameSync(begun, to);
}

/** How long after the start the first copy is made, and how often it is looked whether a day went by, ms. */
const FIRST = 60_000;
const AGAIN = 3_600_000;

/** Keeps daily copies for as long as the server runs. @returns how to stop */
export function keepCopiesDaily(db: Database.Database, file: string, onFault: (error: unknown) => void): () => void {
  const copy = () => void keepDailyCopy(db, file, new Date()).catch(onFault);
  const first = setTimeout(copy, FIRST).unref();
  const again = setInterval(copy, AGAIN).unref();
  return () => {
    clearTimeout(first);
    clearInterval(again);
  };
}
