import { act } from '../mill/reduceMill';
import { boxOf, topOf } from '../mill/box';
import type { MillAct } from '../mill/millAct';
import { feel } from '../mill/contact';
import { tipOf } from '../mill/toolTip';
import type { Surface } from '../mill/surface';
import type { Mill } from '../mill/mill';
import type { Approach, Axis } from '../../schema/quantities';
import { shows, zeroInSight } from '../mill/scaleReading';

/** A scripted hand at the mill: it sees what a person sees, and moves as one does. */
export interface Hand {
  mill: () => Mill;
  do: (what: MillAct) => void;
  /** Moves an axis until the mill's own coordinate is this: by eye, for what needs no figure. */
  toward: (axis: Axis, place: number) => void;
  /** Moves an axis until the scale shows this. */
  drive: (axis: Axis, shown: number) => void;
  reads: (axis: Axis) => number;
}

export function handAt(start: Mill): Hand {
  let mill = start;
  const done = (what: MillAct) => {
    mill = act(mill, what);
  };
  return {
    mill: () => mill,
    do: done,
    toward: (axis, place) => done({ do: 'move', axis, by: place - mill.at[axis] }),
    // By a scale on the table the play is driven through until it follows.
    drive: (axis, shown) => {
      const off = () =>
        shown + zeroInSight(mill)[axis] - (mill.spec.reads === 'table' ? mill.at[axis] : mill.screw[axis]);
      for (let i = 0; Math.abs(off()) > 1e-9 && i < 5 && !mill.broken; i += 1) done({ do: 'move', axis, by: off() });
    },
    reads: (axis) => shows(mill, axis),
  };
}

/** Where a side or a wall is come at from, and which way. */
const SIDES: Readonly<Record<Exclude<Surface, 'top'>, { axis: 'x' | 'y'; way: Approach }>> = {
  'bore-left': { axis: 'x', way: -1 },
  'bore-right': { axis: 'x', way: 1 },
  'bore-front': { axis: 'y', way: -1 },
  'bore-back': { axis: 'y', way: 1 },
  left: { axis: 'x', way: 1 },
  right: { axis: 'x', way: -1 },
  front: { axis: 'y', way: 1 },
  back: { axis: 'y', way: -1 },
};

/** Height above the part that is surely clear, and depth beside it that is surely on the face, mm. */
const CLEAR = 15;
const DEPTH = 4;

/** Brings the tool's end so far above the part's top, mm, by eye. */
export function lowerTo(hand: Hand, above: number): void {
  const mill = hand.mill();
  hand.toward('z', topOf(mill) + above + mill.at.z - tipOf(mill));
}

/** Raises until everything is clear of the part. */
export function raise(hand: Hand): void {
  lowerTo(hand, CLEAR);
}

/** Stands in the bore, low, about in its middle. */
export function standInBore(hand: Hand): void {
  const box = boxOf(hand.mill());
  const { spec } = hand.mill();
  raise(hand);
  for (const axis of ['x', 'y'] as const) hand.toward(axis, (box?.corner[axis] ?? 0) + (spec.bore?.[axis] ?? 0));
  lowerTo(hand, -DEPTH);
}

/** Stands before a side, low, some way off it; so far along it as a share of its length. */
export function standBefore(hand: Hand, surface: Exclude<Surface, 'top'>, along = 0.5): void {
  const { held } = hand.mill();
  const box = boxOf(hand.mill());
  if (!box) return;
  const { axis } = SIDES[surface];
  const other = axis === 'x' ? 'y' : 'x';
  const off = (held?.diameter ?? 0) / 2 + 5;
  const low = surface === 'left' || surface === 'front';
  raise(hand);
  hand.toward(other, box.corner[other] + box.size[other] * along);
  hand.toward(axis, box.corner[axis] + (low ? -off : box.size[axis] + off));
  lowerTo(hand, -DEPTH);
}

/** So far a hand steps while it only wants to know where, and so far a touch may come before the last one, mm. */
const ROUGHLY = 0.02;
const SCATTER = 0.12;

/** So fine a hand goes at last, mm; and so far it backs off between touches. */
const FINEST = 0.002;
const BACK = 0.6;

/** Comes at a side until it is found: quickly while nothing shows, then by thousandths. */
export function findSide(hand: Hand, surface: Exclude<Surface, 'top'>): number {
  const { axis, way } = SIDES[surface];
  const found = () => feel(hand.mill()) === 'found' || hand.mill().broken !== undefined;
  const step = (by: number) => hand.do({ do: 'move', axis, by: way * by });
  for (let i = 0; feel(hand.mill()) === 'clear' && !hand.mill().broken && i < 200; i += 1) step(0.2);
  // Once roughly, to know where; then back, and by thousandths.
  for (let i = 0; feel(hand.mill()) === 'near' && !hand.mill().broken && i < 100; i += 1) step(ROUGHLY);
  if (hand.mill().broken) return hand.reads(axis);
  step(-(BACK + hand.mill().spec.play[axis]));
  step(BACK + hand.mill().spec.play[axis] - ROUGHLY - SCATTER);
  // A probe is come at by finer steps: the last one overshoots by half of it on average.
  const finest = hand.mill().held?.kind === 'probe' ? FINEST / 4 : FINEST;
  for (let i = 0; !found() && i < 1600; i += 1) step(finest);
  return hand.reads(axis);
}

/** Backs off, on the way it came. */
export function backOff(hand: Hand, surface: Exclude<Surface, 'top'>): void {
  const { axis, way } = SIDES[surface];
  hand.do({ do: 'move', axis, by: -way * (BACK + hand.mill().spec.play[axis]) });
}

/** So many touches of a side, each come at again. */
export function touchesOf(hand: Hand, surface: Exclude<Surface, 'top'>, times: number): number[] {
  return Array.from({ length: times }, (_, i) => {
    if (i > 0) backOff(hand, surface);
    return findSide(hand, surface);
  });
}

/** Stands over the middle of the part, so high above it, mm. */
export function standOver(hand: Hand, above: number): void {
  const box = boxOf(hand.mill());
  if (!box) return;
  raise(hand);
  for (const axis of ['x', 'y'] as const) hand.toward(axis, box.corner[axis] + box.size[axis] / 2);
  lowerTo(hand, above);
}

/** Comes down onto what gives way, by the finest step, until it drags. */
export function comeDownTo(hand: Hand): number {
  const down = (by: number) => hand.do({ do: 'move', axis: 'z', by: -by });
  for (let i = 0; feel(hand.mill()) === 'clear' && i < 200; i += 1) down(0.2);
  // A light shows less than paper lets feel: it is come at by less.
  const finest = hand.mill().between?.kind === 'sensor' ? FINEST / 4 : FINEST;
  for (let i = 0; feel(hand.mill()) === 'near' && !hand.mill().broken && i < 1600; i += 1) down(finest);
  return hand.reads('z');
}

/** Raises by steps, trying the block each time, until it passes. */
export function raisePast(hand: Hand, step: number): number {
  for (let i = 0; feel(hand.mill()) === 'past' && i < 2000; i += 1) hand.do({ do: 'move', axis: 'z', by: step });
  return hand.reads('z');
}
