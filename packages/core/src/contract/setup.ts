import { z } from 'zod';
import { PART_ZEROS } from '../datum/faces';
import { alignment } from './alignment';
import { cutPlan } from './cutPlan';
import { pattern } from './pattern';
import { holding } from './holding';
import { datumPlan } from './datumPlan';
import { check, reading, scale, sweep, zeroing } from './ledger';
import { id, moment, name, nonNegativeLength, positiveLength, unit } from './quantities';
import { gauge, machine, part, tool } from './shop';
import { keptTable } from './toolTable';
import { toolNumber } from '../heights/toolLength.schema';

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
    scale: scale.exclude(['indicator']).optional(),
    /** The cutter that touches where paper or a plate is used. */
    cutter: toolNumber.optional(),
    /** Outer sizes of the part as a caliper has them, mm; what the program or drawing says is the part's own size. */
    caliper: z.object({ x: positiveLength.optional(), y: positiveLength.optional() }).optional(),
    note: z.string().max(500, { error: 'must be at most 500 characters' }),
  })
  .meta({ id: 'Plan' });

export const newSetup = plan.extend({ id, createdAt: moment }).meta({ id: 'NewSetup' });

export const setup = newSetup.extend({ changedAt: moment }).meta({ id: 'Setup' });

/** One line of the bench. */
export const setupSummary = z
  .object({
    id,
    name,
    machine: z.string(),
    part: z.string(),
    changedAt: moment,
    readings: z.number().int(),
    /** Axes whose zero is set. */
    set: z.array(z.enum(['x', 'y', 'z'])),
    patterns: z.number().int(),
  })
  .meta({ id: 'SetupSummary' });

/** Scatter of a gauge's repeats about their own means, over the whole log. */
export const repeatability = z
  .object({
    gaugeId: id,
    /** Pooled standard deviation, mm, and its degrees of freedom. */
    sd: nonNegativeLength,
    dof: z.number().int().min(1),
    /** Readings it comes from. */
    readings: z.number().int(),
  })
  .meta({ id: 'Repeatability' });

/** A set-up with all that hangs on it: enough to work on with the server away. */
export const snapshot = z
  .object({
    setup,
    machine,
    part,
    gauges: z.array(gauge),
    tools: z.array(tool),
    readings: z.array(reading),
    zeroings: z.array(zeroing),
    patterns: z.array(pattern),
    holdings: z.array(holding),
    checks: z.array(check),
    alignments: z.array(alignment),
    sweeps: z.array(sweep),
    datumPlan,
    cutPlan,
    /** Lengths kept for this machine; null before the first. */
    toolTable: keptTable.nullable(),
    /** How well each gauge repeated in all of the shop's log. */
    repeatability: z.array(repeatability),
  })
  .meta({ id: 'Snapshot' });

export type Plan = z.output<typeof plan>;
export type NewSetup = z.output<typeof newSetup>;
export type Setup = z.output<typeof setup>;
export type { Pattern } from './pattern';
export type SetupSummary = z.output<typeof setupSummary>;
export type Snapshot = z.output<typeof snapshot>;
export type PartZero = Plan['partZero'];
export type Repeatability = z.output<typeof repeatability>;
