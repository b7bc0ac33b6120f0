import { z } from 'zod';
import type { Entry } from './entry';
import { isKindName } from './kinds';
import { WAITING_VERSION } from './outboxEntry';
import { readBody } from './readBody';

const kept = z.object({
  format: z.literal(WAITING_VERSION),
  kindVersion: z.number().int(),
  entry: z.looseObject({ kind: z.string(), setupId: z.string(), body: z.unknown() }),
});

/**
 * An entry as it waits, read by the schema of its kind.
 *
 * @param stored what the device holds
 * @throws Error when it is not understood: spoiled, or of another program's version
 */
export function fromOutboxEntry(stored: unknown): Entry {
  const { entry, kindVersion } = kept.parse(stored);
  const { kind } = entry;
  if (!isKindName(kind)) throw new Error(`of a kind this program does not know, ${kind}`);
  return { ...entry, body: readBody(kind, kindVersion, entry.body) } as Entry;
}
