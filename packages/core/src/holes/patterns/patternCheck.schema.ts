import { z } from 'zod';
import { cautions, working } from '../../schema/results';
import { length, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { MAX_HOLES } from '../../records/values/maxHoles';

export const FINDINGS = [
  'duplicate',
  'overlap',
  'thin-web',
  'thin-edge',
  'outside-part',
  'outside-travel',
  'order-of-magnitude',
] as const;

export const patternCheckInput = z.object({
  /** mm from part zero. */
  holes: z
    .array(z.object({ x: length, y: length, diameter: nonNegativeLength }))
    .min(1, { error: 'must hold at least 1 hole' })
    .max(2 * MAX_HOLES, { error: 'must hold at most 20000 holes' }),
  /** The part from part zero. */
  outline: z.object({ left: length, bottom: length, right: length, top: length }),
  /** How far the machine goes, mm. */
  travel: z.object({ x: positiveLength.optional(), y: positiveLength.optional() }).optional(),
  /** Least metal to leave between holes and to the edge, mm. */
  leastWeb: nonNegativeLength,
});

export const patternCheckOutput = z.object({
  findings: z.array(
    z.object({
      kind: z.enum(FINDINGS),
      /** Which holes, from 0 in the order given; two where it is between them, none where it is of all. */
      holes: z.array(z.number()),
      /** What is there: metal left, mm, or how far it is beyond; negative where holes run into each other. */
      value: z.number(),
    }),
  ),
  /** How many there are of each kind, where not all are listed. */
  counts: z.record(z.enum(FINDINGS), z.number()),
  /** Thinnest metal anywhere, mm; null where there is one hole and no edge near. */
  leastMetal: z.number().nullable(),
  tape: working,
  cautions,
});

export type PatternCheckInput = z.output<typeof patternCheckInput>;
export type PatternCheckOutput = z.output<typeof patternCheckOutput>;
export type PatternFinding = PatternCheckOutput['findings'][number];
export type FindingKind = (typeof FINDINGS)[number];
