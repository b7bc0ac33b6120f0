import { z } from 'zod';
import { MAX_LENGTH } from '../units/unit';

const beyond = 'must be between -10000 and 10000 mm; check the decimal point and the unit';

/** Any length or coordinate, mm. */
export const length = z
  .number({ error: 'must be a number of millimetres' })
  .min(-MAX_LENGTH, { error: beyond })
  .max(MAX_LENGTH, { error: beyond })
  .meta({ description: 'millimetres' });

/** The least length that is something in a shop, mm: a nanometre; what is less is a slip of the keys. */
const LEAST_LENGTH = 1e-6;

/** A length that is something, mm. */
export const positiveLength = length
  .gt(0, { error: 'must be greater than zero' })
  .min(LEAST_LENGTH, { error: 'must be at least 0.000001 mm; check the figure and the unit' });

/** Less than this is no figure anybody typed or reckoned: sums of it lose every digit, mm. */
const NEXT_TO_NOTHING = 1e-30;

/** A length that may be nothing, mm. */
export const nonNegativeLength = length
  .min(0, { error: 'must not be negative' })
  .refine((mm) => mm === 0 || mm >= NEXT_TO_NOTHING, { error: 'must be zero, or something that can be seen' });

/** How well a length is known: one standard deviation, mm. Its field is called u, or begins with it. */
export const standardU = nonNegativeLength.meta({ description: 'standard uncertainty, mm' });

/** How well a length is known, expanded to 95 %, mm. Its field is called U, or ends with it. */
export const expandedU = nonNegativeLength.meta({ description: 'U, mm at 95 %' });

/** An angle in degrees, counter-clockwise seen from above. */
export const angle = z
  .number({ error: 'must be a number of degrees' })
  .min(-3600, { error: 'must be between -3600 and 3600 degrees' })
  .max(3600, { error: 'must be between -3600 and 3600 degrees' })
  .meta({ description: 'degrees, counter-clockwise from +X seen from above' });

/** +1 when the tool moves toward + on that axis as it touches, else -1. */
export const approach = z
  .union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' })
  .meta({ description: '+1 when the tool moves toward + as it touches, else -1' });

/** An identifier made by the client: a UUID, or a short readable one as the demo shop uses. */
export const id = z.string({ error: 'must be a text' }).regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/, {
  error: 'must be 1 to 64 letters, digits, - or _, starting with a letter or digit',
});

/** A line of text has no line ends in it, nor other signs that cannot be seen: it may come to stand in a program. */
export const isOneLine = (text: string): boolean => !/[\p{Cc}\p{Cf}\u2028\u2029]/u.test(text);

/** A name people give to a thing. */
export const name = z
  .string({ error: 'must be a text' })
  .trim()
  .refine(isOneLine, { error: 'must be one line, without signs that cannot be seen' })
  .min(1, { error: 'must not be empty' })
  .max(80, { error: 'must be at most 80 characters' });

/** A moment, ISO 8601 in UTC. */
export const moment = z.iso.datetime({ error: 'must be a date and time as 2026-11-24T09:30:00.000Z' });

/** A day, ISO 8601. */
export const day = z.iso.date({ error: 'must be a day as 2026-11-24' });

export const unit = z.enum(['mm', 'in'], { error: 'must be mm or in' });

export const axis = z.enum(['x', 'y', 'z'], { error: 'must be x, y or z' });

export type Approach = z.output<typeof approach>;
export type Axis = z.output<typeof axis>;
