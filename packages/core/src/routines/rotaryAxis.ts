import { Refusal } from '../problem/problem';
import { acrossNames, type RotaryLetter } from '../rotary/turn';
import type { Axis } from '../schema/quantities';
import type { Routine, RoutineState, RoutineSubject } from './routine';

/** Whether a thing is a rotary axis. */
export const isRotary = (subject: RoutineSubject): boolean => subject.kind === 'rotary';

export type RotarySubject = Extract<RoutineSubject, { kind: 'rotary' }>;

export function own({ subject }: Pick<RoutineState, 'subject'>): RotarySubject {
  if (subject.kind !== 'rotary') throw new RangeError('this routine is of a rotary axis');
  return subject;
}

/** The two linear axes across a rotary one, in the order its centre has them. */
export const across = (axis: RotaryLetter): readonly [Axis, Axis] => {
  const [first, second] = acrossNames(axis);
  return [first.toLowerCase() as Axis, second.toLowerCase() as Axis];
};

/** A linear axis by name in a question: a centre has no tool in its Z. */
export const isOnAxis = (linear: Axis): string =>
  linear === 'z' ? 'Z, less the length of the finder' : linear.toUpperCase();

/** What is said first where the machine has other rotary axes: they carry this one, or are carried by it. */
export function othersAtZero({ machine, axis }: RotarySubject): string {
  const others = (machine.rotary ?? []).filter(({ name }) => name !== axis).map(({ name }) => name);
  return others.length === 0 ? '' : `${others.join(' and ')} at zero. `;
}

/** @throws Refusal while nobody saw which way it counts */
export function requireSense({ axis, sense }: RotarySubject): 1 | -1 {
  if (sense === undefined) {
    throw new Refusal({
      code: 'sense-unconfirmed',
      field: 'sense',
      message: `The direction of ${axis} counts. Make its trial turn first.`,
    });
  }
  return sense;
}

/** The centre that was found, as a result: its two coordinates with their ±, and the row that keeps it. */
export function centreResult(
  state: RoutineState,
  at: [number, number],
  U: [number, number],
  by: 'bore' | 'flip' | 'angles' | 'maker',
  rest: Pick<ReturnType<Routine['result']>, 'reference' | 'uncertainty' | 'tape' | 'cautions' | 'notes'> & {
    more?: ReturnType<Routine['result']>['lines'];
  },
): ReturnType<Routine['result']> {
  const { axis } = own(state);
  const [first, second] = acrossNames(axis);
  const { more = [], ...told } = rest;
  return {
    ...told,
    lines: [
      { say: `Centre of ${axis}, ${first}`, value: at[0], U: U[0], signed: true },
      { say: `Centre of ${axis}, ${second}`, value: at[1], U: U[1], signed: true },
      ...more,
    ],
    found: [{ what: 'centre', at, U, by }],
  };
}
