import type { z } from 'zod';
import { edge } from './datum/edge';
import { edgeInput, edgeOutput } from './datum/edge.schema';
import { toolLength } from './heights/toolLength';
import { toolLengthInput, toolLengthOutput } from './heights/toolLength.schema';
import { zZero } from './heights/zZero';
import { zZeroInput, zZeroOutput } from './heights/zZero.schema';
import { boltCircle } from './positions/boltCircle';
import { boltCircleOutput, boltCircleReckonInput } from './positions/boltCircle.schema';

/** One calculation: what it takes, what it gives, and the pure function between. */
export interface Calculation<I extends z.ZodType = z.ZodType, O extends z.ZodType = z.ZodType> {
  name: string;
  summary: string;
  input: I;
  output: O;
  /** Takes the parsed input; may throw a Refusal. */
  reckon(input: z.output<I>): z.output<O>;
}

const calculation = <I extends z.ZodType, O extends z.ZodType>(entry: Calculation<I, O>) => entry;

/** Every calculation there is. Adding one is adding an entry. */
export const REGISTRY = {
  edge: calculation({
    name: 'edge',
    summary: 'A face from repeated touches: preset, move or work offset',
    input: edgeInput,
    output: edgeOutput,
    reckon: edge,
  }),
  'z-zero': calculation({
    name: 'z-zero',
    summary: 'Z zero from a gauge of known thickness under the tool',
    input: zZeroInput,
    output: zZeroOutput,
    reckon: zZero,
  }),
  'tool-length': calculation({
    name: 'tool-length',
    summary: 'A tool length offset against a reference tool on the same gauge',
    input: toolLengthInput,
    output: toolLengthOutput,
    reckon: toolLength,
  }),
  'bolt-circle': calculation({
    name: 'bolt-circle',
    summary: 'Hole centres on a circle or an arc of it',
    input: boltCircleReckonInput,
    output: boltCircleOutput,
    reckon: boltCircle,
  }),
} as const;

export type CalculationName = keyof typeof REGISTRY;

export const isCalculation = (name: string): name is CalculationName => Object.hasOwn(REGISTRY, name);
