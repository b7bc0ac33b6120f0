import { z } from 'zod';
import { placeReadings } from '../../schema/indicator';
import { axis, id, length, moment, name, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { VOIDED_BY, CENTRE_WAYS } from './calibration';

/** A rotary axis by its letter (ISO 841): A turns about X, B about Y, C about Z. */
export const rotaryName = z.enum(['A', 'B', 'C'], { error: 'must be A, B or C' });

/** What was calibrated: a gauge of the shop, a cutter whose diameter was measured, an axis of a machine, or the spot its tools are changed at. */
export const calibrated = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('gauge'), gaugeId: id }),
  z.object({ kind: z.literal('cutter'), cutterId: id }),
  z.object({ kind: z.literal('axis'), machineId: id, axis }),
  z.object({ kind: z.literal('rotary'), machineId: id, axis: rotaryName }),
  z.object({ kind: z.literal('spot'), machineId: id }),
]);

/** U of what was found, mm, where it is known. */
const U = nonNegativeLength.optional();

/** Calibration results, mm. */
const found = z.discriminatedUnion('what', [
  /** A diameter for a finder, a thickness for a block, feeler or plate, a length for a master tool. */
  z.object({ what: z.literal('size'), value: nonNegativeLength, U }),
  /** What a corner plate adds on each axis. */
  z.object({ what: z.literal('offsets'), x: nonNegativeLength, y: nonNegativeLength, z: nonNegativeLength, U }),
  /** Total indicator reading of what turns. */
  z.object({ what: z.literal('run-out'), value: nonNegativeLength, U }),
  /** Standard uncertainty of one touch with it, or at a spot; from how many approaches, where that was told. */
  z.object({
    what: z.literal('touch'),
    value: nonNegativeLength,
    U,
    approaches: z.number().int().min(1).max(10_000).optional(),
  }),
  /** A probe's effective radius toward each wall of a ring, mm; along Y only where that was touched. */
  z.object({
    what: z.literal('radii'),
    x: z.object({ plus: length, minus: length }),
    y: z.object({ plus: length, minus: length }).optional(),
    U,
  }),
  /** Effective width of a setter's plate, which diameters are measured from, mm. */
  z.object({ what: z.literal('width'), value: positiveLength, U }),
  /** A probe's length from the gauge line, mm. */
  z.object({ what: z.literal('length'), value: positiveLength, U }),
  /** Z at which the bare gauge line would touch a setter on a machine, mm. */
  z.object({ what: z.literal('trigger'), value: length, machineId: id, U }),
  /** How far a cutter stands above a surface when a sensor on its arm answers there, mm. */
  z.object({ what: z.literal('arm'), value: length, U }),
  /** What an instrument, or the scale of an axis, reads over at known lengths, mm. */
  z.object({
    what: z.literal('errors'),
    errors: z
      .array(z.object({ at: length, error: length, U: nonNegativeLength }))
      .min(1, { error: 'must hold one place at least' })
      .max(50, { error: 'must hold at most 50 places' }),
  }),
  /** Which way a rotary axis counts, as a trial turn showed it: +1 as ISO 841 has it. */
  z.object({ what: z.literal('sense'), value: z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' }) }),
  /**
   * Centre of rotation in machine coordinates across the axis, mm: Y and Z for A, Z and X for B, X and Y for C; with U of
   * each, and how it was found.
   */
  z.object({
    what: z.literal('centre'),
    at: z.tuple([length, length]),
    U: z.tuple([nonNegativeLength, nonNegativeLength]),
    by: z.enum(CENTRE_WAYS),
  }),
  /** From now on nothing known of it counts until it is found again. */
  z.object({ what: z.literal('void'), why: z.enum(VOIDED_BY) }),
  /**
   * Spring of a boring bar that sticks out so far, mm, in a material: of what is set beyond c, mm on the diameter, the share
   * k is cut.
   */
  z.object({
    what: z.literal('spring'),
    k: z.number().gte(0.3, { error: 'must be at least 0.3' }).lte(1.1, { error: 'must be at most 1.1' }),
    c: length,
    stickOut: positiveLength,
    material: z.string().max(80),
  }),
  /** Lost motion of an axis, with the readings it comes from. */
  z.object({
    what: z.literal('backlash'),
    value: nonNegativeLength,
    U: nonNegativeLength,
    fromMinus: placeReadings,
    fromPlus: placeReadings,
  }),
]);

/** What can be found of each. */
const FOUND_OF: Readonly<Record<z.output<typeof calibrated>['kind'], readonly z.output<typeof found>['what'][]>> = {
  gauge: ['size', 'offsets', 'run-out', 'touch', 'radii', 'width', 'length', 'trigger', 'arm', 'errors', 'void'],
  cutter: ['size', 'spring', 'void'],
  axis: ['backlash', 'errors', 'void'],
  rotary: ['sense', 'centre', 'void'],
  spot: ['touch', 'void'],
};

/**
 * What a gauge or an axis was found to be, and from when on that counts: an answer uses what was in force when its
 * readings were taken, so that measuring a plate today moves no datum of last month.
 */
export const newCalibration = z
  .object({
    id,
    of: calibrated,
    found,
    /** By what it was measured, in words. */
    reference: name.optional(),
    /** The guided routine it came from, and its readings as they were taken, mm, by question. */
    routine: name.optional(),
    readings: z.record(z.string().max(64), placeReadings).optional(),
    /** Touches from this moment on use it. */
    from: moment,
    at: moment,
  })
  .refine(({ of, found: { what } }) => FOUND_OF[of.kind].includes(what), {
    path: ['found', 'what'],
    error:
      'must be something that can be found of it: of an axis backlash or errors; of a rotary axis its centre or sense; of a cutter its size or spring',
  })
  .refine(({ from, at }) => from <= at, {
    path: ['from'],
    error: 'must not be later than the day it was found: a calibration cannot count before it was made',
  })
  .meta({ id: 'NewCalibration' });

export const calibration = newCalibration
  .safeExtend({ seq: z.number().int(), receivedAt: moment })
  .meta({ id: 'Calibration' });

export type NewCalibration = z.output<typeof newCalibration>;
export type Calibration = z.output<typeof calibration>;
export type RotaryName = z.output<typeof rotaryName>;
