import Database from 'better-sqlite3';
import { chmodSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';

/** Where daily copies of a shop's file are kept. */
export const copiesFolder = (file: string): string => join(dirname(file), 'copies');

const DAY = /(\d{4}-\d{2}-\d{2})\.sqlite$/;

/** So many of the newest are kept whatever their days say; then the first of each week; then the first of each month. */
const NEWEST = 15;
const ALL_DAYS = 14;
const WEEKLY_DAYS = 90;

/** Between two copies no more than so many days count: a clock that jumped, or a shop that stood still, makes none of them old. */
const LONGEST_GAP = 7;

/** A copy so many days after the last one, or before it, says that the clock may have jumped. */
const JUMP = 62;

const MS = 86_400_000;

/** Which week a day is in, counted from a Monday. */
const weekOf = (day: string): number => Math.floor((Date.parse(day) / MS + 3) / 7);

/** Names of dated copies with their days, the newest first. */
const dated = (names: readonly string[]): { name: string; day: string }[] =>
  names
    .flatMap((name) => {
      const day = DAY.exec(name)?.[1];
      return day === undefined ? [] : [{ name, day }];
    })
    .sort((a, b) => b.day.localeCompare(a.day));

/**
 * Of dated copies those that are let go: beyond two weeks all but the first of each week, beyond three months all but the
 * first of each month. How old a copy is goes by the copies after it alone, never by today: a clock a year ahead would make all
 * of them old at once.
 *
 * @param names of files that end in their day, `2026-11-26.sqlite`; others are left alone
 */
export function pruneCopies(names: readonly string[]): string[] {
  const copies = dated(names);
  let age = 0;
  const spans = copies.map(({ name, day }, i) => {
    const after = copies[i - 1]?.day;
    if (after !== undefined) age += Math.min(LONGEST_GAP, (Date.parse(after) - Date.parse(day)) / MS);
    if (i < NEWEST || age <= ALL_DAYS) return { name, span: undefined };
    return { name, span: age <= WEEKLY_DAYS ? `week ${weekOf(day)}` : `month ${day.slice(0, 7)}` };
  });
  const seen = new Set<string>();
  // The first of each week and month stays: the oldest come first.
  return spans.reverse().flatMap(({ name, span }) => {
    if (span === undefined) return [];
    if (seen.has(span)) return [name];
    seen.add(span);
    return [];
  });
}

/** How many days the clock is from the latest copy, where that is so far that it may have jumped; undefined where it is not. */
export function clockJump(names: readonly string[], today: string): number | undefined {
  const last = dated(names).find(({ day }) => day !== today)?.day;
  if (last === undefined) return undefined;
  const days = Math.round((Date.parse(today) - Date.parse(last)) / MS);
  return days > JUMP || days < -1 ? days : undefined;
}

/**
 * Copies a shop's file once a day, by SQLite's own online backup, while people go on logging; lets the oldest go.
 *
 * @param onJump told where the clock is so far from the latest copy that it may be wrong: then none is let go
 * @returns the copy, or undefined where today's is there already
 */
export async function writeDailyCopy(
  db: Database.Database,
  file: string,
  now: Date,
  onJump: (days: number) => void = () => undefined,
): Promise<string | undefined> {
  const folder = copiesFolder(file);
  const today = now.toISOString().slice(0, 10);
  const copy = join(folder, `${basename(file, '.sqlite')}-${today}.sqlite`);
  if (existsSync(copy)) return undefined;
  await copyWhole(db, copy);
  const names = readdirSync(folder);
  const jump = clockJump(names, today);
  // Where the clock may be wrong nothing is let go.
  if (jump !== undefined) onJump(jump);
  else for (const name of pruneCopies(names)) rmSync(join(folder, name));
  return copy;
}

/** A copy that is there whole or not at all: begun under another name. */
export async function copyWhole(db: Database.Database, to: string): Promise<void> {
  mkdirSync(dirname(to), { recursive: true });
  const begun = `${to}.part`;
  rmSync(begun, { force: true });
  try {
    await db.backup(begun);
    // As the shop's own file: its owner's alone.
    chmodSync(begun, 0o600);
    // One file alone: no journal of its own beside it that could be lost, or taken for another's.
    const copy = new Database(begun);
    copy.pragma('journal_mode = DELETE');
    copy.close();
    renameSync(begun, to);
  } catch (error) {
    for (const end of ['', '-journal', '-wal', '-shm']) rmSync(begun + end, { force: true });
    throw error;
  }
}

/** A text's file that is there whole or not at all, its owner's alone. */
export function writeWhole(to: string, text: string): void {
  const begun = `${to}.part`;
  try {
    writeFileSync(begun, text, { mode: 0o600 });
    renameSync(begun, to);
  } catch (error) {
    rmSync(begun, { force: true });
    throw error;
  }
}

/** How long after the start the first copy is made, and how often it is looked whether a day went by, ms. */
const FIRST = 60_000;
const AGAIN = 3_600_000;

/** Keeps daily copies for as long as the server runs. @returns how to stop */
export function scheduleDailyCopies(
  db: Database.Database,
  file: string,
  { onFault, onJump }: { onFault: (error: unknown) => void; onJump: (days: number) => void },
): () => void {
  const copy = () => void writeDailyCopy(db, file, new Date(), onJump).catch(onFault);
  const first = setTimeout(copy, FIRST).unref();
  const again = setInterval(copy, AGAIN).unref();
  return () => {
    clearTimeout(first);
    clearInterval(again);
  };
}
