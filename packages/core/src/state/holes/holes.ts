import type { Pattern } from '../../records/setup/pattern';
import type { SetupState } from '../basis/setupState';
import { patternPositions } from '../../holes/patterns/pattern';
import { rotate } from '../../geometry/rotate';
import { HOLE_STEPS, type HoleStep } from '../../records/values/holeSteps';
import { carriedRotation } from '../datum/partRotation';
import type { FileHole } from '../../holes/fileHole';
import { isOnScale } from '../datum/localDatum';

/** One hole of a setup. Lengths in mm. */
export interface Hole {
  pattern: Pattern;
  /** Its number in the pattern, from 1. */
  hole: number;
  /** From part zero, the part lying as it is drawn. */
  x: number;
  y: number;
  /** Seen from the middle of its pattern, degrees; null where the pattern has none. */
  angle: number | null;
  diameter: number;
  depth: number | undefined;
  note: string | undefined;
  steps: readonly HoleStep[];
}

/** What is done to holes that nothing was said of. */
const PLAIN_STEPS: readonly HoleStep[] = ['drill'];

/** The steps of a pattern in the order they are done. */
export const stepsOf = ({ steps }: Pick<Pattern, 'steps'>): readonly HoleStep[] =>
  steps ? HOLE_STEPS.filter((step) => steps.includes(step)) : PLAIN_STEPS;

/** Patterns that are worked on: those not laid aside. */
export const patternsInHand = ({ patterns }: Pick<SetupState, 'patterns'>): Pattern[] =>
  patterns.filter(({ laidAside }) => laidAside !== true);

/** Holes of one pattern, from part zero: those of a local datum are brought there. */
export function patternHoles({ datumPlan }: Pick<SetupState, 'datumPlan'>, pattern: Pattern): Hole[] {
  const from = datumPlan.local.find(({ id }) => id === pattern.datum)?.at ?? { x: 0, y: 0 };
  const steps = stepsOf(pattern);
  return patternPositions(pattern).map(({ hole, x, y, angle }) => {
    const own = pattern.kind === 'points' ? pattern.points[hole - 1] : undefined;
    return {
      pattern,
      hole,
      x: from.x + x,
      y: from.y + y,
      angle,
      diameter: own?.diameter ?? pattern.holeDiameter,
      depth: own?.depth ?? pattern.depth,
      note: own?.note ?? pattern.note,
      steps,
    };
  });
}

/** Where the machine must go for a place of the part: turned with a part whose angle is carried, as the scale shows it. */
export function targetOf<P extends { x: number; y: number }>(book: SetupState, place: P): P {
  return isOnScale(book, rotate(place, carriedRotation(book)?.angle ?? 0));
}

/** How a hole and what is done to it are called in the log of checks. */
export const holeItem = ({ pattern, hole }: Pick<Hole, 'hole' | 'pattern'>, step: HoleStep): string =>
  `hole-${pattern.id.slice(-40)}-${hole}-${step}`;

/** Steps that are done, by their names in the log. */
export const doneSteps = ({ index }: SetupState): Set<string> =>
  new Set([...index.lastCheck.values()].flatMap(({ item, action }) => (action === 'tick' ? item : [])));

/** Holes as files have them: from part zero, turned with a part whose angle is carried. */
export function fileHoles(book: SetupState, patterns: readonly Pattern[]): FileHole[] {
  const rotation = carriedRotation(book)?.angle ?? 0;
  const thickness = book.part.untold?.includes('z') ? undefined : book.part.size.z;
  return patterns
    .flatMap((pattern) => patternHoles(book, pattern))
    .map((one) => ({ ...one, depth: one.depth ?? (one.pattern.through === true ? thickness : undefined) }))
    .map(({ pattern, hole, x, y, angle, diameter, depth, note }) => ({
      ...rotate({ x, y }, rotation),
      diameter,
      ...(depth !== undefined && { depth }),
      ...(note !== undefined && { note }),
      group: pattern.name,
      hole,
      ...(angle !== null && { angle: angle + rotation }),
    }));
}
