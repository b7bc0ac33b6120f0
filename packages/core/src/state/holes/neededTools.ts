import type { SetupState } from '../basis/setupState';
import type { Tool } from '../../records/shop/cutter';
import type { Pattern } from '../../records/setup/pattern';
import type { ToolKind } from '../../records/values/toolKinds';
import type { HoleStep } from '../../records/values/holeSteps';
import { coarsePitch, wantedSize, type WantedHole } from '../../holes/patterns/holeSizes';
import { patternsInHand, stepsOf } from './holes';

/** Kinds of tool that do a step. */
const KINDS: Readonly<Record<HoleStep, readonly ToolKind[]>> = {
  spot: ['spot-drill'],
  drill: ['drill'],
  ream: ['reamer'],
  tap: ['tap'],
  bore: ['boring-bar'],
};

/** Pitches this close are the same, mm. */
const SAME_PITCH = 0.001;

/**
 * The shop's tool for a step of a hole: any spot drill; the drill nearest to what the step after it wants; a reamer of
 * the hole's size, a tap of its size and pitch, the widest boring bar that goes in with room.
 */
export function toolFor(tools: readonly Tool[], { step, ...hole }: WantedHole & { step: HoleStep }): Tool | undefined {
  const fit = tools.filter(
    ({ kind, retiredOn }) => retiredOn === undefined && kind !== undefined && KINDS[step].includes(kind),
  );
  if (step === 'spot') return fit[0];
  const wanted = wantedSize(step, hole);
  if (!wanted) return undefined;
  const { pitch } = hole;
  return fit
    .filter(({ diameter }) => diameter >= wanted.least && diameter <= wanted.most)
    .filter(
      (tool) => step !== 'tap' || (pitch !== undefined && Math.abs((pitchOfTap(tool) ?? NaN) - pitch) < SAME_PITCH),
    )
    .sort((a, b) => Math.abs(a.diameter - wanted.aim) - Math.abs(b.diameter - wanted.aim))[0];
}

/** A tap's pitch: as it was said, else the coarse one of its size. mm. */
const pitchOfTap = (tap: Tool) => tap.pitch ?? coarsePitch(tap.diameter);

/** A thread's pitch: as it was said, else the coarse one of its size. mm. */
export const pitchOf = (pattern: Pick<Pattern, 'pitch' | 'holeDiameter'>, diameter = pattern.holeDiameter) =>
  pattern.pitch ?? coarsePitch(diameter);

/** Numbers of the tools that the patterns in hand call for, smallest first. */
export function neededTools(book: SetupState): number[] {
  const numbers = patternsInHand(book).flatMap((pattern) => {
    const steps = stepsOf(pattern);
    return sizesOf(pattern).flatMap((diameter) =>
      steps.flatMap(
        (step) => toolFor(book.tools, { step, diameter, steps, pitch: pitchOf(pattern, diameter) })?.number ?? [],
      ),
    );
  });
  return [...new Set(numbers)].sort((a, b) => a - b);
}

/** Every diameter of a pattern's holes, mm. */
const sizesOf = (pattern: Pattern): number[] =>
  pattern.kind === 'points'
    ? [...new Set(pattern.points.map(({ diameter }) => diameter ?? pattern.holeDiameter))]
    : [pattern.holeDiameter];
