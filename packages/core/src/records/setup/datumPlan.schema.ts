import { z } from 'zod';
import { CORNERS, ROUND_WAYS, CORNER_WAYS } from '../values/faces';
import { face } from '../values/subject.schema';
import { angle, id, length, moment, name, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { workOffsetName } from '../values/place.schema';
import { GAUGE_SITS } from './datumPlan';

/** A shape of the part; the stock itself where it is left out. */
const of = id.optional();

/** Something of the part that zero can be taken from. */
export const feature = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('face'), face, of }),
  z.object({ kind: z.literal('corner'), corner: z.enum(CORNERS), of }),
  z.object({ kind: z.literal('middle'), axis: z.enum(['x', 'y']), of }),
  z.object({ kind: z.literal('round'), of: id }),
  z.object({ kind: z.literal('hole-line'), from: id, to: id }),
]);

/** A second zero on the same part, at a known place from part zero. */
export const localDatum = z.object({
  id,
  name,
  /** Part coordinates, mm. */
  at: z.object({ x: length, y: length }),
  /** The controller's work offset that holds it, where it has one. */
  workOffset: workOffsetName.optional(),
});

/** Key of a feature: `face.left`, `corner.front-left.pocket`, `round.hole-1`. */
const featureKey = z.string().regex(/^[a-z-]+(\.[A-Za-z0-9_-]+){1,3}$/, { error: 'must name a feature, as face.left' });

/** How the features of a setup are found, and what hangs on them. */
export const datumPlan = z
  .object({
    /** How a corner or a bore is found, where it is not the usual way. */
    ways: z.record(featureKey, z.enum([...CORNER_WAYS, ...ROUND_WAYS])),
    /** Where a face is on the part, mm from part zero, where that is not its drawn place. */
    known: z.record(featureKey, length),
    /** Plugs that were taken on the person's word. */
    onMyWord: z.array(featureKey).max(200),
    /** The indicator and the plug that bores are centred with, where one was chosen. */
    centredWith: z.object({ sweep: id.optional(), plug: id.optional() }).optional(),
    /** Skew carried as a rotation of all positions: the feature it was found at, and the touches it came from. */
    carried: z
      .object({
        from: featureKey,
        readings: z.array(id).max(1000, { error: 'must hold at most 1000 readings' }),
        /** Carried before the touches were kept with it: degrees counter-clockwise, and U. */
        told: z.object({ angle, U: nonNegativeLength }).optional(),
      })
      .nullable(),
    /** Height of the surface the gauge stands on, mm from the part's top, and how far the whole job is lifted for an air cut. */
    heights: z
      .object({
        surface: length,
        lift: nonNegativeLength,
        step: positiveLength.optional(),
        /** Where Z zero is: the part's top, the part’s underside, or another height by name, the part's top so far above it, mm. */
        zero: z
          .discriminatedUnion('at', [
            z.object({ at: z.literal('top') }),
            z.object({ at: z.literal('under') }),
            z.object({ at: z.literal('named'), name, above: length }),
          ])
          .optional(),
        /** What moves along Z where both could: the other is locked, and does not move. */
        moves: z.enum(['knee', 'quill']).optional(),
        /** The gauge's own size is kept: half of the last step is not added to what Z is set to. */
        keepsGauge: z.boolean().optional(),
        /** How far off depths may be, mm; as positions may until somebody said. */
        tolerance: positiveLength.optional(),
        /** How much longer the probe is than the reference tool, as it was calibrated, mm. */
        probeLonger: length.optional(),
        /** U of that, mm. */
        probeLongerU: nonNegativeLength.optional(),
        /** Where a gauge sits that could sit anywhere: under the tool, in the spindle, on an arm beside the cutter. */
        sits: z.enum(GAUGE_SITS).optional(),
        /** How far the cutter's lowest point stands above the surface when a sensor on an arm answers, mm. */
        armOffset: length.optional(),
        /** The spot where every tool is touched off after a change, on the part only where nothing is cut, and what is put on it. */
        spot: z
          .object({
            where: z.enum(['off-part', 'on-part']),
            gaugeId: id,
            /** Chosen at this moment: what was touched before it was touched elsewhere, and gives no figure for it. */
            since: moment,
          })
          .optional(),
        /** Most a tool may run out, mm, and whether that is only measured and guards no length. */
        runOut: z.object({ tolerance: positiveLength.optional(), measureOnly: z.boolean() }).optional(),
      })
      .optional(),
    /** Steps the machine was moved by at touches, mm, by the gauge: coarser than the display, they are what is read. */
    movedBy: z.record(id, positiveLength).optional(),
    /** Touches of before are reckoned with what was known of gauges, cutters and axes at this moment, since a person chose so. */
    reckonedAs: moment.optional(),
    local: z.array(localDatum).max(20, { error: 'must hold at most 20 datums' }),
  })
  .meta({ id: 'DatumPlan' });

export type Feature = z.output<typeof feature>;
export type LocalDatum = z.output<typeof localDatum>;
export type DatumPlan = z.output<typeof datumPlan>;
