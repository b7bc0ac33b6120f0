import { z } from 'zod';
import { GAUGE_KINDS } from '../metrology/gaugeKinds';
import { placeReadings } from './indicator';
import { angle, day, id, length, name, nonNegativeLength, positiveLength, unit } from './quantities';
import { TOOL_KINDS } from './toolKinds';
import { toolNumber } from '../heights/toolLength.schema';

/** Retired things stay for the readings that name them, and are offered no more. */
const retiredOn = day.optional();

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

/** Lost motion of an axis as it was measured, the readings kept with it. */
export const measuredBacklash = z.object({
  value: nonNegativeLength,
  U: nonNegativeLength,
  measuredOn: day,
  fromMinus: placeReadings,
  fromPlus: placeReadings,
});

/** What the readout, controller or dial of one axis shows. */
const axisProfile = z.object({
  /** Display step, mm. */
  step: positiveLength,
  /** Travel, mm. */
  travel: positiveLength.optional(),
  dial: dial.optional(),
  backlash: measuredBacklash.optional(),
});

/** A rotary axis: which way it counts, and how far it goes. */
export const rotaryAxis = z.object({
  name: z.enum(['A', 'B', 'C']),
  /** +1 where a plus command turns as ISO 841 has it, the tool right-handed about the part; else -1. */
  sense: z.union([z.literal(1), z.literal(-1)], { error: 'must be 1 or -1' }),
  /** Limits, degrees; left out where it goes round without end. */
  limits: z.object({ from: angle, to: angle }).optional(),
});

export const TOOL_LENGTH_SCHOOLS = ['reference-tool', 'touch-part', 'true-length', 'touch-every-change'] as const;

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
      toolLengthSchool: z.enum(TOOL_LENGTH_SCHOOLS),
    }),
    /** The scale its readings are on. */
    scale: z.enum(['readout', 'machine', 'dial']),
    /** Steps it jogs by, mm. */
    jogSteps: z.array(positiveLength).max(8, { error: 'must hold at most 8 steps' }).optional(),
    /** Whether it finds its own zero when switched on, or keeps it. */
    homing: z.enum(['none', 'homes', 'absolute']).optional(),
    /** Names of the work offsets it has. */
    workOffsets: z.array(z.string().trim().min(1).max(12)).max(60, { error: 'must hold at most 60 names' }).optional(),
    rotary: z.array(rotaryAxis).max(3).optional(),
    /** Slowest and fastest the spindle turns, rev/min, and the fastest it feeds, mm/min. */
    limits: z
      .object({
        leastRpm: z.number().gt(0, { error: 'must be greater than zero' }).max(100_000).optional(),
        mostRpm: z.number().gt(0, { error: 'must be greater than zero' }).max(100_000).optional(),
        mostFeed: z.number().gt(0, { error: 'must be greater than zero' }).max(100_000).optional(),
      })
      .optional(),
    retiredOn,
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
    /** What a corner plate adds on each axis, mm, where that is not its thickness. */
    offsets: z.object({ x: nonNegativeLength, y: nonNegativeLength, z: nonNegativeLength }).optional(),
    /** Total indicator reading, mm. */
    tir: nonNegativeLength.optional(),
    /** Standard uncertainty of a touch, mm, where the shop knows better than the kind's default. */
    u: nonNegativeLength.optional(),
    /** Highest spindle speed its maker gives, rev/min. */
    maxRpm: z.number().int().positive({ error: 'must be greater than zero' }).optional(),
    /** Smallest step it shows, mm: an indicator's line, a caliper's digit. */
    resolution: positiveLength.optional(),
    /** How far an indicator's pointer can be from zero, mm, and what one turn of it is. */
    range: positiveLength.optional(),
    perTurn: positiveLength.optional(),
    /** When its size was last checked. */
    checkedOn: day.optional(),
    retiredOn,
  })
  .meta({ id: 'Gauge' });

/** A cutter with a number. */
export const tool = z
  .object({
    id,
    number: toolNumber,
    name,
    diameter: nonNegativeLength,
    kind: z.enum(TOOL_KINDS).optional(),
    /** Cutting edges; 0 for a tool without teeth. */
    teeth: z.number().int({ error: 'must be a whole number' }).min(0).max(99).optional(),
    retiredOn,
  })
  .meta({ id: 'Tool' });

/** A hole the drawing shows, mm in the part's own frame (front left top corner). */
const drawnHole = z.object({ x: length, y: length, diameter: positiveLength });

/** Something more of the part's top that can be touched, mm in the part's own frame. */
export const partShape = z.discriminatedUnion('kind', [
  /** A slot or pocket, touched from inside; a rib, web or block, touched from outside. */
  z.object({
    kind: z.enum(['pocket', 'block']),
    id,
    name,
    from: z.object({ x: length, y: length }),
    to: z.object({ x: length, y: length }),
  }),
  /** A bore or round boss. */
  z.object({
    kind: z.enum(['bore', 'boss']),
    id,
    name,
    at: z.object({ x: length, y: length }),
    diameter: positiveLength,
  }),
]);

/** A block-shaped part with its drawn holes; its own frame starts at the front left corner of its top. */
export const part = z
  .object({
    id,
    name,
    material: z.string().max(80),
    size: z.object({ x: positiveLength, y: positiveLength, z: positiveLength }),
    holes: z.array(drawnHole).max(10_000),
    shapes: z.array(partShape).max(100, { error: 'must hold at most 100 shapes' }).optional(),
  })
  .meta({ id: 'Part' });

export type RotaryAxis = z.output<typeof rotaryAxis>;
export type AnswerForm = z.output<typeof answerForm>;
export type Machine = z.output<typeof machine>;
export type Gauge = z.output<typeof gauge>;
export type Tool = z.output<typeof tool>;
export type Part = z.output<typeof part>;
export type PartShape = z.output<typeof partShape>;
