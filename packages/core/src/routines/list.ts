import { BACKLASH } from './axes';
import { BALL_TRUED, BY_BLOCK, FIXED_FACE, HAND_TURNED } from './finders';
import { AGAINST_BLOCKS, AXIS_SCALE, BY_INSTRUMENT, FIXED_SPOT } from './instruments';
import { IN_RING, ON_ARM, PROBE_LENGTH } from './probes';
import { BY_BORE, BY_MAKER, TRIAL_TURN } from './rotary';
import { BY_ANGLES, BY_FLIP } from './rotaryCentres';
import { SETTER_HEIGHT, SETTER_SIDES } from './setters';
import type { Routine, RoutineSubject } from './routine';

/** Every guided routine, in the order they are offered. */
export const ROUTINES: readonly Routine[] = [
  IN_RING,
  BALL_TRUED,
  PROBE_LENGTH,
  SETTER_HEIGHT,
  SETTER_SIDES,
  BY_BLOCK,
  BY_INSTRUMENT,
  AGAINST_BLOCKS,
  FIXED_FACE,
  HAND_TURNED,
  ON_ARM,
  BACKLASH,
  AXIS_SCALE,
  FIXED_SPOT,
  TRIAL_TURN,
  BY_FLIP,
  BY_BORE,
  BY_ANGLES,
  BY_MAKER,
];

/** Those that a thing can be qualified by. */
export const routinesFor = (subject: RoutineSubject): Routine[] => ROUTINES.filter(({ suits }) => suits(subject));

/** @returns undefined where the thing has no such routine */
export const routineNamed = (subject: RoutineSubject, name: string): Routine | undefined =>
  routinesFor(subject).find((routine) => routine.name === name);
