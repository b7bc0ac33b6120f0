import { alignmentKind } from '../setup/alignment';
import { calibrationKind } from '../shop/calibration';
import { checkKind } from '../log/checklistTick';
import { cutPlanKind } from '../setup/cutPlan';
import { cutterKind } from '../shop/cutter';
import { datumPlanKind } from '../setup/datumPlan';
import { firstPartKind } from '../log/firstPart';
import { gaugeKind } from '../shop/gauge';
import { holdingKind } from '../shop/workholdingList';
import { indexPlanKind } from '../setup/indexPlan';
import { interruptionKind } from '../log/interruption';
import { machineKind } from '../shop/machine';
import { magazineKind } from '../shop/magazine';
import { measurementKind } from '../log/measurement';
import { obstaclesKind } from '../setup/obstacles';
import { partKind } from '../shop/part';
import { patternKind } from '../setup/pattern';
import { planKind } from '../setup/plan';
import { programCheckKind } from '../log/programCheck';
import { readBackKind } from '../log/readBack';
import { readingKind } from '../log/reading';
import { calculationKind } from '../log/calculation';
import { strikeKind } from '../log/strike';
import { sweepKind } from '../log/sweep';
import { toolTableKind } from '../shop/toolTable';
import { zeroingKind } from '../log/zeroing';

/**
 * Every kind of entry there is, by its name. The store, the routes and their description, the outbox, the merge into a
 * setup and the loading of a shop all go by this list: a new kind is one file, and one line here.
 */
export const ROW_KINDS = {
  reading: readingKind,
  strike: strikeKind,
  zeroing: zeroingKind,
  check: checkKind,
  sweep: sweepKind,
  calibration: calibrationKind,
  reckoning: calculationKind,
  readBack: readBackKind,
  interruption: interruptionKind,
  programCheck: programCheckKind,
  measurement: measurementKind,
  firstPart: firstPartKind,
} as const;

export const DOCUMENT_KINDS = {
  machine: machineKind,
  part: partKind,
  gauge: gaugeKind,
  cutter: cutterKind,
  magazine: magazineKind,
  holding: holdingKind,
  toolTable: toolTableKind,
  plan: planKind,
  datumPlan: datumPlanKind,
  cutPlan: cutPlanKind,
  indexPlan: indexPlanKind,
  obstacles: obstaclesKind,
  pattern: patternKind,
  alignment: alignmentKind,
} as const;

export const KINDS = { ...ROW_KINDS, ...DOCUMENT_KINDS } as const;

type RowKinds = typeof ROW_KINDS;
type DocumentKinds = typeof DOCUMENT_KINDS;
export type RowName = keyof RowKinds;
export type DocumentName = keyof DocumentKinds;
export type KindName = RowName | DocumentName;

/** The body of a kind of entry, as it is sent. */
export type BodyOf<K extends KindName> = (typeof KINDS)[K] extends
  { when: (body: infer Body) => string } | { key: (body: infer Body) => string }
  ? Body
  : never;

/** A row as the log gives it back. */
export type KeptOf<K extends RowName> = ReturnType<RowKinds[K]['asKept']>;

/** Kinds of a setup's own, and kinds of the whole shop. */
export type SetupKind = { [K in KindName]: (typeof KINDS)[K]['of'] extends 'setup' ? K : never }[KindName];
export type ShopKind = Exclude<KindName, SetupKind>;

export const isKindName = (name: unknown): name is KindName => typeof name === 'string' && Object.hasOwn(KINDS, name);
export const isRowName = (name: KindName): name is RowName => KINDS[name].keeping === 'row';
export const ROW_NAMES = Object.keys(ROW_KINDS) as RowName[];
export const DOCUMENT_NAMES = Object.keys(DOCUMENT_KINDS) as DocumentName[];
