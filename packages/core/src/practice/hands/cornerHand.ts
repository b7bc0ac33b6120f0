import { featureAnswer } from '../../state/datum/featureAnswer';
import { FACE_TOUCH } from '../../datum/partFrame';
import { backOff, raise, standBefore, touchesOf } from './hand';
import type { Clumsy, Worker } from './worker';

/** Which faces are touched where along them, as shares of their length: two places of the long one tell how it lies. */
const PLACES = [
  ['front', 0.12],
  ['front', 0.88],
  ['left', 0.3],
] as const;

const TOUCHES = 3;

/** A turned part's corner: touched at three places, each logged with where along the face it was; X and Y set over it, all raised. */
export function cornerOfTurned(at: Worker, { sets = (said) => said }: Clumsy): void {
  const { hand } = at;
  const feature = { kind: 'corner', corner: 'front-left' } as const;
  for (const [face, along] of PLACES) {
    standBefore(hand, face, along);
    const { axis } = FACE_TOUCH[face];
    const values = touchesOf(hand, face, TOUCHES);
    const across = hand.reads(axis === 'x' ? 'y' : 'x');
    for (const value of values) at.touch({ kind: 'face', face }, axis, value, { across });
    backOff(hand, face);
    raise(hand);
  }
  const answer = featureAnswer(at.book(), feature);
  for (const axis of ['x', 'y'] as const) {
    const found = answer?.[axis];
    if (!found) continue;
    hand.drive(axis, found.found);
    at.set(feature, axis, sets(found.nominal));
  }
}
