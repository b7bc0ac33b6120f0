import { EMPTY_CUT_PLAN } from '../../records/setup/cutPlan';
import { EMPTY_DATUM_PLAN, type DatumPlan } from '../../records/setup/datumPlan';
import type { Calibration } from '../../records/shop/calibration';
import type { Gauge } from '../../records/shop/gauge';
import { EMPTY_INDEX_PLAN } from '../../records/setup/indexPlan';
import type { Machine } from '../../records/shop/machine';
import { NO_OBSTACLES } from '../../records/setup/obstacles';
import type { Part } from '../../records/shop/part';
import type { Plan } from '../../records/setup/plan';
import type { Snapshot } from '../../records/snapshots/snapshot';
import { DEFAULT_WORKHOLDING } from '../../workholding/defaultHoldings';
import type { Between, Contact, MillSpec } from '../mill/millSpec';

/** What lies in the tray of the practice mill. */
export const TRAY = {
  springFinder: {
    id: 'spring-finder-10',
    name: 'Edge finder 10',
    kind: 'spring-finder',
    diameter: 10,
    length: 80,
    mostRpm: 1500,
  },
  ringFinder: {
    id: 'ring-finder-19',
    name: 'Bearing edge finder 19',
    kind: 'bearing-finder',
    diameter: 19,
    length: 70,
    mostRpm: 200,
  },
  // A probe never turns.
  probe: { id: 'probe-4', name: 'Probe, 4 mm ball', kind: 'probe', diameter: 4, length: 90, mostRpm: 0 },
  // Its lamp lights through the part and a clip: the spindle stands.
  lamp: { id: 'lamp-finder-10', name: 'Electronic edge finder 10', kind: 'contact-light', diameter: 10, length: 75 },
  indicator: { id: 'lever-indicator', name: 'Lever indicator', kind: 'indicator', diameter: 2, length: 95 },
  // Its nose; a tenth wider with every millimetre up.
  plug: { id: 'plug-24', name: 'Centring plug, in a collet', kind: 'plug', diameter: 24, length: 90 },
  chucked: {
    id: 'plug-24-chuck',
    name: 'Centring plug, in the drill chuck',
    kind: 'plug',
    diameter: 24,
    length: 110,
    runsOut: 0.12,
    inChuck: true,
  },
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
  spot: { id: 'spot-plate', name: 'Touch plate on its spot', kind: 'plate', thickness: 12.42 },
  setter: { id: 'tool-setter', name: 'Tool setter 50', kind: 'setter', thickness: 50 },
  sensor: { id: 'ball-sensor', name: 'Ball sensor on its arm', kind: 'sensor', thickness: 5 },
  stand: { id: 'stand', name: 'Indicator on its stand', kind: 'stand', thickness: 5 },
} as const satisfies Record<string, Between>;

const GAUGES: readonly Gauge[] = [
  { id: 'spring-finder-10', name: 'Edge finder 10', kind: 'spring-finder', nominal: 10, maxRpm: 1500 },
  { id: 'ring-finder-19', name: 'Bearing edge finder 19', kind: 'bearing-finder', nominal: 19, maxRpm: 200 },
  { id: 'probe-4', name: 'Probe, 4 mm ball', kind: 'probe', nominal: 4 },
  { id: 'pin-6', name: 'Gauge pin 6', kind: 'pin', nominal: 6 },
  { id: 'feeler-005', name: 'Feeler 0.05', kind: 'feeler', nominal: 0.05 },
  { id: 'paper', name: 'Paper 0.10', kind: 'paper', nominal: 0.1 },
  { id: 'block-10', name: 'Block 10', kind: 'block', nominal: 10 },
  { id: 'touch-plate', name: 'Touch plate, marked 12.70', kind: 'touch-plate', nominal: 12.7 },
  { id: 'lamp-finder-10', name: 'Electronic edge finder 10', kind: 'contact-light', nominal: 10 },
  { id: 'lever-indicator', name: 'Lever indicator', kind: 'indicator', nominal: 0, resolution: 0.002, range: 0.8 },
  { id: 'spot-plate', name: 'Touch plate on its spot', kind: 'touch-plate', nominal: 12.42 },
  { id: 'tool-setter', name: 'Tool setter 50', kind: 'setter', nominal: 50 },
  { id: 'master-100', name: 'Master tool 100', kind: 'master-tool', nominal: 100 },
  { id: 'ring-25', name: 'Ring 25.001', kind: 'ring', nominal: 25.001 },
  { id: 'ball-sensor', name: 'Ball sensor on its arm', kind: 'contact-light', nominal: 10 },
  { id: 'bore-gauge', name: 'Bore gauge', kind: 'bore-gauge', nominal: 0, resolution: 0.001 },
];

/** The orrery's foot plate, as big as fits the screen. */
export const PART: Part = {
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

/** Its tools are touched at one spot at every change. */
const AT_EVERY_CHANGE: Machine = {
  ...KNEE,
  id: 'practice-change-mill',
  habits: { answerFirst: 'preset', toolLengthSchool: 'touch-every-change' },
};

/** A table that tilts; a trial turn has shown which way. */
const TILT: Machine = {
  ...KNEE,
  id: 'practice-tilt-mill',
  name: 'Tilting table, practice',
  kind: 'machining-centre',
  scale: 'machine',
  rotary: [{ name: 'A', sense: 1, limits: { from: -90, to: 90 } }],
};

/** It faces along Y, and has no X. */
const FACING: Machine = { ...KNEE, id: 'practice-facing-mill', name: 'Facing mill, practice', without: ['x'] };

/** It homes by switches, and keeps what was set in its own coordinates. */
const ROUTER: Machine = {
  ...KNEE,
  id: 'practice-router',
  name: 'Gantry router, practice',
  kind: 'router',
  scale: 'machine',
  homing: 'homes',
  workOffsets: ['G54', 'G55', 'G56'],
  jogSteps: [10, 1, 0.1, 0.02],
  habits: { answerFirst: 'work-offset', toolLengthSchool: 'touch-every-change' },
};

const MACHINES = {
  router: ROUTER,
  knee: KNEE,
  facing: FACING,
  bench: BENCH,
  change: AT_EVERY_CHANGE,
  tilt: TILT,
} as const;

const senseSeen = (at: string): Calibration => ({
  id: 'practice-sense',
  of: { kind: 'rotary', machineId: TILT.id, axis: 'A' },
  found: { what: 'sense', value: 1 },
  from: at,
  at,
  seq: 0,
  receivedAt: at,
});

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
  machine?: keyof typeof MACHINES | Machine;
  /** What is known of its axes. */
  calibrations?: readonly Calibration[];
  /** Another part than the foot plate, or the foot plate with its bore. */
  part?: Part;
  bored?: boolean;
  plan?: Partial<Plan>;
  heights?: DatumPlan['heights'];
  datum?: Partial<DatumPlan>;
  more?: Partial<Pick<Snapshot, 'alignments' | 'patterns' | 'cutPlan' | 'cutters'>>;
}

/** A setup on the practice mill: kept apart from the shop's by its purpose, its machine and its gauges. */
export function practiceSnapshot(id: string, at: string, name: string, setup: PracticeSetup = {}): Snapshot {
  const { machine: named = 'knee' } = setup;
  const machine = typeof named === 'string' ? MACHINES[named] : named;
  const part = setup.part ?? (setup.bored ? BORED : PART);
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
    calibrations: [...(machine === TILT ? [senseSeen(at)] : []), ...(setup.calibrations ?? [])],
    readings: [],
    zeroings: [],
    patterns: [],
    holdings: DEFAULT_WORKHOLDING,
    checks: [],
    alignments: [],
    sweeps: [],
    readBacks: [],
    interruptions: [],
    datumPlan: { ...EMPTY_DATUM_PLAN, ...setup.datum, ...(setup.heights && { heights: setup.heights }) },
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
    ...setup.more,
  };
}
