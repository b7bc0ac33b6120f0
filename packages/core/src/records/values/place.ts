import type { Place, ReadingScale } from './place.schema';

export type { ReadingScale, Place };

/** The zero a scale has before anybody sets it. */
export const FIRST_EPOCH = 'first';

/** Whether two numbers stand on one scale of the machine, with its rotary axes standing alike. */
export const isSamePlace = (a: Place, b: Place): boolean =>
  a.scale === b.scale && a.workOffset === b.workOffset && (a.index === b.index || sameIndex(a.index, b.index));

const sameIndex = (a: Place['index'], b: Place['index']): boolean =>
  (['A', 'B', 'C'] as const).every((axis) => (a?.[axis] ?? 0) === (b?.[axis] ?? 0));
