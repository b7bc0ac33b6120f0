import { sizeOf, uSize, uTouch } from '../state/gauges/contactSize';
import type { KnownMachine } from '../state/basis/setupState';
import type { KnownGauge } from '../state/basis/calibratedGauge';
import type { Caution } from '../cautions/caution';
import type { GaugeKind } from '../metrology/gauges/gaugeKinds';
import { mean } from '../metrology/mean';
import type { Uncertainty } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import type { Calibrated, CalibrationFound } from '../records/shop/calibration';
import type { Cutter } from '../records/shop/cutter';
import type { Axis } from '../schema/quantities';
import type { RotaryLetter } from '../rotary/turn';
import type { Working } from '../working/working';
import type { LengthUnit } from '../units/unit';

/** What is to be qualified: a thing of the shop with the calibration of it. */
export type RoutineSubject =
  | { kind: 'gauge'; gauge: KnownGauge }
  | { kind: 'cutter'; cutter: Cutter }
  | { kind: 'axis'; machine: KnownMachine; axis: Axis }
  | { kind: 'rotary'; machine: KnownMachine; axis: RotaryLetter; sense: 1 | -1 | undefined }
  | { kind: 'spot'; machine: KnownMachine };

/** Said before the first question: what it is done with, each with something that stands there at first. Lengths mm. */
export type Need =
  | { kind: 'gauge'; key: string; label: string; of: readonly GaugeKind[] }
  /** `controlled`: it is mostly done on a machine with a control, and one of those stands there at first. */
  | { kind: 'machine'; key: string; label: string; controlled?: true }
  | { kind: 'choice'; key: string; label: string; options: readonly { value: string; label: string }[] }
  | { kind: 'length'; key: string; label: string; hint?: string; start: number }
  | { kind: 'angles'; key: string; label: string; hint?: string; start: readonly number[] };

/** What a question's drawing shows. Angles degrees. */
export type RoutinePicture =
  /** A block held fast between two touches, or what is touched from both sides; the side that is next. */
  | { kind: 'sides'; next: 'plus' | 'minus' }
  /** One fixed face, come to again and again from one side. */
  | { kind: 'fixed' }
  /** An indicator at what turns in the spindle. */
  | { kind: 'turn'; angle: number }
  /** Inside a ring, toward a wall; the spindle as it stands for work, or half a turn on. */
  | { kind: 'ring'; toward: 'x+' | 'x-' | 'y+' | 'y-'; turned: boolean }
  /** Down onto something that stands on a surface; or raised past it, from beside it. */
  | { kind: 'onto'; tool: string; on: string; raised: boolean }
  /** Between the jaws of an instrument. */
  | { kind: 'jaws'; thing: string; closed: boolean }
  /** A block between an indicator and a stop, along an axis. */
  | { kind: 'travel'; axis: string; block: boolean }
  /** The table arriving at an indicator, in plus or in minus. */
  | { kind: 'arrive'; axis: string; plus: boolean }
  /** A rotary axis seen from its plus end, and its bore. */
  | { kind: 'rotary'; axis: RotaryLetter; what: 'bore' }
  /** The same with a ball: the command, and what the part has turned by, anticlockwise as it is seen. */
  | { kind: 'rotary'; axis: RotaryLetter; what: 'ball'; command: number; turn: number }
  /** The same with its bare face, and which way that looks as it is seen. */
  | { kind: 'rotary'; axis: RotaryLetter; what: 'face'; looks: 'left' | 'right' | 'up' };

/** One question: what to do, and the readings it wants. */
export interface RoutineAsk {
  key: string;
  say: string;
  /** What the figure is, at the entry. */
  label: string;
  /** Fewest readings that do, and as many as make it good. */
  least: number;
  good: number;
  picture: RoutinePicture;
  cautions?: readonly Caution[];
}

/** Everything told so far. */
export interface RoutineState {
  subject: RoutineSubject;
  gauges: readonly KnownGauge[];
  machines: readonly KnownMachine[];
  unit: LengthUnit;
  /** What was said of each need: an id, a choice, mm as text, or degrees with `;` between. */
  told: Readonly<Record<string, string>>;
  readings: Readonly<Record<string, readonly number[]>>;
}

/** One figure that was found: what it is, mm unless said, and its U. */
export interface RoutineLine {
  say: string;
  value: number;
  U?: number;
  signed?: boolean;
}

/** What every calculation gives, as a result shows it. */
export const shownOf = <T extends Pick<RoutineResult, 'uncertainty' | 'tape' | 'cautions'>>({
  uncertainty,
  tape,
  cautions,
}: T): Pick<RoutineResult, 'uncertainty' | 'tape' | 'cautions'> => ({ uncertainty, tape, cautions });

/** What comes of it. */
export interface RoutineResult {
  lines: RoutineLine[];
  /** Rows to keep, the first that matters most. */
  found: CalibrationFound[];
  reference: string;
  uncertainty: Uncertainty | null;
  tape: Working;
  cautions: readonly Caution[];
  /** Sentences of what to do with it. */
  notes: string[];
  /** The figure that is held against the calibration of the thing, mm. */
  compare?: { value: number; U: number };
}

/** A guided routine: one question at a time, from what it needs to what is kept. */
export interface Routine {
  /** Its address. */
  name: string;
  title: string;
  about: string;
  suits: (subject: RoutineSubject) => boolean;
  needs: (state: Pick<RoutineState, 'subject' | 'gauges' | 'told'>) => readonly Need[];
  asks: (state: Omit<RoutineState, 'readings'>) => readonly RoutineAsk[];
  /** @throws Refusal when the readings cannot be of what was asked */
  result: (state: RoutineState) => RoutineResult;
}

/** What is calibrated, as a row names it. */
export function calibratedOf(subject: RoutineSubject): Calibrated {
  switch (subject.kind) {
    case 'gauge':
      return { kind: 'gauge', gaugeId: subject.gauge.id };
    case 'cutter':
      return { kind: 'cutter', cutterId: subject.cutter.id };
    case 'axis':
      return { kind: 'axis', machineId: subject.machine.id, axis: subject.axis };
    case 'rotary':
      return { kind: 'rotary', machineId: subject.machine.id, axis: subject.axis };
    case 'spot':
      return { kind: 'spot', machineId: subject.machine.id };
  }
}

/** A need that has nothing to be chosen from, by its field. @throws Refusal */
export const assertNever = (field: string, message: string): never => {
  throw new Refusal({ code: 'not-told', field, message });
};

/** Gauges of some kinds that are in use, in the order the kinds are named. */
export const gaugesOfKinds = (gauges: readonly KnownGauge[], kinds: readonly GaugeKind[]): KnownGauge[] =>
  kinds.flatMap((of) => gauges.filter(({ kind, retiredOn }) => kind === of && retiredOn === undefined));

/** A CNC mill before any other control, where a control is wanted; else the first in use. */
function startOfMachines(machines: readonly KnownMachine[], controlled: boolean): KnownMachine | undefined {
  const inUse = machines.filter(({ retiredOn }) => retiredOn === undefined);
  return (
    (controlled
      ? (inUse.find(({ kind }) => kind === 'machining-centre') ?? inUse.find(({ scale }) => scale === 'machine'))
      : undefined) ?? inUse[0]
  );
}

/** What stands in each need at first. */
export function startOfNeeds(
  needs: readonly Need[],
  { gauges, machines }: Pick<RoutineState, 'gauges' | 'machines'>,
): Record<string, string> {
  const start = (need: Need): string => {
    switch (need.kind) {
      case 'gauge':
        return gaugesOfKinds(gauges, need.of)[0]?.id ?? '';
      case 'machine':
        return startOfMachines(machines, need.controlled === true)?.id ?? '';
      case 'choice':
        return need.options[0]?.value ?? '';
      case 'length':
        return String(need.start);
      case 'angles':
        return need.start.join('; ');
    }
  };
  return Object.fromEntries(needs.map((need) => [need.key, start(need)]));
}

/** The gauge that was chosen. @throws Refusal */
export const toldGauge = ({ gauges, told }: RoutineState, key: string): KnownGauge =>
  gauges.find(({ id }) => id === told[key]) ??
  assertNever(key, 'Choose what it is held against; add it to the shop first if it is not there.');

/** The machine it is done on: its own, or the one that was chosen. @throws Refusal */
export function toldMachine({ subject, machines, told }: RoutineState): KnownMachine {
  if (subject.kind !== 'gauge' && subject.kind !== 'cutter') return subject.machine;
  return machines.find(({ id }) => id === told.machine) ?? assertNever('machine', 'Choose the machine it is done on.');
}

/** A length as it was told, mm. @throws Refusal */
export const toldLength = ({ told }: Pick<RoutineState, 'told'>, key: string): number => {
  const mm = Number(told[key]);
  return told[key] === undefined || told[key] === '' || !Number.isFinite(mm)
    ? assertNever(key, 'Give this length first.')
    : mm;
};

/** Angles as they were typed, with `;` between. @throws Refusal */
export const toldAngles = ({ told }: Pick<RoutineState, 'told'>, key: string): number[] =>
  (told[key] ?? '')
    .split(';')
    .filter((part) => part.trim() !== '')
    .map((part) => {
      const degrees = Number(part.trim().replace('−', '-').replace(',', '.').replace('°', ''));
      return Number.isFinite(degrees)
        ? degrees
        : assertNever(key, `“${part.trim()}” is no angle. Type degrees with ; between, as 0; 120; 240.`);
    });

/** Readings of a question. @throws Refusal while there are none */
export const toldReadings = ({ readings }: RoutineState, key: string): number[] => {
  const all = readings[key] ?? [];
  return all.length === 0 ? assertNever(key, 'A question has no reading yet.') : [...all];
};

/** Their mean, mm. @throws Refusal while there are none */
export const toldMean = (state: RoutineState, key: string): number => mean(toldReadings(state, key));

/** How a thing of known size is taken: its size and U at 95 %, mm. */
export const knownSize = (gauge: KnownGauge): { size: number; U: number } => ({
  size: sizeOf(gauge),
  U: 2 * uSize(gauge, 'thickness'),
});

/** The way of touching with a gauge on an axis of a machine. */
export const touchingWith = (gauge: KnownGauge, machine: KnownMachine, axis: Axis) => ({
  method: { resolution: machine.axes[axis].step, methodSd: uTouch(gauge) },
  uTouch: uTouch(gauge),
});

/** The gauge that is qualified itself. @throws RangeError for any other thing: its routines suit gauges only */
export function ownGauge({ subject }: Pick<RoutineState, 'subject'>): KnownGauge {
  if (subject.kind !== 'gauge') throw new RangeError('this routine is of gauges');
  return subject.gauge;
}

export const machineNeed: Need = {
  kind: 'machine',
  key: 'machine',
  label: 'On which machine; its smallest step counts',
};

/** Of what answers a control by wire: a probe, a tool setter. */
export const controlledNeed: Need = { ...machineNeed, controlled: true };

/** Degrees as they are said in a sentence. */
export const degrees = (angle: number): string => `${angle < 0 ? '−' : ''}${Math.abs(angle)}°`;
