import type { Snapshot } from '../contract/setup';
import { explain } from '../discrepancy/explain';
import type { ExplainOutput } from '../discrepancy/explain.schema';
import { faceAnswer, type FaceAnswer } from './faceAnswer';
import { FACES_ACROSS } from './middleAnswer';

/** U of a length from the drawing or a caliper, mm. */
const KNOWN_U = 0.05;

/** The part's size along one axis, as both of its faces have it, against what is known. */
export interface WidthCheck {
  axis: 'x' | 'y';
  measured: number;
  known: number;
  U: number;
  explanation: ExplainOutput;
}

/**
 * Compares two opposite faces touched on one scale epoch with the part's known size; undefined while only one was,
 * the scale was given another zero between them, or a reading of either is wild.
 */
export function widthCheck(snapshot: Snapshot, axis: 'x' | 'y'): WidthCheck | undefined {
  const [near, far] = FACES_ACROSS[axis];
  const [a, b] = [faceAnswer(snapshot, near), faceAnswer(snapshot, far)];
  if (!a || !b || epochOf(a) !== epochOf(b)) return undefined;
  // A reading that stands apart comes first; with it in the mean nothing else can be said.
  if (a.result.repeats.wild.length + b.result.repeats.wild.length > 0) return undefined;
  const known = snapshot.part.size[axis];
  const measured = b.result.edge - a.result.edge;
  const U = Math.hypot(a.result.uncertainty.U, b.result.uncertainty.U, KNOWN_U);
  const profile = snapshot.machine.axes[axis];
  const explanation = explain({
    measured,
    known,
    U,
    radius: a.result.radius,
    feeler: a.readings[0]?.feeler,
    perTurn: snapshot.machine.kind === 'dials' ? profile.dial?.perTurn : undefined,
    backlash: profile.backlash?.value,
  });
  return { axis, measured, known, U, explanation };
}

const epochOf = ({ readings }: FaceAnswer): number => readings[0]?.epoch ?? 0;
