import { FIRST_VERSION, NO_VERSION, type Stored } from './kind';
import { DOCUMENT_KINDS, isRowName, ROW_KINDS, type DocumentName } from './kinds';
import type { DocumentEntry, Entry, KeptEntry, RowEntry } from './entry';
import { documentKey, type Snapshot } from '../snapshots/snapshot';

/** Place in the log of what the server has not numbered yet: behind everything it has. */
export const UNSENT = Number.MAX_SAFE_INTEGER;

/**
 * The setup as it will be once the record has these entries. Entries the snapshot already holds
 * change nothing, so it does not matter whether an answer was lost on the way back.
 */
export function withEntries(snapshot: Snapshot, entries: readonly (Entry | KeptEntry)[]): Snapshot {
  const own = entries.filter(({ setupId }) => setupId === '' || setupId === snapshot.setup.id);
  return own.reduce(withEntry, snapshot);
}

function withEntry(snapshot: Snapshot, entry: Entry | KeptEntry): Snapshot {
  const stored = 'seq' in entry ? { seq: entry.seq, receivedAt: entry.receivedAt } : undefined;
  const next = isRow(entry) ? withRow(snapshot, entry, stored) : withDocument(snapshot, entry);
  return stored && stored.seq > next.seq ? { ...next, seq: stored.seq } : next;
}

/** The setup that an entry starts; undefined for every other entry. */
export const startsSetup = (entry: Entry): string | undefined =>
  entry.kind === 'plan' && entry.began === NO_VERSION ? entry.setupId : undefined;

export const isRow = (entry: Entry): entry is RowEntry => isRowName(entry.kind);

interface Identified {
  id: string;
}

/** The lists of a snapshot as one table; kinds and their fields are held together by `kinds.ts`. */
const listsOf = (snapshot: Snapshot) => snapshot as unknown as Record<string, readonly Identified[]>;

function withRow(snapshot: Snapshot, entry: RowEntry, stored: Stored | undefined): Snapshot {
  if (entry.kind === 'strike') return struck(snapshot, entry.body);
  if (entry.kind === 'reckoning') return snapshot;
  const kind = ROW_KINDS[entry.kind];
  const list = listsOf(snapshot)[kind.field] ?? [];
  const place = stored ?? { seq: UNSENT, receivedAt: loggedAt(entry) };
  const row = keptRow(entry, place);
  const known = list.findIndex(({ id }) => id === entry.body.id);
  if (known >= 0 && !stored) return snapshot;
  // What this device logged gets the place the record gave it; a strike since stays.
  const rows = known < 0 ? [...list, row] : list.map((one, i) => (i === known ? { ...row, ...strikeOf(one) } : one));
  return { ...snapshot, [kind.field]: known >= 0 || !stored ? rows : inOrder(rows as (Identified & Stored)[]) };
}

/** Rows by their place in the log; those not numbered yet stay behind, in the order they were logged. */
function inOrder<T extends Stored>(rows: T[]): T[] {
  const last = rows.at(-1);
  const before = rows.at(-2);
  return !last || !before || before.seq <= last.seq ? rows : [...rows].sort((a, b) => a.seq - b.seq);
}

const strikeOf = (row: object): object =>
  'struckBy' in row && 'struckReason' in row ? { struckBy: row.struckBy, struckReason: row.struckReason } : {};

/** A row as the log gives it back. */
export function keptRow(entry: RowEntry, stored: Stored): Identified & Stored {
  const kind = ROW_KINDS[entry.kind] as { asKept: (body: unknown, stored: Stored) => Identified & Stored };
  return kind.asKept(entry.body, stored);
}

/** When a row was done, as the person's device had it. */
export function loggedAt(entry: RowEntry): string {
  const kind = ROW_KINDS[entry.kind] as { when: (body: unknown) => string };
  return kind.when(entry.body);
}

function struck(snapshot: Snapshot, { id, readingId, action, reason }: Extract<RowEntry, { kind: 'strike' }>['body']) {
  const struckBy = action === 'strike' ? id : null;
  const struckReason = action === 'strike' ? reason : null;
  const readings = snapshot.readings.map((reading) =>
    reading.id === readingId ? { ...reading, struckBy, struckReason } : reading,
  );
  return { ...snapshot, readings };
}

/** What a document is called among others of its kind. */
export function keyOf(entry: Pick<DocumentEntry, 'kind' | 'body'>): string {
  const kind = DOCUMENT_KINDS[entry.kind] as { key: (body: unknown) => string };
  return kind.key(entry.body);
}

/** The version a save begins from, by what this device has seen. */
export const versionOf = (versions: Readonly<Record<string, string>>, kind: DocumentName, key: string): string =>
  versions[documentKey(kind, key)] ?? FIRST_VERSION;

function withDocument(snapshot: Snapshot, entry: DocumentEntry): Snapshot {
  const { field, shows } = DOCUMENT_KINDS[entry.kind];
  const key = keyOf(entry);
  const versions = { ...snapshot.versions, [documentKey(entry.kind, key)]: entry.version };
  const body: unknown = entry.kind === 'plan' ? { ...snapshot.setup, ...entry.body } : entry.body;
  const { machineId, partId } = snapshot.setup;
  if ((shows === 'of-machine' && key !== machineId) || (shows === 'of-part' && key !== partId)) return snapshot;
  if (shows !== 'all') return { ...snapshot, versions, [field]: body };
  const list: readonly unknown[] = listsOf(snapshot)[field] ?? [];
  const at = list.findIndex((one) => keyOf({ kind: entry.kind, body: one } as DocumentEntry) === key);
  const next = at < 0 ? [...list, body] : list.map((one, i) => (i === at ? body : one));
  return { ...snapshot, versions, [field]: next };
}
