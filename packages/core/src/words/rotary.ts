import type { RotaryLetter } from '../rotary/turn';

const SEEN_FROM: Readonly<Record<RotaryLetter, string>> = {
  A: 'from the right',
  B: 'from behind',
  C: 'from above',
};

/** Where a rotary axis is looked at from its plus end. */
export const turnSeenFrom = (axis: RotaryLetter): string => SEEN_FROM[axis];
