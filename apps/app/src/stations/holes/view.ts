import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { Subject } from '@zero-point/core/records/values/subject';
import { featureAnswer } from '@zero-point/core/state/datum/featureAnswer';
import { carriedRotation } from '@zero-point/core/state/datum/partRotation';
import { patternHoles, patternsInHand, targetOf, type Hole } from '@zero-point/core/state/holes/holes';
import { datumInForce } from '@zero-point/core/state/datum/localDatum';
import { lastZeroing } from '@zero-point/core/state/basis/activeRecords';
import { rotatedU } from '@zero-point/core/geometry/rotate';

/** What the Positions screens show of the pattern in hand. */
export interface PositionsView {
  /** Those not laid aside. */
  patterns: Pattern[];
  pattern: Pattern | undefined;
  /** Holes of the pattern in hand, from part zero, the part as it is drawn. */
  holes: Hole[];
  /** Holes of the other patterns, for the drawing. */
  others: Hole[];
  /** Where the machine must go for them: turned with a part whose angle is carried, on the datum in force. */
  targets: Hole[];
  /** The local datum they are counted from; part zero where there is none. */
  datum: string | undefined;
  /** The angle carried, degrees; 0 for none. */
  rotation: number;
  /** U of each axis' datum, mm; null while the axis is not set. */
  datumU: { x: number | null; y: number | null };
  /** U at the hole a carried turn leaves known worst, mm; null where none is carried or the datum is not set. */
  farthestU: { x: number; y: number } | null;
}

/** State of the Positions station to view. */
export function positionsView(book: SetupState, patternId: string | undefined): PositionsView {
  const patterns = patternsInHand(book);
  const pattern = patterns.find(({ id }) => id === patternId) ?? patterns[0];
  const holes = pattern ? patternHoles(book, pattern) : [];
  const others = patterns.filter(({ id }) => id !== pattern?.id).flatMap((one) => patternHoles(book, one));
  const rotation = carriedRotation(book)?.angle ?? 0;
  const targets = holes.map((hole) => ({
    ...targetOf(book, hole),
    angle: hole.angle === null ? null : hole.angle + rotation,
  }));
  const datum = { x: datumU(book, 'x'), y: datumU(book, 'y') };
  return {
    patterns,
    pattern,
    holes,
    others,
    targets,
    datum: datumInForce(book)?.name,
    rotation,
    datumU: datum,
    farthestU: farthestU(targets, datum, carriedRotation(book)?.U),
  };
}

/** U of what an axis was last set from, mm; a local datum is as good as part zero was. */
export function datumU(book: SetupState, axis: 'x' | 'y'): number | null {
  const from = book.zeroings
    .filter((zeroing) => zeroing.axis === axis && zeroing.form !== 'lost' && zeroing.subject.kind !== 'datum')
    .at(-1)?.subject;
  if (lastZeroing(book, axis) === undefined || !from || !isFeature(from)) return null;
  return featureAnswer(book, from)?.[axis]?.uncertainty.U ?? null;
}

/** The widest U of any hole along each axis, once a turn is carried. */
function farthestU(
  targets: readonly Hole[],
  { x, y }: PositionsView['datumU'],
  turnU: number | undefined,
): PositionsView['farthestU'] {
  if (turnU === undefined || x === null || y === null) return null;
  const each = targets.map((hole) => rotatedU(hole, { x, y }, turnU));
  return {
    x: each.reduce((most, one) => Math.max(most, one.x), x),
    y: each.reduce((most, one) => Math.max(most, one.y), y),
  };
}

const isFeature = (subject: Subject): subject is Feature =>
  ['face', 'corner', 'middle', 'round', 'hole-line'].includes(subject.kind);
