import type { Tool } from '@zero-point/core/contract/shop';
import type { ToolKind } from '@zero-point/core/contract/toolKinds';
import type { HoleStep } from '@zero-point/core/positions/steps';

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

/** The shop's tool for a step of a hole: any spot drill, else the one of its size. */
export function toolFor(
  tools: readonly Tool[],
  { step, diameter }: { step: HoleStep; diameter: number },
): Tool | undefined {
  return tools
    .filter(({ kind, retiredOn }) => retiredOn === undefined && kind !== undefined && KINDS[step].includes(kind))
    .find((tool) => step === 'spot' || step === 'bore' || Math.abs(tool.diameter - diameter) < SAME);
}
