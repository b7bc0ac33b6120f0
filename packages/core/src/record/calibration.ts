import { z } from 'zod';
import { placeReadings } from '../schema/indicator';
import { axis, id, length, moment, name, nonNegativeLength, positiveLength } from '../schema/quantities';
import { rowKind, withStored } from './kind';

/** What was calibrated: a gauge of the shop, a cutter whose diameter was measured, or an axis of a machine. */
const calibrated = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('gauge'), gaugeId: id }),
  z.object({ kind: z.literal('cutter'), cutterId: id }),
  z.object({ kind: z.literal('axis'), machineId: id, axis }),
]);

/** U of what was found, mm, where it is known. */
const U = nonNegativeLength.optional();

/** What was found of it, mm. */
const found = z.discriminatedUnion('what', [
  /** A diameter for a finder, a thickness for a block, feeler or plate, a length for a master tool. */
  z.object({ what: z.literal('size'), value: nonNegativeLength, U }),
  /** What a corner plate adds on each axis. */
  z.object({ what: z.literal('offsets'), x: nonNegativeLength, y: nonNegativeLength, z: nonNegativeLength, U }),
  /** Total indicator reading of what turns. */
  z.object({ what: z.literal('run-out'), value: nonNegativeLength, U }),
  /** Standard uncertainty of one touch with it. */
  z.object({ what: z.literal('touch'), value: nonNegativeLength }),
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
  gauge: ['size', 'offsets', 'run-out', 'touch'],
  cutter: ['size', 'spring'],
  axis: ['backlash'],
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
    /** Touches from this moment on use it. */
    from: moment,
    at: moment,
  })
  .refine(({ of, found: { what } }) => FOUND_OF[of.kind].includes(what), {
    path: ['found', 'what'],
    error: 'must be backlash for an axis, a size or a spring for a cutter, and anything else for a gauge',
  })
  .meta({ id: 'NewCalibration' });

export const calibration = newCalibration
  .safeExtend({ seq: z.number().int(), receivedAt: moment })
  .meta({ id: 'Calibration' });

export type NewCalibration = z.output<typeof newCalibration>;
export type Calibration = z.output<typeof calibration>;
export type Found = Calibration['found'];

export const calibrationKind = rowKind({
  name: 'calibration',
  field: 'calibrations',
  of: 'shop',
  collection: 'calibrations',
  title: 'calibration',
  summary: 'Say what a gauge or an axis was found to be, and from when on',
  version: 1,
  schema: newCalibration,
  names: ({ of }) => {
    switch (of.kind) {
      case 'gauge':
        return [{ kind: 'gauge', id: of.gaugeId, field: 'of.gaugeId' }];
      case 'cutter':
        return [{ kind: 'cutter', id: of.cutterId, field: 'of.cutterId' }];
      case 'axis':
        return [{ kind: 'machine', id: of.machineId, field: 'of.machineId' }];
    }
  },
  asKept: withStored<NewCalibration>,
  when: ({ at }) => at,
});
