import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { judge } from '../metrology/judge';
import { repeats } from '../metrology/repeats';
import { displayPart, repeatPart } from '../metrology/touchBudget';
import { combine, type BudgetPart, type Uncertainty } from '../metrology/uncertainty';
import { meanSection, sumSection } from '../working/working';
import type { CentrePlugInput, CentrePlugOutput } from './centrePlug.schema';

/**
 * A bore under the spindle by a centring plug in a collet: the reading is the centre. Taken only with a
 * confirming sweep or by the person's word, and marked as which. mm.
 *
 * The plug's own run-out stands still while it seats, its high side unknown: TIR²/8 (an arc-sine of half
 * the TIR; JCGM 100:2008, 4.3). A sweep afterwards sees the eccentricity itself, at most half of what it shows.
 *
 * @example
 * centrePlug({ x: [62.01], y: [57.99], nominal: { x: 0, y: 0 }, method: { resolution: 0.005, methodSd: 0.01 },
 *   uTouch: 0.01, plugTir: 0.02, confirm: { by: 'word' }, allowed: 0.05 }).centre // { x: 62.01, y: 57.99 }
 */
export function centrePlug(input: CentrePlugInput): CentrePlugOutput {
  const { method, confirm, nominal } = input;
  const seen = { x: repeats(input.x, method), y: repeats(input.y, method) };
  const bySeating: BudgetPart[] = [
    { name: 'seating of the plug', u: input.uTouch, shape: 'normal' },
    { name: 'run-out of the plug, standing', u: input.plugTir / Math.sqrt(8), shape: 'normal' },
  ];
  const bySweep: BudgetPart[] =
    confirm.by === 'sweep'
      ? [{ name: 'half the sweep', u: confirm.tir / 2 / Math.sqrt(2), shape: 'normal' }]
      : bySeating;
  // One ± for both: that of the axis that is known worse, by its own scatter and number of readings.
  const [x, y] = [seen.x, seen.y].map((of) =>
    combine([repeatPart(of, method), displayPart(of, method), ...bySweep]),
  ) as [Uncertainty, Uncertainty];
  const uncertainty = x.U >= y.U ? x : y;
  const verdict = judge(uncertainty.U, input.allowed);
  const axes = (['x', 'y'] as const).flatMap((axis) => [
    meanSection(`Readings, ${axis.toUpperCase()}`, input[axis], seen[axis].mean),
    sumSection(
      `Work offset ${axis.toUpperCase()}`,
      [
        { label: 'centre', value: seen[axis].mean },
        { label: 'less its place on the part', value: -nominal[axis] },
      ],
      'part zero at',
    ),
  ]);
  return {
    centre: { x: seen.x.mean, y: seen.y.mean },
    repeats: seen,
    workOffset: { x: seen.x.mean - nominal.x, y: seen.y.mean - nominal.y },
    confirmed: confirm.by,
    notes: [{ code: (verdict === 'good' ? PROVEN : NOT_PROVEN)[confirm.by] }],
    verdict,
    uncertainty,
    tape: { sections: axes },
    cautions: [ALIGNMENT_CAUTIONS.plugStopped, ALIGNMENT_CAUTIONS.plugInCollet],
  };
}

/** What is said of a plug that serves the job, and of one that does not, by what confirmed it. */
const PROVEN = { sweep: 'plug-proven', word: 'plug-suffices' } as const;
const NOT_PROVEN = { sweep: 'sweep-disproves', word: 'sweep-worth-it' } as const;
