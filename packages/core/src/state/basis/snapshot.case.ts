import type { Entry, RowEntry } from '../../records/kinds/entry';
import type { NewReading } from '../../records/log/reading';
import type { NewZeroing } from '../../records/log/zeroing';
import type { DialSubject, SizeSubject, TouchedSubject } from '../../records/values/subject';
import type { Tool } from '../../records/shop/cutter';
import { FIRST_EPOCH, type Place, type ReadingScale } from '../../records/values/place';
import { EMPTY_CUT_PLAN } from '../../records/setup/cutPlan';
import { EMPTY_INDEX_PLAN } from '../../records/setup/indexPlan';
import { NO_OBSTACLES } from '../../records/setup/obstacles';
import { EMPTY_DATUM_PLAN } from '../../records/setup/datumPlan';
import { withEntries } from '../../records/kinds/merge';
import type { Snapshot } from '../../records/snapshots/snapshot';
import type { Axis } from '../../schema/quantities';
import { DEFAULT_WORKHOLDING } from '../../workholding/defaultHoldings';
import { FACE_TOUCH } from '../../datum/partFrame';
import { deriveState, type SetupState } from './setupState';

const axis = { step: 0.005, travel: 400 };

/** A plate on a knee mill with a DRO, nothing touched yet. */
export const plateSnapshot: Snapshot = {
  setup: {
    id: 'plate-setup',
    name: 'Base plate on the knee mill',
    machineId: 'knee',
    partId: 'plate',
    partZero: 'front-left',
    tolerance: 0.1,
    units: 'mm',
    finderId: 'spring',
    heightGaugeId: 'block',
    referenceTool: 1,
    feeler: 0,
    holdingId: 'vise',
    purpose: 'work',
    note: '',
    createdAt: '2026-11-24T09:00:00.000Z',
    changedAt: '2026-11-24T09:00:00.000Z',
  },
  machine: {
    id: 'knee',
    name: 'Knee mill',
    kind: 'readout',
    units: 'mm',
    axes: { x: axis, y: axis, z: axis },
    habits: { answerFirst: 'preset', toolLengthSchool: 'reference-tool' },
    scale: 'readout',
  },
  part: { id: 'plate', name: 'Base plate', material: 'brass', size: { x: 184, y: 116, z: 9.5 }, holes: [] },
  gauges: [
    { id: 'spring', name: 'Edge finder', kind: 'spring-finder', nominal: 10 },
    { id: 'pin', name: 'Pin', kind: 'pin', nominal: 6 },
    { id: 'block', name: 'Block', kind: 'block', nominal: 10 },
  ],
  cutters: [],
  magazine: null,
  calibrations: [
    {
      id: 'pin-size',
      of: { kind: 'gauge', gaugeId: 'pin' },
      found: { what: 'size', value: 6.002 },
      from: '2026-01-01T00:00:00.000Z',
      at: '2026-01-01T00:00:00.000Z',
      seq: 1,
      receivedAt: '2026-01-01T00:00:00.000Z',
    },
  ],
  readings: [],
  zeroings: [],
  patterns: [],
  holdings: DEFAULT_WORKHOLDING,
  checks: [],
  alignments: [],
  sweeps: [],
  readBacks: [],
  interruptions: [],
  datumPlan: EMPTY_DATUM_PLAN,
  repeatability: [],
  toolTable: null,
  cutPlan: EMPTY_CUT_PLAN,
  indexPlan: EMPTY_INDEX_PLAN,
  obstacles: NO_OBSTACLES,
  programChecks: [],
  measurements: [],
  firstParts: [],
  versions: {},
  seq: 1,
};

/** The book of a snapshot once these entries are in it. */
export const bookOf = (snapshot: Snapshot, entries: readonly Entry[] = []): SetupState =>
  deriveState(withEntries(snapshot, entries));

/** The plate's book, nothing touched yet. */
export const plateBook: SetupState = bookOf(plateSnapshot);

let made = 0;

const common = (value: number) => ({
  id: `reading-${(made += 1)}`,
  gaugeId: 'block',
  value,
  source: { by: 'typed' as const, text: String(value), unit: 'mm' as const },
  ticked: [],
  takenAt: '2026-11-24T09:10:00.000Z',
});

type TouchChange = Partial<Omit<Extract<NewReading, { on: 'scale' }>, 'on' | 'place'>> & {
  scale?: ReadingScale;
  index?: Place['index'];
};

/** A touch as the app logs it. */
export function caseReading(
  subject: TouchedSubject,
  value: number,
  { scale = 'readout', index, ...change }: TouchChange = {},
) {
  const touch = subject.kind === 'face' ? FACE_TOUCH[subject.face] : { axis: 'z' as Axis, approach: 1 as const };
  const body: Extract<NewReading, { on: 'scale' }> = {
    ...common(value),
    on: 'scale',
    subject,
    axis: touch.axis,
    approach: touch.approach,
    gaugeId: subject.kind === 'face' ? 'spring' : 'block',
    feeler: 0,
    place: { scale, ...(index && { index }) },
    epoch: FIRST_EPOCH,
    ...change,
  };
  return body;
}

/** A dial read, as the app logs it. */
export const dialRead = (subject: DialSubject, value: number, gaugeId = 'block'): NewReading => ({
  ...common(value),
  on: 'dial',
  subject,
  gaugeId,
});

/** A size measured, as the app logs it. */
export const sizeRead = (subject: SizeSubject, value: number, gaugeId = 'block'): NewReading => ({
  ...common(value),
  on: 'gauge',
  subject,
  gaugeId,
});

/** The person set an axis while still touching; it opens an epoch under the name given. */
export function presetDone(
  subject: NewZeroing['subject'],
  axisSet: Axis,
  value: number,
  opens: string,
  change: Partial<NewZeroing> = {},
): NewZeroing {
  made += 1;
  return {
    id: `zeroing-${made}`,
    axis: axisSet,
    place: { scale: 'readout' },
    opens,
    began: FIRST_EPOCH,
    form: 'preset',
    subject,
    value,
    at: '2026-11-24T09:20:00.000Z',
    ...change,
  };
}

/** Rows of the plate's setup, as entries. */
export const rowOf = <K extends Exclude<RowEntry['kind'], 'calibration'>>(
  kind: K,
  body: Extract<RowEntry, { kind: K }>['body'],
): RowEntry => ({ kind, setupId: 'plate-setup', body }) as RowEntry;

/** X or Y set from its first face by a preset, as the app logs it; or otherwise. */
export const settingBody = (change: Partial<NewZeroing> = {}): NewZeroing => ({
  id: 'x-set',
  subject: { kind: 'face', face: change.axis === 'y' ? 'front' : 'left' },
  axis: 'x',
  place: { scale: 'readout' },
  began: FIRST_EPOCH,
  form: 'preset',
  value: -5,
  at: '2026-11-26T09:00:00.000Z',
  ...change,
});

/** Cutters and their numbers, as a shop with these tools in this machine has them. */
export const withTools = (tools: readonly Tool[]): Pick<Snapshot, 'cutters' | 'magazine'> => ({
  cutters: tools.map(({ number: _, ...cutter }) => cutter),
  magazine: { id: 'knee', tools: tools.map(({ number, id }) => ({ number, cutterId: id })) },
});
