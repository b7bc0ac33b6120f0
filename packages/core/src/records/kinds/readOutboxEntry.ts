import { z } from 'zod';
import { FIRST_VERSION } from './kind';
import { isKindName, isRowName, KINDS } from './kinds';
import type { Entry } from './entry';
import { legacyEntries } from './legacyEntry';
import { BODIES } from './schemas';
import { parseStored } from './storedBody';
import { WAITING_VERSION } from './outboxEntry';

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
export function fromOutboxEntry(stored: unknown, name: string): Entry[] {
  const read = kept.safeParse(stored);
  if (!read.success)
    return chained(
      legacyEntries(stored).map((entry) => parsed(entry)),
      name,
    );
  const { entry, kindVersion } = read.data;
  if (!isKindName(entry.kind)) throw new Error(`of a kind this program does not know, ${entry.kind}`);
  const { version } = KINDS[entry.kind];
  const { upgrade } = BODIES[entry.kind];
  if (kindVersion > version) throw new Error('written by a newer program');
  const body = kindVersion < version && upgrade ? upgrade(entry.body, kindVersion) : entry.body;
  return [parsed({ ...entry, body })];
}

/** @throws ZodError when the body is not of its kind */
function parsed(entry: { kind: string; body?: unknown }): Entry {
  if (!isKindName(entry.kind)) throw new Error(`of a kind this program does not know, ${entry.kind}`);
  return { ...entry, body: parseStored(BODIES[entry.kind].schema as z.ZodType<unknown>, entry.body) } as Entry;
}

/** Gives saves of an older program versions of their own, each beginning from what stood before any. */
const chained = (entries: Entry[], name: string): Entry[] =>
  entries.map((entry, i) =>
    isRowName(entry.kind) ? entry : ({ ...entry, version: `${name}-${i}`, began: FIRST_VERSION } as Entry),
  );
