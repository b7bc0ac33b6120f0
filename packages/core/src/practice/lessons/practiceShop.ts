import { EMPTY_CUT_PLAN } from '../../record/cutPlan';
import { EMPTY_DATUM_PLAN, type DatumPlan } from '../../record/datumPlan';
import type { Gauge } from '../../record/gauge';
import { EMPTY_INDEX_PLAN } from '../../record/indexPlan';
import type { Machine } from '../../record/machine';
import { NO_OBSTACLES } from '../../record/obstacles';
import type { Part } from '../../record/part';
import type { Plan } from '../../record/plan';
import type { Snapshot } from '../../record/snapshot';
import { DEFAULT_HOLDINGS } from '../../workholding/defaultHoldings';
import type { Between, Contact, MillSpec } from '../mill/spec';

/** What lies in the tray of the practice mill. */
export const TRAY = {
  springFinder: {
    id: 'spring-finder-10',
    name: 'Spring finder 10',
    kind: 'spring-finder',
    diameter: 10,
    length: 80,
    mostRpm: 1500,
  },
  ringFinder: {
    id: 'ring-finder-19',
    name: 'Ring finder 19',
    kind: 'bearing-finder',
    diameter: 19,
    length: 70,
    mostRpm: 200,
  },
  // A probe never turns.
  probe: { id: 'probe-4', name: 'Probe, 4 mm ball', kind: 'probe', diameter: 4, length: 90, mostRpm: 0 },
  pin: { id: 'pin-6', name: 'Gauge pin 6', kind: 'pin', diameter: 6, length: 60 },
  cutter: { id: 'end-mill-10', name: 'End mill 10', kind: 'cutter', diameter: 10, length: 65, sticksOut: 2 },
  drill: { id: 'drill-4-2', name: 'Drill 4.2', kind: 'cutter', diameter: 4.2, length: 78, sticksOut: 2 },
  spot: { id: 'spot-drill-6', name: 'Spot drill 6', kind: 'cutter', diameter: 6, length: 58, sticksOut: 2 },
} as const satisfies Record<string, Contact>;

export const BETWEENS = {
  feeler: { id: 'feeler-005', name: 'Feeler 0.05', kind: 'feeler', thickness: 0.05 },
  paper: { id: 'paper', name: 'Paper 0.10', kind: 'paper', thickness: 0.1 },
  plate: {
    id: 'touch-plate',
    name: 'Touch plate, marked 12.70',
    kind: 'plate',
    thickness: 12.7,
    thinner: { least: 0.15, most: 0.4 },
  },
  block: { id: 'block-10', name: 'Block 10', kind: 'block', thickness: 10 },
} as const satisfies Record<string, Between>;

const GAUGES: readonly Gauge[] = [
  { id: 'spring-finder-10', name: 'Spring finder 10', kind: 'spring-finder', nominal: 10, maxRpm: 1500 },
  { id: 'ring-finder-19', name: 'Ring finder 19', kind: 'bearing-finder', nominal: 19, maxRpm: 200 },
  { id: 'probe-4', name: 'Probe, 4 mm ball', kind: 'probe', nominal: 4 },
  { id: 'pin-6', name: 'Gauge pin 6', kind: 'pin', nominal: 6 },
  { id: 'feeler-005', name: 'Feeler 0.05', kind: 'feeler', nominal: 0.05 },
  { id: 'paper', name: 'Paper 0.10', kind: 'paper', nominal: 0.1 },
  { id: 'block-10', name: 'Block 10', kind: 'block', nominal: 10 },
  { id: 'touch-plate', name: 'Touch plate, marked 12.70', kind: 'touch-plate', nominal: 12.7 },
];

/** The orrery's foot plate, as big as fits the screen. */
const PART: Part = {
  id: 'foot-plate',
  name: 'Foot plate',
  material: 'brass',
  size: { x: 60, y: 40, z: 12 },
  holes: [],
};

/** The same with its bearing bore. */
export const BORE = { id: 'bearing-bore', name: 'Bearing bore', x: 30, y: 20, diameter: 26 } as const;

const BORED: Part = {
  ...PART,
  id: 'foot-plate-bored',
  shapes: [{ kind: 'bore', id: BORE.id, name: BORE.name, at: { x: BORE.x, y: BORE.y }, diameter: BORE.diameter }],
};

const axis = { step: 0.005, travel: 400 };

const KNEE: Machine = {
  id: 'practice-knee-mill',
  name: 'Knee mill, practice',
  kind: 'readout',
  units: 'mm',
  axes: { x: axis, y: axis, z: axis },
  habits: { answerFirst: 'preset', toolLengthSchool: 'reference-tool' },
  scale: 'readout',
};

const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' } as const;
const dialled = { step: 0.025, travel: 300, dial };

const BENCH: Machine = {
  ...KNEE,
  id: 'practice-bench-mill',
  name: 'Bench mill, practice',
  kind: 'dials',
  axes: { x: dialled, y: dialled, z: dialled },
  scale: 'dial',
};

/** A readout on the table: the play of the screws does not show. */
export const kneeMill = (contacts: readonly Contact[], betweens: readonly Between[] = []): MillSpec => ({
  step: { x: 0.005, y: 0.005, z: 0.005 },
  reads: 'table',
  play: { x: 0.08, y: 0.08, z: 0 },
  contacts,
  betweens,
  part: PART.size,
});

/** Collars on the screws: what they say is true only from the side the play is taken up on. */
export const benchMill = (contacts: readonly Contact[], betweens: readonly Between[] = []): MillSpec => ({
  ...kneeMill(contacts, betweens),
  step: { x: 0.025, y: 0.025, z: 0.025 },
  reads: 'screw',
  play: { x: 0.18, y: 0.22, z: 0 },
});

interface PracticeSetup {
  machine?: 'knee' | 'bench';
  bored?: boolean;
  plan?: Partial<Plan>;
  heights?: DatumPlan['heights'];
}

/** A set-up on the practice mill: kept apart from the shop's by its purpose, its machine and its gauges. */
export function practiceSnapshot(id: string, at: string, name: string, setup: PracticeSetup = {}): Snapshot {
  const machine = setup.machine === 'bench' ? BENCH : KNEE;
  const part = setup.bored ? BORED : PART;
  return {
    setup: {
      id,
      name,
      machineId: machine.id,
      partId: part.id,
      partZero: 'front-left',
      tolerance: 0.1,
      units: 'mm',
      finderId: TRAY.springFinder.id,
      heightGaugeId: BETWEENS.block.id,
      referenceTool: 1,
      feeler: 0,
      holdingId: 'vise',
      note: '',
      ...setup.plan,
      purpose: 'practice',
      createdAt: at,
      changedAt: at,
    },
    machine,
    part,
    gauges: [...GAUGES],
    cutters: [
      { id: TRAY.cutter.id, name: TRAY.cutter.name, diameter: TRAY.cutter.diameter, kind: 'end-mill' },
      { id: TRAY.drill.id, name: TRAY.drill.name, diameter: TRAY.drill.diameter, kind: 'drill' },
      { id: TRAY.spot.id, name: TRAY.spot.name, diameter: TRAY.spot.diameter, kind: 'spot-drill' },
    ],
    magazine: {
      id: machine.id,
      tools: [
        { number: 1, cutterId: TRAY.cutter.id },
        { number: 2, cutterId: TRAY.drill.id },
        { number: 3, cutterId: TRAY.spot.id },
      ],
    },
    calibrations: [],
    readings: [],
    zeroings: [],
    patterns: [],
    holdings: DEFAULT_HOLDINGS,
    checks: [],
    alignments: [],
    sweeps: [],
    readBacks: [],
    interruptions: [],
    datumPlan: setup.heights ? { ...EMPTY_DATUM_PLAN, heights: setup.heights } : EMPTY_DATUM_PLAN,
    repeatability: [],
    toolTable: null,
    cutPlan: EMPTY_CUT_PLAN,
    indexPlan: EMPTY_INDEX_PLAN,
    obstacles: NO_OBSTACLES,
    programChecks: [],
    measurements: [],
    firstParts: [],
    versions: {},
    seq: 0,
  };
}
