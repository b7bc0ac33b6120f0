import type { NewReading, NewZeroing, Touched } from '../contract/ledger';
import type { Axis } from '../contract/quantities';
import type { Snapshot } from '../contract/setup';
import { DEFAULT_HOLDINGS } from '../workholding/defaultHoldings';
import { EMPTY_DATUM_PLAN } from '../datum/datumPlan';
import { FACE_TOUCH } from '../datum/partFrame';

const axis = { step: 0.005, travel: 400 };

/** A plate on a knee mill with a readout, nothing touched yet. */
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
    { id: 'spring', name: 'Spring finder', kind: 'spring-finder', nominal: 10 },
    { id: 'pin', name: 'Pin', kind: 'pin', nominal: 6, measured: 6.002 },
    { id: 'block', name: 'Block', kind: 'block', nominal: 10 },
  ],
  tools: [],
  readings: [],
  zeroings: [],
  patterns: [],
  holdings: DEFAULT_HOLDINGS,
  checks: [],
  alignments: [],
  sweeps: [],
  datumPlan: EMPTY_DATUM_PLAN,
  repeatability: [],
  toolTable: null,
  cutPlan: { bores: [] },
};

let made = 0;

/** A reading as the app makes it. */
export function reading(subject: Touched, value: number, change: Partial<NewReading> = {}): NewReading {
  made += 1;
  const touch = subject.kind === 'face' ? FACE_TOUCH[subject.face] : { axis: 'z' as Axis, approach: 1 as const };
  return {
    id: `reading-${made}`,
    subject,
    axis: touch.axis,
    approach: touch.approach,
    gaugeId: subject.kind === 'face' ? 'spring' : 'block',
    feeler: 0,
    scale: 'readout',
    epoch: 1,
    text: String(value),
    unit: 'mm',
    value,
    ticked: [],
    takenAt: '2026-11-24T09:10:00.000Z',
    ...change,
  };
}

/** The person set an axis while still touching. */
export function presetDone(subject: Touched, axisSet: Axis, value: number, epoch: number): NewZeroing {
  made += 1;
  return {
    id: `zeroing-${made}`,
    axis: axisSet,
    epoch,
    form: 'preset',
    subject,
    value,
    at: '2026-11-24T09:20:00.000Z',
  };
}
