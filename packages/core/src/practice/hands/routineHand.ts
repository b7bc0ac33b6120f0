import { routineNamed } from '../../routines/list';
import { calibratedOf, startOfNeeds, type RoutineSubject } from '../../routines/routine';
import { comeDownTo, lowerTo, raise, standBefore, standInBore, standOver, touchesOf, backOff, type Hand } from './hand';
import type { Clumsy, Worker } from './worker';
import type { Wall } from '../mill/surface';

type Readings = Record<string, number[]>;

/** Keeps what a routine makes of readings, as its page does. */
function keep(at: Worker, subject: RoutineSubject, name: string, readings: Readings): void {
  const book = at.book();
  const routine = routineNamed(subject, name);
  if (!routine) throw new RangeError(`no routine ${name}`);
  const things = { gauges: book.gauges, machines: [book.machine] };
  const told = startOfNeeds(routine.needs({ subject, gauges: book.gauges, told: {} }), things);
  const { found } = routine.result({ subject, ...things, unit: 'mm', told, readings });
  for (const one of found) {
    const body = { id: at.name(), of: calibratedOf(subject), found: one, from: at.when, at: at.when };
    at.entries.push({ kind: 'calibration', setupId: '', body } as (typeof at.entries)[number]);
  }
}

function gaugeOf(at: Worker, id: string): RoutineSubject {
  const gauge = at.book().gauges.find((one) => one.id === id);
  if (!gauge) throw new RangeError(`no gauge ${id}`);
  return { kind: 'gauge', gauge };
}

const WALLS: readonly (readonly [string, Wall])[] = [
  ['x+', 'bore-right'],
  ['x-', 'bore-left'],
  ['y+', 'bore-back'],
  ['y-', 'bore-front'],
];

/** Stands between two walls that face each other, and gives back where that is. */
function middleOf(hand: Hand, axis: 'x' | 'y'): number {
  const walls: readonly Wall[] = axis === 'x' ? ['bore-right', 'bore-left'] : ['bore-back', 'bore-front'];
  const shown = walls.map((wall) => {
    const [value = NaN] = touchesOf(hand, wall, 1);
    backOff(hand, wall);
    return value;
  });
  const middle = shown.reduce((sum, one) => sum + one, 0) / shown.length;
  hand.drive(axis, middle);
  return middle;
}

/** Four walls of a ring, each twice, then the spindle half a turn on, and again. */
export function probeInRing(at: Worker, gaugeId: string): void {
  const { hand } = at;
  standInBore(hand);
  const readings: Readings = {};
  // Walls are true across the middle alone: that is found first, roughly.
  const middle = { x: middleOf(hand, 'x'), y: middleOf(hand, 'y') };
  const backToMiddle = () => {
    for (const axis of ['x', 'y'] as const) hand.drive(axis, middle[axis]);
  };
  for (const end of ['', 't']) {
    for (const [key, wall] of WALLS) {
      readings[key + end] = touchesOf(hand, wall, 2);
      backOff(hand, wall);
      backToMiddle();
    }
    if (end === '') hand.do({ do: 'turn', by: 180 });
  }
  keep(at, gaugeOf(at, gaugeId), 'in-ring', readings);
}

/** So far up between touches of what answers by a light, mm. */
const UP = 0.5;

const fromAbove = (hand: Hand, times: number): number[] =>
  Array.from({ length: times }, () => {
    hand.do({ do: 'move', axis: 'z', by: UP });
    return comeDownTo(hand);
  });

/** A master tool on a setter, five times. */
export function setterByMaster(at: Worker, gaugeId: string, thick: number): void {
  at.hand.do({ do: 'put', between: undefined });
  standOver(at.hand, thick + 3);
  at.hand.do({ do: 'put', between: gaugeId });
  keep(at, gaugeOf(at, gaugeId), 'setter-height', { touch: fromAbove(at.hand, 5) });
}

/** A table's face from behind at +90, from the front at −90, from above at 0. */
export function flipFace(at: Worker, { tilts }: Clumsy): void {
  const { hand } = at;
  const { machine } = at.book();
  const clear = () => hand.toward('z', 0);
  clear();
  hand.do({ do: 'index', by: 90 });
  standBefore(hand, 'back');
  const face1 = touchesOf(hand, 'back', 3);
  if (tilts !== 'low') clear();
  hand.do({ do: 'index', by: -180 });
  if (hand.mill().broken) return;
  standBefore(hand, 'front');
  const face2 = touchesOf(hand, 'front', 3);
  clear();
  hand.do({ do: 'index', by: 90 });
  standOver(hand, 3);
  const length = hand.mill().held?.length ?? 0;
  const faceZ = fromAbove(hand, 3).map((z) => z - length);
  raise(hand);
  lowerTo(hand, 20);
  const sense = machine.rotary?.find(({ name }) => name === 'A')?.confirmed;
  keep(at, { kind: 'rotary', machine, axis: 'A', sense }, 'centre-by-flip', { face1, face2, faceZ });
}
