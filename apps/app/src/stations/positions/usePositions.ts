import type { Pattern, Snapshot } from '@zero-point/core/contract/setup';
import type { Feature } from '@zero-point/core/contract/datumPlan';
import type { Subject } from '@zero-point/core/contract/ledger';
import { featureAnswer } from '@zero-point/core/ledger/featureAnswer';
import { carriedRotation } from '@zero-point/core/ledger/alignmentPass';
import { patternHoles, patternsInHand, targetOf, type Hole } from '@zero-point/core/ledger/holes';
import { datumInForce } from '@zero-point/core/ledger/localDatum';
import { lastZeroing } from '@zero-point/core/ledger/inForce';
import { rotatedU } from '@zero-point/core/positions/rotate';
import { useMemo } from 'react';
import { logEntry } from '../useSetup';

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
export function usePositions(snapshot: Snapshot, patternId: string | undefined): PositionsView {
  const { patterns: all, datumPlan } = snapshot;
  const patterns = useMemo(() => patternsInHand({ patterns: all }), [all]);
  const pattern = patterns.find(({ id }) => id === patternId) ?? patterns[0];
  const holes = useMemo(() => (pattern ? patternHoles({ datumPlan }, pattern) : []), [datumPlan, pattern]);
  const others = useMemo(
    () => patterns.filter(({ id }) => id !== pattern?.id).flatMap((one) => patternHoles({ datumPlan }, one)),
    [datumPlan, patterns, pattern],
  );
  const rotation = carriedRotation(snapshot)?.angle ?? 0;
  const targets = useMemo(
    () =>
      holes.map((hole) => ({
        ...targetOf(snapshot, hole),
        angle: hole.angle === null ? null : hole.angle + rotation,
      })),
    [holes, rotation, snapshot],
  );
  const datum = { x: datumU(snapshot, 'x'), y: datumU(snapshot, 'y') };
  return {
    patterns,
    pattern,
    holes,
    others,
    targets,
    datum: datumInForce(snapshot)?.name,
    rotation,
    datumU: datum,
    farthestU: farthestU(targets, datum, carriedRotation(snapshot)?.U),
  };
}

/** U of what an axis was last set from, mm; a local datum is as good as part zero was. */
export function datumU(snapshot: Snapshot, axis: 'x' | 'y'): number | null {
  const from = snapshot.zeroings
    .filter((zeroing) => zeroing.axis === axis && zeroing.form !== 'lost' && zeroing.subject.kind !== 'datum')
    .at(-1)?.subject;
  if (lastZeroing(snapshot, axis) === undefined || !from || !isFeature(from)) return null;
  return featureAnswer(snapshot, from)?.[axis]?.uncertainty.U ?? null;
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

/** Keeps a pattern, in place of the one with its id. */
export const logPattern = (snapshot: Snapshot, pattern: Pattern): void =>
  logEntry({ kind: 'pattern', setupId: snapshot.setup.id, body: pattern });

/** Keeps how the cutting is planned, with this of it changed. */
export const logCut = (snapshot: Snapshot, change: Partial<Snapshot['cutPlan']>): void =>
  logEntry({ kind: 'cut', setupId: snapshot.setup.id, body: { ...snapshot.cutPlan, ...change } });
