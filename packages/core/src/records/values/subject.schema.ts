import { z } from 'zod';
import { angle, id, length, nonNegativeLength } from '../../schema/quantities';
import { toolNumber } from '../../schema/toolNumber';
import { CORNERS, FACES } from './faces';
import { ALIGNMENT_TASKS } from './tasks';
import { typedText } from './source.schema';
import { LOSSES } from './subject';

export const face = z.enum(FACES);

export const alignmentTask = z.enum(ALIGNMENT_TASKS);

/** Which time round: after each correction everything is read again. */
const pass = z.number().int().min(1).max(1000);

/** Subjects that are touched on a scale of the machine: they have an axis, an approach and a zero. */
export const touchedSubject = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('face'), face, of: id.optional() }),
  /** The wall of a bore or boss. */
  z.object({ kind: z.literal('round'), of: id }),
  /** Where the spindle stands when it is over a bore or boss: a plug seated, or swept with an indicator. */
  z.object({ kind: z.literal('standing'), of: id }),
  /** A face touched once more after the machine was homed or left, to see whether its zero stands. */
  z.object({ kind: z.literal('return'), after: id, face, of: id.optional() }),
  /** The wall of a bore or boss once more, after an axis was set. */
  z.object({ kind: z.literal('return-round'), after: id, of: id }),
  /** The tool that Z was found with, on its gauge once more after Z was set. */
  z.object({ kind: z.literal('return-z'), after: id, tool: toolNumber }),
  z.object({ kind: z.literal('z-zero'), tool: toolNumber }),
  z.object({ kind: z.literal('tool-length'), tool: toolNumber }),
  /** The spot where every tool is touched off in turn; no tool where the probe stands in the spindle. */
  z.object({ kind: z.literal('tool-spot'), tool: toolNumber.optional() }),
  /** A master tool of known length on the gauge: where the bare gauge line would touch. */
  z.object({ kind: z.literal('master'), master: id }),
  /** A face along its length, or where a plug stands: lined up by the machine's own scales. */
  z.object({ kind: z.literal('alignment'), task: z.enum(['skew', 'centre']), place: length, pass }),
]);

/** Subjects that an indicator's dial is read at; its zero is wherever it was set for that pass. */
export const dialSubject = z.discriminatedUnion('kind', [
  /** An indicator swept round a bore or boss: where round, degrees, and which time. */
  z.object({ kind: z.literal('sweep'), of: id, place: angle, pass }),
  /** An indicator at a tool's side: how far above its tip, mm, where round it, degrees, and which time. */
  z.object({ kind: z.literal('run-out'), tool: toolNumber, height: nonNegativeLength, place: angle, pass }),
  /** Where: mm along the axis, or degrees round it, as the task has it. */
  z.object({ kind: z.literal('alignment'), task: alignmentTask, place: length, pass }),
]);

/** Subjects whose size a caliper or a bore gauge shows. */
export const sizeSubject = z.discriminatedUnion('kind', [
  /** A bore measured: before the first pass, or after one set to a size, as typed and mm on the diameter. */
  z.object({ kind: z.literal('bore-size'), of: id, set: length.optional(), setText: typedText.optional() }),
]);

/** What an axis is set from: something touched or found, another datum of the part, or nothing: its zero was lost. */
export const subject = z.discriminatedUnion('kind', [
  ...touchedSubject.options,
  z.object({ kind: z.literal('middle'), axis: z.enum(['x', 'y']), of: id.optional() }),
  z.object({ kind: z.literal('corner'), corner: z.enum(CORNERS), of: id.optional() }),
  z.object({ kind: z.literal('hole-line'), from: id, to: id }),
  /** A local datum by its id, or `main`. */
  z.object({ kind: z.literal('datum'), datum: id }),
  z.object({ kind: z.literal('lost'), why: z.enum(LOSSES) }),
]);

export type AlignmentTask = z.output<typeof alignmentTask>;
export type Face = z.output<typeof face>;
export type TouchedSubject = z.output<typeof touchedSubject>;
export type DialSubject = z.output<typeof dialSubject>;
export type SizeSubject = z.output<typeof sizeSubject>;
export type Subject = z.output<typeof subject>;
