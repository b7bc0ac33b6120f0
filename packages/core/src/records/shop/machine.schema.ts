import { z } from 'zod';
import { DIALECT_NAMES } from '../values/dialects';
import { angle, id, name, positiveLength, unit } from '../../schema/quantities';
import { workOffsetName } from '../values/place.schema';
import { retiredOn } from '../kinds/retired';
import { TOOL_LENGTH_METHODS } from './machine';

/** A handwheel's dial. */
const dial = z.object({
  /** Travel of one turn, mm. */
  perTurn: positiveLength,
  lines: z
    .number({ error: 'must be a whole number' })
    .int({ error: 'must be a whole number' })
    .min(2, { error: 'must be at least 2' })
    .max(1000, { error: 'must be at most 1000' }),
  /** Which way of turning the dial counts up. */
  countsUp: z.enum(['clockwise', 'anticlockwise']),
});

/** What the DRO, controller or dial of one axis shows. */
const axisProfile = z.object({
  /** Display step, mm. */
  step: positiveLength,
  /** Travel, mm. */
  travel: positiveLength.optional(),
  dial: dial.optional(),
});

/** A rotary axis: which way it counts, and how far it goes. */
export const rotaryAxis = z.object({
  name: z.enum(['A', 'B', 'C']),
  /**
   * +1 where a plus command turns as ISO 841 has it, the tool right-handed about the part, so that a table turns
   * left-handed; -1 the other way round.
   */
  sense: z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' }),
  /** Limits, degrees; left out where it goes no limits, turns endlessly. */
  limits: z.object({ from: angle, to: angle }).optional(),
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
    /** An axis it has not: some machines face with Y and Z only. */
    without: z
      .array(z.enum(['x', 'y']))
      .max(1, { error: 'must name one axis at most' })
      .optional(),
    habits: z.object({
      /** Which of the three answers comes first. */
      answerFirst: answerForm,
      toolLengthSchool: z.enum(TOOL_LENGTH_METHODS),
      /** Words its controller understands; plain moves only where nobody said. */
      dialect: z.enum(DIALECT_NAMES).optional(),
    }),
    /** The scale its readings are on. */
    scale: z.enum(['readout', 'machine', 'dial']),
    /** Steps it jogs by, mm. */
    jogSteps: z.array(positiveLength).max(8, { error: 'must hold at most 8 steps' }).optional(),
    /** Whether it finds its own zero when switched on, or keeps it. */
    homing: z.enum(['none', 'homes', 'absolute']).optional(),
    /** Rapids go straight from place to place, or each axis at its own full speed until it is there; left out where nobody said. */
    rapids: z.enum(['straight', 'each-axis']).optional(),
    /** Names of the work offsets it has. */
    workOffsets: z.array(workOffsetName).max(60, { error: 'must hold at most 60 names' }).optional(),
    rotary: z.array(rotaryAxis).max(3).optional(),
    /** Slowest and fastest the spindle turns, rpm, and the fastest it feeds, mm/min. */
    limits: z
      .object({
        leastRpm: z.number().gt(0, { error: 'must be greater than zero' }).max(100_000).optional(),
        mostRpm: z.number().gt(0, { error: 'must be greater than zero' }).max(100_000).optional(),
        /** How far the quill goes down, mm. */
        quillTravel: positiveLength.optional(),
        mostFeed: z.number().gt(0, { error: 'must be greater than zero' }).max(100_000).optional(),
      })
      .optional(),
    retiredOn,
    note: z.string().max(500).optional(),
  })
  .meta({ id: 'Machine' });

export type RotaryAxis = z.output<typeof rotaryAxis>;
export type AnswerForm = z.output<typeof answerForm>;
export type Machine = z.output<typeof machine>;
