import { z } from 'zod';
import { id, length, moment, positiveLength } from '../../schema/quantities';
import { toolNumber } from '../../schema/toolNumber';
import { FACES } from '../values/faces';
import { source } from '../values/source.schema';

/** A hole of a pattern, by its number in it from 1. */
const holeOf = z.object({ pattern: id, hole: z.number().int().min(1).max(10_000) });

/** Limits of size, mm, where they were told. */
const limits = z
  .object({ low: length, high: length })
  .refine(({ low, high }) => low <= high, { error: 'must not be less than the lower one', path: ['high'] })
  .optional();

/** What of a finished part is measured. Lengths mm. */
export const measuredThing = z.discriminatedUnion('kind', [
  /** The diameter of a hole. */
  z.object({ kind: z.literal('size'), of: holeOf, limits }),
  /** Over two pins that sit in two holes, and what the pins measure. */
  z.object({ kind: z.literal('chord'), from: holeOf, to: holeOf, pins: z.tuple([positiveLength, positiveLength]) }),
  /** From a face of the part to a pin in a hole: to its far side, pin and all. */
  z.object({ kind: z.literal('edge'), of: holeOf, face: z.enum(FACES), pin: positiveLength }),
  /** A hole's place from part zero, along one axis: by a DRO, a probe or a measuring machine. */
  z.object({ kind: z.literal('place'), of: holeOf, axis: z.enum(['x', 'y']) }),
  /** A thickness, a step, a depth, that one tool made; against what it should be. */
  z.object({
    kind: z.literal('height'),
    name: z.string().trim().min(1, { error: 'must not be empty' }).max(80, { error: 'must be at most 80 characters' }),
    should: length,
    tool: toolNumber.optional(),
    /** A floor that lies too low makes a thickness less, and a depth more. */
    counts: z.enum(['thickness', 'depth']),
    limits,
  }),
  /** A wall or rib across, that both sides were cut of. */
  z.object({
    kind: z.literal('wall'),
    name: z.string().trim().min(1, { error: 'must not be empty' }).max(80, { error: 'must be at most 80 characters' }),
    should: positiveLength,
    limits,
  }),
]);

export type MeasuredThing = z.output<typeof measuredThing>;
export type HoleOf = z.output<typeof holeOf>;

/** Something of a finished part, measured. The last one of a thing counts; the earlier ones stay. */
export const measurement = z
  .object({
    id,
    of: measuredThing,
    gaugeId: id,
    /** What the gauge shows, mm. */
    value: length,
    source,
    at: moment,
  })
  .meta({ id: 'Measurement' });

export type NewMeasurement = z.output<typeof measurement>;
