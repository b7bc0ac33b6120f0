import { CUT_MATERIALS, type CutMaterialName } from '../boreAndFace/materials';
import type { Machine } from '../records/shop/machine';
import type { HoleStep } from '../records/values/holeSteps';

/** What a tool is cut with: rpm, and mm/min. */
export interface Cut {
  rpm: number;
  feed: number;
}

/** Share of the cutting speed a step takes, and its feed in mm a turn for each mm of the tool's diameter, at most. */
const STEPS: Readonly<Record<HoleStep, { speed: number; feed: number; most: number }>> = {
  spot: { speed: 0.7, feed: 0.008, most: 0.08 },
  drill: { speed: 0.8, feed: 0.012, most: 0.25 },
  ream: { speed: 0.35, feed: 0.03, most: 0.4 },
  tap: { speed: 0.2, feed: 0, most: 0 },
  bore: { speed: 0.6, feed: 0.002, most: 0.05 },
};

/** Least feed of a turn that still cuts instead of rubbing, mm. */
const LEAST_PER_TURN = 0.01;

/**
 * Speed and feed to start a step with, for a tool of high-speed steel: below the middle of what workshop handbooks give,
 * within what the machine turns and feeds. The cutter maker's own figures come first.
 *
 * @param diameter of the tool, or of the bore for a boring bar, mm
 * @param material mild steel where the part's is not known, the slower guess
 */
export function startingCut(
  step: HoleStep,
  diameter: number,
  material: CutMaterialName = 'mild-steel',
  limits: Machine['limits'] = {},
): Cut {
  const { speed, feed, most } = STEPS[step];
  const { leastRpm = 1, mostRpm = Infinity, mostFeed = Infinity } = limits;
  const wanted = (1000 * CUT_MATERIALS[material].speed.hss * speed) / (Math.PI * diameter);
  const rpm = Math.min(mostRpm, Math.max(leastRpm, Math.max(1, Math.floor(wanted / 10)) * 10));
  const perTurn = Math.max(LEAST_PER_TURN, Math.min(most, feed * diameter));
  return { rpm, feed: Math.min(mostFeed, Math.max(1, Math.round(rpm * perTurn))) };
}
