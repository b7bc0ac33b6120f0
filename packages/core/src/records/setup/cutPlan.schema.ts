import { z } from 'zod';
import { approach, id, length, name, nonNegativeLength, positiveLength } from '../../schema/quantities';
import { toolNumber } from '../../schema/toolNumber';
import { workOffsetName } from '../values/place.schema';
import { HOLE_STEPS } from '../values/holeSteps';
import { MAX_HOLES } from '../values/maxHoles';
import { ORDER_WAYS } from './cutPlan';

const holeNumber = z.number().int().min(1).max(MAX_HOLES);

/** The order holes are driven to in. */
export const driveOrder = z.object({
  way: z.enum(ORDER_WAYS),
  /** All of one step and size before the next; else everything at one hole before the next hole. */
  grouping: z.enum(['step', 'hole']),
  /** Patterns that are driven to together; the one in hand alone where it is left out. */
  patterns: z.array(id).max(100).optional(),
  /** The order found or fixed: which of `patterns`, and which hole of it. */
  sequence: z
    .array(z.tuple([z.number().int().min(0).max(99), holeNumber]))
    .max(20_000)
    .optional(),
});

/** A bore that is brought to size. */
export const bore = z.object({
  id,
  name,
  /** Limits of size, mm, and the fit they come from where one was typed. */
  low: positiveLength,
  high: positiveLength,
  fit: z.string().max(20).optional(),
  /** Whether the boring head's dial, or the indicator at it, counts on the diameter or on the radius. */
  counts: z.enum(['diameter', 'radius']),
  /** What one line of it is, mm as it counts. */
  step: positiveLength,
  /** What measures the bore. */
  gaugeId: id,
  /** Deepest cut the bar takes, mm on the diameter. */
  mostCut: positiveLength.optional(),
  /** The bar, a cutter of the shop, and how far it sticks out, mm: its spring hangs on both. */
  bar: id.optional(),
  stickOut: positiveLength.optional(),
});

/** A face that is brought to height. */
export const facing = z.object({
  /** What is to come off, and most in one pass, mm. */
  remove: positiveLength,
  mostDepth: positiveLength,
  /** The last pass, mm; none where it is 0. */
  finish: nonNegativeLength,
  material: z.string().max(40),
  toolNumber: z.number().int().min(1).max(9999),
  toolMaterial: z.enum(['hss', 'carbide']),
  /** m/min and mm a tooth, where the starting values are not wanted. */
  cuttingSpeed: z.number().gt(0).max(2000).optional(),
  toothLoad: z.number().gt(0).max(2).optional(),
  /** Share of the cutter's width that cuts in one path, 0 to 1. */
  stepOver: z.number().gt(0).max(1),
});

/** What a step by one tool is cut with: rpm, and mm/min. */
const cut = z.object({
  step: z.enum(HOLE_STEPS),
  tool: toolNumber,
  rpm: z.number().gt(0).max(100_000),
  feed: z.number().gt(0).max(100_000),
});

/** What lies under the part, and how far a tool may go into it, mm. */
const under = z.object({
  what: z.enum(['free', 'board', 'solid']),
  room: nonNegativeLength,
});

/** How holes are written as a program. Lengths in mm, above the part's top. */
export const programForm = z.object({
  distance: z.enum(['absolute', 'incremental']).default('absolute'),
  workOffset: workOffsetName,
  /** Where tools move across: above every clamp, jaw and screw. Asked once for a setup. */
  clear: positiveLength.optional(),
  /** Where feeding begins. */
  feedFrom: positiveLength.default(2),
  /** Full diameter out under the part where a hole goes through. */
  breakThrough: nonNegativeLength.max(20, { error: 'must be at most 20 mm' }).default(0.5),
  under: under.optional(),
  cuts: z.array(cut).max(100).default([]),
});

/** How the cutting is planned: the order of holes, bores and their fits, facing. Read and written whole. */
export const cutPlan = z
  .object({
    order: driveOrder.optional(),
    /** How positions are shown when driving; the machine's own way where it is left out. */
    mode: z.enum(['readout', 'dials', 'cnc']).optional(),
    /** The direction each axis arrives from on dials; that of its zero where it is left out. */
    approach: z.object({ x: approach, y: approach }).optional(),
    bores: z.array(bore).max(50, { error: 'must hold at most 50 bores' }),
    facing: facing.optional(),
    /** Where Z stands with the knee locked while the quill drills, mm, and from which setting of Z it counts. */
    kneeLocked: z.object({ at: length, zeroingId: id }).optional(),
    program: programForm.optional(),
  })
  .meta({ id: 'CutPlan' });

export type DriveOrder = z.output<typeof driveOrder>;
export type Bore = z.output<typeof bore>;
export type Facing = z.output<typeof facing>;
export type ProgramForm = z.output<typeof programForm>;
export type CutPlan = z.output<typeof cutPlan>;
