import { z } from 'zod';
import { id, moment, nonNegativeLength } from '../schema/quantities';
import type { BodyOf, DOCUMENT_KINDS, DocumentName, KeptOf, ROW_KINDS, RowName } from './kinds';
import type { Setup } from './plan';

/** One line of the bench. */
export const setupSummary = z
  .object({
    id,
    name: z.string(),
    machine: z.string(),
    part: z.string(),
    purpose: z.enum(['work', 'practice']),
    changedAt: moment,
    readings: z.number().int(),
    /** Axes whose zero is set. */
    set: z.array(z.enum(['x', 'y', 'z'])),
    patterns: z.number().int(),
  })
  .meta({ id: 'SetupSummary' });

/** Scatter of a gauge's repeats about their own means, over the whole log. */
export const repeatability = z
  .object({
    gaugeId: id,
    /** Pooled standard deviation, mm, and its degrees of freedom. */
    sd: nonNegativeLength,
    dof: z.number().int().min(1),
    /** Readings it comes from. */
    readings: z.number().int(),
  })
  .meta({ id: 'Repeatability' });

export type SetupSummary = z.output<typeof setupSummary>;
export type Repeatability = z.output<typeof repeatability>;

type RowLists = { [K in RowName as (typeof ROW_KINDS)[K]['field']]: KeptOf<K>[] };

type Documents = typeof DOCUMENT_KINDS;
type Shown<K extends DocumentName> = Documents[K]['shows'] extends 'all'
  ? BodyOf<K>[]
  : undefined extends Documents[K]['empty']
    ? BodyOf<K>
    : BodyOf<K> | Documents[K]['empty'];
type DocumentFields = { [K in DocumentName as Documents[K]['field']]: Shown<K> };

/**
 * A set-up with all that hangs on it: enough to work on with the server away. Every kind of entry stands under its own
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

/** A document's name among all documents of a set-up. */
export const documentKey = (kind: DocumentName, key: string): string => (key === '' ? kind : `${kind}.${key}`);
