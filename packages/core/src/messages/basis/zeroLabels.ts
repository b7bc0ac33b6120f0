import type { PartZero } from '../../records/setup/plan';

/** Where zero may lie, in words. */
export const ZERO_LABELS: Readonly<Record<PartZero, string>> = {
  'front-left': 'front left corner',
  'front-right': 'front right corner',
  'back-left': 'back left corner',
  'back-right': 'back right corner',
  centre: 'centre',
};
