import { z } from 'zod';
import { nonNegativeLength, positiveLength } from '../schema/quantities';
import { cautions, working } from '../schema/results';
import { CUT_MATERIALS, type CutMaterialName } from './materials';

const positive = (what: string) =>
  z
    .number({ error: 'must be a number' })
    .gt(0, { error: `must be greater than zero; give ${what}` })
    .min(1e-4, { error: `is too little to mean anything; give ${what}` });

const names = Object.keys(CUT_MATERIALS) as [CutMaterialName, ...CutMaterialName[]];

export const facingInput = z.object({
  /** What is to come off in all, and most in one pass, mm. */
  remove: positiveLength,
  mostDepth: positiveLength,
  /** Last pass, mm; 0 for none. */
  finish: nonNegativeLength,
  /** The face, mm. */
  length: positiveLength,
  width: positiveLength,
  cutter: z.object({
    diameter: positiveLength,
    teeth: z.number({ error: 'must be a whole number' }).int().min(1, { error: 'must be at least 1' }).max(99),
    madeOf: z.enum(['hss', 'carbide'], { error: 'must be hss or carbide' }),
    /** Its edges are inserts that can be turned. */
    inserts: z.boolean().optional(),
  }),
  material: z.enum(names, { error: `must be one of ${names.join(', ')}` }),
  /** m/min and mm a tooth; values to start from where they are left out. */
  cuttingSpeed: positive('the cutting speed in m/min').max(2000, { error: 'must be at most 2000 m/min' }).optional(),
  toothLoad: positive('the feed per tooth in mm').max(2, { error: 'must be at most 2 mm' }).optional(),
  /** Share of the cutter that cuts in one path. */
  stepOver: positive('the share of the cutter that cuts').max(1, { error: 'must be at most 1, the whole cutter' }),
  /** What this machine can do. */
  machine: z.object({
    leastRpm: positive('the slowest speed').optional(),
    mostRpm: positive('the fastest speed').optional(),
    mostFeed: positive('the fastest feed in mm/min').optional(),
  }),
});

const limited = z.enum(['slowest', 'fastest']).nullable();

export const facingOutput = z.object({
  /** Each pass: how deep, and what is left then, mm. */
  passes: z.array(z.object({ depth: z.number(), left: z.number(), finish: z.boolean() })),
  /** rpm, and where the machine's own limit stands in for it. */
  rpm: z.number(),
  rpmLimit: limited,
  /** m/min as it then is. */
  cuttingSpeed: z.number(),
  toothLoad: z.number(),
  /** mm/min. */
  feed: z.number(),
  feedLimit: limited,
  /** Paths side by side in one pass, and minutes of cutting in all. */
  paths: z.number(),
  minutes: z.number(),
  coolant: z.string(),
  /** What to change when the edge builds up, heats, chatters or rubs. */
  remedies: z.array(z.object({ sign: z.string(), change: z.string() })),
  uncertainty: z.null(),
  tape: working,
  cautions,
});

export type FacingInput = z.output<typeof facingInput>;
export type FacingOutput = z.output<typeof facingOutput>;
