import { z } from 'zod';
import { length, nonNegativeLength, positiveLength } from './quantities';
import { touchMethod } from './touch';

/** +1 when pressing the stylus in makes the reading larger, -1 when it makes it smaller. */
export const indicatorSense = z
  .union([z.literal(1), z.literal(-1)], { error: 'must be 1 (pressed is plus) or -1 (pressed is minus)' })
  .meta({ description: '1 where pressing the stylus in makes the reading larger, -1 where smaller' });

/** An indicator as a calculation needs it. */
export const indicatorUse = touchMethod
  .extend({
    sense: indicatorSense,
    /** Readings further than this from the dial's zero cannot be, mm. */
    range: positiveLength.optional(),
  })
  .meta({ id: 'IndicatorUse' });

/** Readings of one place, mm: the mean counts. */
export const placeReadings = z
  .array(length)
  .min(1, { error: 'must hold at least one reading' })
  .max(100, { error: 'must hold at most 100 readings' });

/** How far off is still in line, mm. */
export const allowed = nonNegativeLength.gt(0, { error: 'must be greater than zero' });

export type IndicatorUse = z.output<typeof indicatorUse>;
