import type { z } from 'zod';
import type { cautions, working } from '../schema/results';

/** What every calculation gives: the reckoning shown, and what to mind. */
interface Shown {
  tape: z.output<typeof working>;
  cautions: z.output<typeof cautions>;
}

/** What is measured says how good it is. */
interface Measured extends Shown {
  uncertainty: object | null;
}

interface Common<I extends z.ZodType, O extends z.ZodType> {
  name: string;
  summary: string;
  input: I;
  output: O;
  /** Takes the parsed input; may throw a Refusal. */
  reckon(input: z.output<I>): z.output<O>;
}

/** One calculation: what it takes, what it gives, and the pure function between. */
export interface Calculation<I extends z.ZodType = z.ZodType, O extends z.ZodType = z.ZodType> extends Common<I, O> {
  /** Why it states no uncertainty, where it has none of its own. */
  exact?: string;
}

/** A calculation on what was measured: with its tape, cautions and uncertainty. */
export const calculation = <I extends z.ZodType, O extends z.ZodType<Measured>>(
  entry: Common<I, O> & { exact?: never },
): Calculation<I, O> => entry;

/** A calculation that is exact for what it is given: with its tape and cautions, and why it has no uncertainty. */
export const exact = <I extends z.ZodType, O extends z.ZodType<Shown>>(
  entry: Common<I, O> & { exact: string },
): Calculation<I, O> => entry;
