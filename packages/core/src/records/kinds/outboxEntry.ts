import { DOCUMENT_KINDS, isRowName, KINDS, type DocumentName } from './kinds';
import type { Entry } from './entry';
import { documentKey } from '../snapshots/snapshot';

/** The way entries wait on a device; it counts up when that changes. */
export const WAITING_VERSION = 2;

/** An entry as a device keeps it until it is delivered, with the version of its kind. */
export interface WaitingEntry {
  format: number;
  kindVersion: number;
  entry: Entry;
}

export const toOutboxEntry = (entry: Entry): WaitingEntry => ({
  format: WAITING_VERSION,
  kindVersion: KINDS[entry.kind].version,
  entry,
});

/** The document an entry saves, by whose it is, its kind and own name; undefined for a row. */
export function documentOf(entry: Entry): string | undefined {
  if (isRowName(entry.kind)) return undefined;
  const kind = DOCUMENT_KINDS[entry.kind as DocumentName] as { key: (body: unknown) => string };
  return `${entry.setupId} ${documentKey(entry.kind as DocumentName, kind.key(entry.body))}`;
}
