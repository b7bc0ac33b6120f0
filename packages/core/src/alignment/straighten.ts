import { DEGREES } from '../units/degrees';
import { lineFit } from '../metrology/fits/lineFit';
import { pooledVariance, type TouchMethod } from '../metrology/touchBudget';
import { combine, type BudgetPart, type Uncertainty } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import type { WorkingLine, WorkingSection } from '../working/working';
import { sumSection } from '../working/working';
import { alignOnLine, type InLine } from './inLine';

/** A face that ought to run along an axis: where it was found across that axis, at places along it. All mm. */
export interface FaceLine {
  along: 'x' | 'y';
  /** Places along the axis, and the face's coordinate across it there. */
  points: readonly { at: number; across: number }[];
  /** Length of face the error is counted over. */
  over: number;
  /** What stays put, and the place that is tapped. */
  pivot: number;
  loose: number;
  method: TouchMethod;
  allowed: number;
  /** What the slope is called on the tape, and how its sign follows from the readings. */
  slopeLabel: string;
}

/** How to bring it in line. */
export interface Straightening {
  /** Change across per mm along. */
  slope: number;
  /** The face's direction, counter-clockwise from the axis seen from above, degrees. */
  angle: number;
  /** Error over the whole length, mm: toward + across at the + end. */
  error: number;
  /** How the tapped place must move across the axis, mm, + away from the operator (or to the right). */
  tap: number;
  uncertainty: Uncertainty;
  state: InLine;
  sections: WorkingSection[];
}

/**
 * A face's direction from places along it, and the tap that brings it in line about a pivot.
 * Least squares line; signs after ISO 841, angles counter-clockwise seen from above.
 *
 * @throws Refusal when all places are one
 */
export function straighten(face: FaceLine): Straightening {
  const { points, along, over, pivot, loose, method, allowed } = face;
  const places = new Set(points.map(({ at }) => at));
  if (places.size < 2) {
    throw new Refusal({
      code: 'one-place',
      field: 'points',
      message: `All readings are at one place along ${along.toUpperCase()}. Read at a second place, as far away as the face allows.`,
    });
  }
  const fit = lineFit(points.map(({ at, across }) => ({ at, value: across })));
  const { variance, dof } = pooledVariance(method, fit.squares, fit.dof);
  const lever = over / Math.sqrt(fit.leverage);
  const parts: BudgetPart[] = [
    { name: 'repeats', u: Math.sqrt(variance) * lever, shape: 'normal', dof },
    { name: 'display step', u: (method.resolution / Math.sqrt(12)) * lever, shape: 'uniform' },
  ];
  const uncertainty = combine(parts);
  const error = fit.slope * over;
  const tap = -fit.slope * (loose - pivot);
  const angle = Math.atan(fit.slope) * DEGREES * (along === 'x' ? 1 : -1);
  return {
    slope: fit.slope,
    angle,
    error,
    tap: tap === 0 ? 0 : tap,
    uncertainty,
    state: alignOnLine(error, uncertainty.U, allowed),
    sections: [
      perLength(face.slopeLabel, fit.slope, over),
      sumSection(
        'Tap, at the loose end',
        [
          {
            label: 'from pivot to loose end, times less the slope',
            value: tap,
            detail: [{ length: loose - pivot }, ` × ${(-fit.slope * 100).toFixed(4)} / 100`],
          },
        ],
        'move it by',
      ),
      angleSection('Direction of the face', [{ label: 'counter-clockwise, seen from above', value: angle }]),
    ],
  };
}

/** The line's rise over the whole length. */
function perLength(label: string, slope: number, over: number): WorkingSection {
  return sumSection(
    'Out of line',
    [{ label, value: slope * over, detail: [`${(slope * 100).toFixed(4)} / 100 × `, { length: over }] }],
    'over the whole length',
  );
}

/** One angle as a section of a tape. */
export function angleSection(title: string, lines: WorkingLine[], total = 'angle'): WorkingSection {
  return { ...sumSection(title, lines, total), quantity: 'angle' };
}

/** Readings at their places, before anything is made of them. */
export const readingSection = (lines: WorkingLine[], mean: number, total = 'mean of all'): WorkingSection => ({
  title: 'Readings',
  how: 'mean',
  quantity: 'length',
  lines,
  total: { label: total, value: mean },
});
