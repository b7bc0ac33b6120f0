import type { Pattern, Snapshot } from '@zero-point/core/contract/setup';
import { faceAnswer } from '@zero-point/core/ledger/faceAnswer';
import { carriedRotation } from '@zero-point/core/ledger/alignmentPass';
import { middleAnswer } from '@zero-point/core/ledger/middleAnswer';
import { lastZeroing } from '@zero-point/core/ledger/inForce';
import { boltCirclePositions, boltCircleStep } from '@zero-point/core/positions/boltCircle';
import type { HolePosition } from '@zero-point/core/positions/boltCircle.schema';
import { rotate } from '@zero-point/core/positions/rotate';
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
  /** The angle carried, degrees; 0 for none. */
  rotation: number;
  step: number;
  /** U of each axis' datum, mm; null while the axis is not set. */
  datumU: { x: number | null; y: number | null };
}

/** State of the Positions station to view. */
export function usePositions(snapshot: Snapshot, patternId: string | undefined): PositionsView {
  const pattern = snapshot.patterns.find(({ id }) => id === patternId) ?? snapshot.patterns[0];
  const circle = pattern?.circle;
  const holes = useMemo(() => (circle ? boltCirclePositions(circle) : []), [circle]);
  const rotation = carriedRotation(snapshot)?.angle ?? 0;
  const targets = useMemo(
    () => holes.map((hole) => ({ ...rotate(hole, rotation), angle: hole.angle + rotation })),
    [holes, rotation],
  );
  return {
    pattern,
    holes,
    targets,
    rotation,
    step: circle ? boltCircleStep(circle) : 0,
    datumU: { x: datumU(snapshot, 'x'), y: datumU(snapshot, 'y') },
  };
}

/** U of the face or middle an axis was last set from, mm. */
function datumU(snapshot: Snapshot, axis: 'x' | 'y'): number | null {
  const from = lastZeroing(snapshot, axis)?.subject;
  if (from?.kind === 'middle') return middleAnswer(snapshot, from.axis)?.result.uncertainty.U ?? null;
  return (from?.kind === 'face' && faceAnswer(snapshot, from.face)?.result.uncertainty.U) || null;
}

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
