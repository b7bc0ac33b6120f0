import { z } from 'zod';
import { CORNERS, FACES } from '../datum/faces';
import { ALIGNMENT_TASKS } from '../alignment/tasks';
import { sweepPoints } from '../alignment/centreSweep.schema';
import { angle, approach, axis, id, length, moment, name, nonNegativeLength, unit } from './quantities';
import { answerForm } from './shop';
import { toolNumber } from '../heights/toolLength.schema';

export const face = z.enum(FACES);

export const alignmentTask = z.enum(ALIGNMENT_TASKS);

/** What a reading is of. */
export const touched = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('face'), face, of: id.optional() }),
  /** The wall of a bore or boss. */
  z.object({ kind: z.literal('round'), of: id }),
  /** Where the spindle stands when it is over a bore or boss: a plug seated, or swept with an indicator. */
  z.object({ kind: z.literal('standing'), of: id }),
  /** An indicator swept round a bore or boss: where round, degrees, and which time. */
  z.object({ kind: z.literal('sweep'), of: id, place: angle, pass: z.number().int().min(1).max(1000) }),
  z.object({ kind: z.literal('z-zero'), tool: toolNumber }),
  z.object({ kind: z.literal('tool-length'), tool: toolNumber }),
  /** A master tool of known length on the gauge: where the bare gauge line would touch. */
  z.object({ kind: z.literal('master'), master: id }),
  /** An indicator at a tool's side: how far above its tip, mm, where round it, degrees, and which time. */
  z.object({
    kind: z.literal('run-out'),
    tool: toolNumber,
    height: nonNegativeLength,
    place: angle,
    pass: z.number().int().min(1).max(1000),
  }),
  /** A bore measured: before the first pass, or after one set to a size, as typed and mm on the diameter. */
  z.object({
    kind: z.literal('bore-size'),
    of: id,
    set: length.optional(),
    setText: z.string().min(1).max(80).optional(),
  }),
  z.object({
    kind: z.literal('alignment'),
    task: alignmentTask,
    /** Where: mm along the axis, or degrees round it, as the task has it. */
    place: length,
    /** Which time round, from 1: after each correction everything is read again. */
    pass: z.number().int().min(1).max(1000),
  }),
]);

/** Why a scale's zero is not what it was, though nobody meant to set it. */
export const LOSSES = ['re-homed', 'power-loss', 'by-mistake'] as const;

/** What an axis is set from: something touched or found, another datum of the part, or nothing: its zero was lost. */
export const subject = z.discriminatedUnion('kind', [
  ...touched.options,
  z.object({ kind: z.literal('middle'), axis: z.enum(['x', 'y']), of: id.optional() }),
  z.object({ kind: z.literal('corner'), corner: z.enum(CORNERS), of: id.optional() }),
  z.object({ kind: z.literal('hole-line'), from: id, to: id }),
  /** A local datum by its id, or `main`. */
  z.object({ kind: z.literal('datum'), datum: id }),
  z.object({ kind: z.literal('lost'), why: z.enum(LOSSES) }),
]);

/**
 * What a number was read on: a readout's absolute or incremental zero, machine coordinates, or a dial.
 * An indicator is a scale of its own: its zero is wherever it was set for that pass.
 */
export const scale = z.enum(['readout', 'incremental', 'machine', 'dial', 'indicator']);

/** Counts how often an axis' scale was given a new zero; readings of different epochs never mix. */
export const epoch = z.number().int().min(1).max(1_000_000);

/** One number at one touch, as the client sends it. */
export const newReading = z
  .object({
    id,
    subject: touched,
    axis,
    approach,
    gaugeId: id,
    /** Feeler or paper between contact and face, mm. */
    feeler: nonNegativeLength,
    scale,
    epoch,
    /** Just as typed. */
    text: z.string().min(1, { error: 'must not be empty' }).max(80),
    /** The unit a bare number was typed in. */
    unit,
    /** What the text means, mm. */
    value: length,
    /** Where the other axis stood, for touches that make a line or a circle: as typed, in the same unit, and mm. */
    across: z.object({ text: z.string().min(1, { error: 'must not be empty' }).max(80), value: length }).optional(),
    /** The cutter in the spindle, where that is what touched: paper or plate between it and the part. */
    tool: toolNumber.optional(),
    /** Cautions ticked by hand before it was taken. */
    ticked: z.array(z.string().max(60)).max(20),
    takenAt: moment,
  })
  .meta({ id: 'NewReading' });

/** Strikes a reading out, or takes the strike back. Both stay in the ledger. */
export const newStrike = z
  .object({
    id,
    readingId: id,
    action: z.enum(['strike', 'restore']),
    reason: z.string().max(200),
    at: moment,
  })
  .meta({ id: 'NewStrike' });

/** The person has made the machine agree; on a readout or dial that starts a new epoch of the axis. */
export const newZeroing = z
  .object({
    id,
    axis,
    /** The epoch that readings after this belong to. */
    epoch,
    /** How it was set; `lost` where it was not, and the axis is to be set anew. */
    form: z.enum([...answerForm.options, 'lost']),
    subject,
    /** The scale that got a new zero; the machine's own where it is left out. */
    scale: scale.optional(),
    /** What was set, mm: the preset, the coordinate set after the move, or the work offset. */
    value: length,
    at: moment,
  })
  .meta({ id: 'NewZeroing' });

/** A step of the workholding list, or a whole task, ticked, skipped with a reason, or opened again. */
export const newCheck = z
  .object({
    id,
    /** The step's id in its list, or `align-` and the task. */
    item: id,
    /** The step as it was worded then: lists may change. */
    text: z.string().min(1).max(300),
    action: z.enum(['tick', 'skip', 'clear']),
    reason: z.string().max(200),
    at: moment,
  })
  .refine(({ action, reason }) => action !== 'skip' || reason.trim() !== '', {
    path: ['reason'],
    error: 'must say why it was skipped',
  })
  .meta({ id: 'NewCheck' });

/** An indicator sweep read in whole from a file. */
export const newSweep = z
  .object({
    id,
    pass: z.number().int().min(1).max(1000),
    /** Where it came from. */
    name,
    points: sweepPoints,
    at: moment,
  })
  .meta({ id: 'NewSweep' });

const stored = { seq: z.number().int(), receivedAt: moment };

export const reading = newReading
  .extend({ ...stored, struckBy: id.nullable(), struckReason: z.string().nullable() })
  .meta({ id: 'Reading' });
export const strike = newStrike.extend(stored).meta({ id: 'Strike' });
export const zeroing = newZeroing.extend(stored).meta({ id: 'Zeroing' });

export const check = newCheck.safeExtend(stored).meta({ id: 'Check' });
export const sweep = newSweep.extend(stored).meta({ id: 'Sweep' });

export type AlignmentTask = z.output<typeof alignmentTask>;
export type NewCheck = z.output<typeof newCheck>;
export type Check = z.output<typeof check>;
export type NewSweep = z.output<typeof newSweep>;
export type Sweep = z.output<typeof sweep>;
export type Face = z.output<typeof face>;
export type Touched = z.output<typeof touched>;
export type Subject = z.output<typeof subject>;
export type ReadingScale = z.output<typeof scale>;
export type NewReading = z.output<typeof newReading>;
export type NewStrike = z.output<typeof newStrike>;
export type NewZeroing = z.output<typeof newZeroing>;
export type Reading = z.output<typeof reading>;
export type Strike = z.output<typeof strike>;
export type Zeroing = z.output<typeof zeroing>;
