import type { Book } from './book';
import type { Tool } from '../record/cutter';
import type { ToolKind } from '../record/toolKinds';
import type { HoleStep } from '../record/steps';
import { patternsInHand, stepsOf } from './holes';

/** Kinds of tool that do a step. */
const KINDS: Readonly<Record<HoleStep, readonly ToolKind[]>> = {
  spot: ['spot-drill'],
  drill: ['drill'],
  ream: ['reamer'],
  tap: ['tap'],
  bore: ['boring-bar'],
};

/** Sizes this close are the same size, mm. */
const SAME = 0.01;

/** The shop's tool for a step of a hole: any spot drill or boring bar, else the one of its size. */
export function toolFor(
  tools: readonly Tool[],
  { step, diameter }: { step: HoleStep; diameter: number },
): Tool | undefined {
  return tools
    .filter(({ kind, retiredOn }) => retiredOn === undefined && kind !== undefined && KINDS[step].includes(kind))
    .find((tool) => step === 'spot' || step === 'bore' || Math.abs(tool.diameter - diameter) < SAME);
}

/** Numbers of the tools that the patterns in hand call for, smallest first. */
export function neededTools(book: Book): number[] {
  const numbers = patternsInHand(book).flatMap((pattern) =>
    stepsOf(pattern).flatMap((step) => toolFor(book.tools, { step, diameter: pattern.holeDiameter })?.number ?? []),
  );
  return [...new Set(numbers)].sort((a, b) => a - b);
}
