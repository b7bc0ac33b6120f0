import { sameBody } from '../records/sameBody';
import { isBackedRow, type BackedDocument, type BackedRow, type ShopBackup } from '@zero-point/core/formats/shopBackup';
import type { NewReading } from '@zero-point/core/records/log/reading';
import type { RowEntry } from '@zero-point/core/records/kinds/entry';
import { KINDS, type BodyOf, type DocumentName } from '@zero-point/core/records/kinds/kinds';
import { guardRow } from '../records/referenceChecks';
import { conflict, HttpProblem } from '../http/problem';
import type { BodyRow } from '../store/entries';
import { columnsOf } from '../store/readings';
import type { Store } from '../store/store';

/** What a restore does, or would do. */
export interface Restored {
  /** Came in: setups, documents, readings, and rows of other kinds. */
  setups: number;
  documents: number;
  readings: number;
  rows: number;
  /** Here already, the same. */
  same: number;
  /** Here already, but otherwise: what is here stays. Kind and name of each. */
  differ: string[];
  /** Left out, since they break a rule that every reading keeps: kind, name and why. */
  refused: string[];
}

/** Ends a transaction without keeping what was done in it. */
class OnlyLooked extends Error {}

/**
 * Brings a backup into a shop: whole into an empty one, by id into one that holds something. What is here already is never
 * written over. All of it or nothing.
 *
 * @param look only says what would happen
 * @throws HttpProblem 409 where the one is the demo and the other a person's own shop, or a row names what is in neither
 */
export function restore(store: Store, backup: ShopBackup, look = false): Restored {
  const done: Restored = { setups: 0, documents: 0, readings: 0, rows: 0, same: 0, differ: [], refused: [] };
  try {
    store.write(() => {
      bring(store, backup, done);
      if (look) throw new OnlyLooked();
    });
  } catch (error) {
    if (!(error instanceof OnlyLooked)) throw error;
  } finally {
    store.tallies.forget();
  }
  return done;
}

function bring(store: Store, backup: ShopBackup, done: Restored): void {
  const kind = store.kind();
  if (kind === undefined) store.setKind(backup.shop);
  else if (kind !== backup.shop)
    throw conflict(
      kind === 'demo'
        ? 'This database is the demo shop, the backup is of your own. Restore it into a file of its own: DATABASE names one.'
        : 'This database is your own shop, the backup is of the demo. The two are kept apart.',
    );
  for (const setup of backup.setups) {
    if (store.setups.get(setup.id)) continue;
    store.setups.insert(setup);
    done.setups += 1;
  }
  for (const entry of backup.record) {
    if (entry.setupId !== '' && !store.setups.get(entry.setupId))
      throw conflict(
        `The backup is not whole: a ${KINDS[entry.kind].title} is of the setup “${entry.setupId}”, which is in neither. Nothing was changed.`,
      );
    if (isBackedRow(entry)) bringRow(store, entry, done);
    else bringDocument(store, entry, done);
  }
  checkNames(store, backup, done);
}

function bringDocument(store: Store, entry: BackedDocument, done: Restored): void {
  const { kind, setupId, key, version, at } = entry;
  const body = entry.body as BodyOf<DocumentName>;
  const here = store.documents.get(kind, setupId, key);
  if (!here) {
    store.documents.put(kind, setupId, key, { version, body }, at);
    done.documents += 1;
  } else if (sameBody(here.body, body)) done.same += 1;
  else done.differ.push(`${KINDS[kind].title} “${nameOf(body) ?? (key || setupId)}”`);
}

function bringRow(store: Store, { kind, setupId, at, body }: BackedRow, done: Restored): void {
  const here = kind === 'reading' ? store.readings.get(body.id) : store.entries.get(body.id);
  if (here) {
    if (here.setupId === setupId && sameBody(here.body, body)) done.same += 1;
    else done.differ.push(`${KINDS[kind].title} “${body.id}”`);
    return;
  }
  const refusal = refusalOf(() => guardRow(store, { kind, setupId, body } as unknown as RowEntry));
  if (refusal !== undefined) {
    done.refused.push(`${KINDS[kind].title} “${body.id}”: ${refusal}`);
    return;
  }
  try {
    if (kind === 'reading') store.readings.insert(columnsOf(setupId, body as NewReading), at);
    else store.entries.insert(kind, setupId, body as BodyOf<BodyRow>, at);
  } catch (error) {
    // Another setting opened the same zero here: the later one is told, the one that stands stays.
    if (!String((error as { code?: unknown }).code).startsWith('SQLITE_CONSTRAINT_UNIQUE')) throw error;
    done.differ.push(`${KINDS[kind].title} “${body.id}”`);
    return;
  }
  if (kind === 'reading') done.readings += 1;
  else done.rows += 1;
}

/** Why a guard refuses; undefined where it does not. */
function refusalOf(guard: () => void): string | undefined {
  try {
    guard();
    return undefined;
  } catch (error) {
    if (error instanceof HttpProblem && error.status === 422) return error.errors[0]?.message ?? error.detail;
    throw error;
  }
}

const nameOf = (body: unknown): string | undefined =>
  typeof body === 'object' && body !== null && 'name' in body ? String(body.name) : undefined;

/** Nothing that came in may name what is not there. */
function checkNames(store: Store, { record }: ShopBackup, done: Restored): void {
  for (const { kind, body } of record) {
    const names = KINDS[kind] as { names?: (body: unknown) => { kind: string; id: string }[] };
    for (const named of names.names?.(body) ?? []) {
      const there =
        named.kind === 'reading'
          ? store.readings.get(named.id) !== undefined
          : store.documents.has(named.kind as DocumentName, '', named.id);
      if (!there && !(named.kind === 'reading' && done.refused.length > 0))
        throw conflict(
          `The backup is not whole: a ${KINDS[kind].title} names the ${named.kind} “${named.id}”, which is in neither. Nothing was changed.`,
        );
    }
  }
}
