import { z } from 'zod';
import { GAUGE_KINDS } from '../metrology/gaugeKinds';
import { id, length, name, nonNegativeLength, positiveLength, unit } from './quantities';
import { toolNumber } from '../heights/toolLength.schema';

/** What the readout, controller or dial of one axis shows. */
const axisProfile = z.object({
  /** Display step, mm. */
  step: positiveLength,
  /** Travel, mm. */
  travel: positiveLength.optional(),
});

export const answerForm = z.enum(['preset', 'move', 'work-offset']);

/** A mill, with the habits of the person at it. */
export const machine = z
  .object({
    id,
    name,
    kind: z.enum(['dials', 'readout', 'router', 'machining-centre']),
    units: unit,
    axes: z.object({ x: axisProfile, y: axisProfile, z: axisProfile }),
    habits: z.object({
      /** Which of the three answers comes first. */
      answerFirst: answerForm,
      toolLengthSchool: z.enum(['reference-tool']),
    }),
    /** The scale its readings are on. */
    scale: z.enum(['readout', 'machine', 'dial']),
    note: z.string().max(500).optional(),
  })
  .meta({ id: 'Machine' });

/** Anything of known size that touches. */
export const gauge = z
  .object({
    id,
    name,
    kind: z.enum(GAUGE_KINDS),
    /** Marked size, mm: a diameter for a finder, a thickness for a block, feeler or plate. */
    nominal: nonNegativeLength,
    /** Measured size where it was measured; used instead of the marked one. */
    measured: nonNegativeLength.optional(),
    /** Total indicator reading, mm. */
    tir: nonNegativeLength.optional(),
    /** Standard uncertainty of a touch, mm, where the shop knows better than the kind's default. */
    u: nonNegativeLength.optional(),
    /** Highest spindle speed its maker gives, rev/min. */
    maxRpm: z.number().int().positive().optional(),
  })
  .meta({ id: 'Gauge' });

/** A cutter with a number. */
export const tool = z
  .object({
    id,
    number: toolNumber,
    name,
    diameter: nonNegativeLength,
  })
  .meta({ id: 'Tool' });

/** A hole the drawing shows, mm in the part's own frame (front left top corner). */
const drawnHole = z.object({ x: length, y: length, diameter: positiveLength });

/** A block-shaped part with its drawn holes; its own frame starts at the front left corner of its top. */
export const part = z
  .object({
    id,
    name,
    material: z.string().max(80),
    size: z.object({ x: positiveLength, y: positiveLength, z: positiveLength }),
    holes: z.array(drawnHole).max(10_000),
  })
  .meta({ id: 'Part' });

export type AnswerForm = z.output<typeof answerForm>;
export type Machine = z.output<typeof machine>;
export type Gauge = z.output<typeof gauge>;
export type Tool = z.output<typeof tool>;
export type Part = z.output<typeof part>;
