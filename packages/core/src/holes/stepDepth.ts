import { Refusal } from '../problem/problem';
import type { HoleStep } from '../records/values/holeSteps';
import { spotDepth } from './spotDepth';

/** How far a hole goes: to a depth at its full diameter, or out of the other side. mm. */
export type HoleEnd = { kind: 'blind'; depth: number } | { kind: 'through'; thickness: number };

/** What of a tool decides how deep its point goes. Lengths in mm, degrees. */
export interface StepTool {
  diameter: number;
  /** Of the whole point; 118 for a drill, 90 for a spot drill, where nothing was said. */
  pointAngle?: number | undefined;
  /** Taper or chamfer at the end of a reamer or tap, that does not cut to size. */
  lead?: number | undefined;
}

/** A step's depth and what it is made of, mm. */
export interface StepDepth {
  /** How far the tool's lowest point goes below the part's top. */
  tip: number;
  /** Of that, the part that is not at full diameter: a drill's point, a reamer's lead. */
  point: number;
  /** Of that, what comes out under the part; 0 in a blind hole. */
  below: number;
  /** The spot drill's cone ends before the edge is broken all round. */
  capped: boolean;
}

/** Out under the part at full diameter, where nothing was said, mm. */
export const USUAL_BREAK_THROUGH = 0.5;

const DRILL_POINT = 118;
const SPOT_POINT = 90;

/** Length of a drill's point, mm: half its diameter over the tangent of half its angle. */
export const pointLength = (diameter: number, angle = DRILL_POINT): number =>
  diameter / 2 / Math.tan((angle * Math.PI) / 360);

/**
 * How deep the point of a tool goes for a step of a hole. Depths are of the point: a drill goes through by the part's
 * thickness, its point and the break-through; into a blind hole by the depth at full diameter and its point; reamers and
 * taps by their lead instead; a boring bar by nothing more.
 *
 * @param hole diameter of the finished hole, which a spot breaks the edge of
 * @param breakThrough how far the full diameter comes out under the part, mm
 * @throws Refusal with the field `tool` when a spot is asked for and no spot drill is known
 * @example stepDepth('drill', { kind: 'through', thickness: 9.5 }, { diameter: 4.2 }, 4.2).tip // 9.5 + 1.2618 + 0.5
 */
export function stepDepth(
  step: HoleStep,
  end: HoleEnd,
  tool: StepTool | undefined,
  hole: number,
  breakThrough = USUAL_BREAK_THROUGH,
): StepDepth {
  const full = end.kind === 'blind' ? end.depth : end.thickness;
  if (step === 'spot') {
    if (!tool)
      throw new Refusal({
        code: 'no-spot-drill',
        field: 'tool',
        message:
          'How wide the spot drill is, is not known, so not how deep it may go. Give this machine a spot drill in Shop.',
      });
    const { depth, capped } = spotDepth(hole, {
      spot: tool.diameter,
      angle: tool.pointAngle ?? SPOT_POINT,
      most: full,
    });
    return { tip: depth, point: depth, below: 0, capped };
  }
  const point =
    step === 'drill' ? pointLength(tool?.diameter ?? hole, tool?.pointAngle) : step === 'bore' ? 0 : (tool?.lead ?? 0);
  const below = end.kind === 'through' ? point + breakThrough : 0;
  return { tip: full + (end.kind === 'through' ? below : point), point, below, capped: false };
}
