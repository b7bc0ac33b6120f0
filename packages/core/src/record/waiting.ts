import { z } from 'zod';
import { FIRST_VERSION } from './kind';
import { DOCUMENT_KINDS, isKindName, isRowName, KINDS, type DocumentName } from './kinds';
import type { Entry } from './entry';
import { legacyEntries } from './legacyEntry';
import { documentKey } from './snapshot';
import { parseStored } from './storedBody';

/** The way entries wait on a device; it counts up when that changes. */
export const WAITING_VERSION = 2;

/** An entry as a device keeps it until it is delivered, with the version of its kind. */
export interface WaitingEntry {
  format: number;
  kindVersion: number;
  entry: Entry;
}

export const toWaiting = (entry: Entry): WaitingEntry => ({
  format: WAITING_VERSION,
  kindVersion: KINDS[entry.kind].version,
  entry,
});

const kept = z.object({
  format: z.literal(WAITING_VERSION),
  kindVersion: z.number().int(),
  entry: z.looseObject({ kind: z.string(), setupId: z.string(), body: z.unknown() }),
});

/**
 * Entries as they wait, brought up to what their kinds are today: one of an older program may become several.
 *
 * @param stored what the device holds
 * @param name a name of its own for what an older program did not name
 * @throws Error when it is not understood: spoiled, or of a newer program
 */
export function fromWaiting(stored: unknown, name: string): Entry[] {
  const read = kept.safeParse(stored);
  if (!read.success)
    return chained(
      legacyEntries(stored).map((entry) => parsed(entry)),
      name,
    );
  const { entry, kindVersion } = read.data;
  if (!isKindName(entry.kind)) throw new Error(`of a kind this program does not know, ${entry.kind}`);
  const kind = KINDS[entry.kind] as { version: number; upgrade?: (old: unknown, from: number) => unknown };
  if (kindVersion > kind.version) throw new Error('written by a newer program');
  const body = kindVersion < kind.version && kind.upgrade ? kind.upgrade(entry.body, kindVersion) : entry.body;
  return [parsed({ ...entry, body })];
}

/** @throws ZodError when the body is not of its kind */
function parsed(entry: { kind: string; body?: unknown }): Entry {
  if (!isKindName(entry.kind)) throw new Error(`of a kind this program does not know, ${entry.kind}`);
  return { ...entry, body: parseStored(KINDS[entry.kind].schema as z.ZodType<unknown>, entry.body) } as Entry;
}

/** Gives saves of an older program versions of their own, each beginning from what stood before any. */
const chained = (entries: Entry[], name: string): Entry[] =>
  entries.map((entry, i) =>
    isRowName(entry.kind) ? entry : ({ ...entry, version: `${name}-${i}`, began: FIRST_VERSION } as Entry),
  );

/** The document an entry saves, by whose it is, its kind and own name; undefined for a row. */
export function documentOf(entry: Entry): string | undefined {
  if (isRowName(entry.kind)) return undefined;
  const kind = DOCUMENT_KINDS[entry.kind as DocumentName] as { key: (body: unknown) => string };
  return `${entry.setupId} ${documentKey(entry.kind as DocumentName, kind.key(entry.body))}`;
}
