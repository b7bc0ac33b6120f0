import type { Pattern, Snapshot } from '@zero-point/core/contract/setup';
import type { Feature } from '@zero-point/core/contract/datumPlan';
import type { Subject } from '@zero-point/core/contract/ledger';
import { featureAnswer } from '@zero-point/core/ledger/featureAnswer';
import { carriedRotation } from '@zero-point/core/ledger/alignmentPass';
import { datumInForce, onScale } from '@zero-point/core/ledger/localDatum';
import { lastZeroing } from '@zero-point/core/ledger/inForce';
import { boltCirclePositions, boltCircleStep } from '@zero-point/core/positions/boltCircle';
import type { HolePosition } from '@zero-point/core/positions/boltCircle.schema';
import { rotate, rotatedU } from '@zero-point/core/positions/rotate';
import { positionsCsv } from '@zero-point/core/formats/positionsCsv';
import { useMemo } from 'react';
import { uuidv7 } from 'uuidv7';
import { logEntry } from '../useSetup';

/** What the Positions screens show of the pattern in hand. */
export interface PositionsView {
  pattern: Pattern | undefined;
  /** In the part's own frame, for the drawing. */
  holes: HolePosition[];
  /** Where the machine must go: the same, turned with a part whose angle is carried. */
  targets: HolePosition[];
  /** The local datum they are counted from; part zero where there is none. */
  datum: string | undefined;
  /** The angle carried, degrees; 0 for none. */
  rotation: number;
  step: number;
  /** U of each axis' datum, mm; null while the axis is not set. */
  datumU: { x: number | null; y: number | null };
  /** U at the hole a carried turn leaves known worst, mm; null where none is carried or the datum is not set. */
  farthestU: { x: number; y: number } | null;
}

/** State of the Positions station to view. */
export function usePositions(snapshot: Snapshot, patternId: string | undefined): PositionsView {
  const pattern = snapshot.patterns.find(({ id }) => id === patternId) ?? snapshot.patterns[0];
  const circle = pattern?.circle;
  const holes = useMemo(() => (circle ? boltCirclePositions(circle) : []), [circle]);
  const rotation = carriedRotation(snapshot)?.angle ?? 0;
  const targets = useMemo(
    () => holes.map((hole) => ({ ...onScale(snapshot, rotate(hole, rotation)), angle: hole.angle + rotation })),
    [holes, rotation, snapshot],
  );
  const datum = { x: datumU(snapshot, 'x'), y: datumU(snapshot, 'y') };
  return {
    pattern,
    holes,
    targets,
    datum: datumInForce(snapshot)?.name,
    rotation,
    step: circle ? boltCircleStep(circle) : 0,
    datumU: datum,
    farthestU: farthestU(targets, datum, carriedRotation(snapshot)?.U),
  };
}

/** U of what an axis was last set from, mm; a local datum is as good as part zero was. */
function datumU(snapshot: Snapshot, axis: 'x' | 'y'): number | null {
  const from = snapshot.zeroings
    .filter((zeroing) => zeroing.axis === axis && zeroing.form !== 'lost' && zeroing.subject.kind !== 'datum')
    .at(-1)?.subject;
  if (lastZeroing(snapshot, axis) === undefined || !from || !isFeature(from)) return null;
  return featureAnswer(snapshot, from)?.[axis]?.uncertainty.U ?? null;
}

/** The widest U of any hole along each axis, once a turn is carried. */
function farthestU(
  targets: readonly HolePosition[],
  { x, y }: PositionsView['datumU'],
  turnU: number | undefined,
): PositionsView['farthestU'] {
  if (turnU === undefined || x === null || y === null) return null;
  const each = targets.map((hole) => rotatedU(hole, { x, y }, turnU));
  return { x: Math.max(x, ...each.map((one) => one.x)), y: Math.max(y, ...each.map((one) => one.y)) };
}

const isFeature = (subject: Subject): subject is Feature =>
  ['face', 'corner', 'middle', 'round', 'hole-line'].includes(subject.kind);

/** Keeps a pattern, in place of the one with its id. */
export const logPattern = (snapshot: Snapshot, pattern: Pattern): void =>
  logEntry({ kind: 'pattern', setupId: snapshot.setup.id, body: pattern });

/** A first bolt circle in the middle of the part. */
export function newCircle(snapshot: Snapshot): Pattern {
  const { part, setup } = snapshot;
  const across = Math.min(part.size.x, part.size.y);
  const centred = setup.partZero === 'centre';
  return {
    id: uuidv7(),
    name: `Bolt circle ${snapshot.patterns.length + 1}`,
    kind: 'bolt-circle',
    holeDiameter: 4,
    circle: {
      centre: centred ? { x: 0, y: 0 } : { x: part.size.x / 2, y: part.size.y / 2 },
      diameter: Math.round(across / 2),
      holes: 6,
      firstAngle: 0,
      direction: 'counter-clockwise',
    },
  };
}

/** Hands the positions to the person as a CSV file, made on the device so that it works with the server away. */
export function saveCsv(snapshot: Snapshot): void {
  const blob = new Blob([positionsCsv(snapshot.patterns, snapshot.setup.units, carriedRotation(snapshot)?.angle)], {
    type: 'text/csv',
  });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = `${snapshot.setup.id}-positions.csv`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
