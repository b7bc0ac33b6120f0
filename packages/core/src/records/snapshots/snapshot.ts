import type { BodyOf, DOCUMENT_KINDS, DocumentName, KeptOf, ROW_KINDS, RowName } from '../kinds/kinds';
import type { Setup } from '../setup/plan';
import type { Repeatability, SetupSummary } from './snapshot.schema';

export type { SetupSummary, Repeatability };

type RowLists = { [K in RowName as (typeof ROW_KINDS)[K]['field']]: KeptOf<K>[] };

type Documents = typeof DOCUMENT_KINDS;
type Shown<K extends DocumentName> = Documents[K]['shows'] extends 'all'
  ? BodyOf<K>[]
  : undefined extends Documents[K]['empty']
    ? BodyOf<K>
    : BodyOf<K> | Documents[K]['empty'];
type DocumentFields = { [K in DocumentName as Documents[K]['field']]: Shown<K> };

/**
 * A setup with all that hangs on it: enough to work on with the server away. Every kind of entry stands under its own
 * field; strikes are taken in at the readings they strike, and what is told apart is not in it.
 */
export interface Snapshot extends Omit<RowLists & DocumentFields, 'strikes' | 'setup' | 'reckonings'> {
  setup: Setup;
  /** The version of every document, by kind and own name. */
  versions: Record<string, string>;
  /** Everything up to here is in it. */
  seq: number;
  /** How well each gauge repeated in all of the shop's log. */
  repeatability: Repeatability[];
}

/** A document's name among all documents of a setup. */
export const documentKey = (kind: DocumentName, key: string): string => (key === '' ? kind : `${kind}.${key}`);
