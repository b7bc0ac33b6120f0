import { z } from 'zod';
import { id, moment, name, nonNegativeLength, positiveLength, unit } from '../../schema/quantities';
import { toolNumber } from '../../schema/toolNumber';
import { PART_ZEROS } from '../values/faces';
import { scale, workOffsetName } from '../values/place.schema';
import { ASSUMED } from './plan';

/** What a person decides before the first touch. */
export const plan = z
  .object({
    name,
    machineId: id,
    partId: id,
    /** Where X and Y zero are on the part; Z zero is its top. */
    partZero: z.enum(PART_ZEROS, { error: `must be one of ${PART_ZEROS.join(', ')}` }),
    /** ± allowed on positions, mm. */
    tolerance: positiveLength,
    units: unit,
    /** Finder to start with, and the gauge for heights. */
    finderId: id,
    heightGaugeId: id,
    referenceTool: toolNumber,
    /** Thickness of feeler used with the finder, mm. */
    feeler: nonNegativeLength,
    /** How the part is held. */
    holdingId: id.default('vise'),
    /** The scale that readings are taken on; the machine's own where it is left out. */
    scale: scale.optional(),
    /** The work offset that is set, on a controller that has several. */
    workOffset: workOffsetName.optional(),
    /** Practice is kept apart: it counts in no repeatability and no calibration. */
    purpose: z.enum(['work', 'practice']).default('work'),
    /** The cutter that touches where paper or a plate is used. */
    cutter: toolNumber.optional(),
    /** Outer sizes of the part as a caliper has them, mm; what the program or drawing says is the part's own size. */
    caliper: z.object({ x: positiveLength.optional(), y: positiveLength.optional() }).optional(),
    /** What was taken as usual when the setup was started, and is still to be told. */
    assumed: z.array(z.enum(ASSUMED)).max(ASSUMED.length).optional(),
    note: z.string().max(500, { error: 'must be at most 500 characters' }),
  })
  .meta({ id: 'Plan' });

export const newSetup = plan.extend({ id, createdAt: moment }).meta({ id: 'NewSetup' });

export const setup = newSetup.extend({ changedAt: moment }).meta({ id: 'Setup' });

export type Plan = z.output<typeof plan>;
export type NewSetup = z.output<typeof newSetup>;
export type Setup = z.output<typeof setup>;
