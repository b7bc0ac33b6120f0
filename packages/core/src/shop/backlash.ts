import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { differenceUncertainty } from '../alignment/opposite';
import { mean } from '../metrology/mean';
import { meanSection, sumSection } from '../working/working';
import type { BacklashInput, BacklashOutput } from './backlash.schema';

/** Repeats from each side under which the answer is called thin. */
const GOOD_REPEATS = 6;

/**
 * Backlash of an axis: what its dial shows at one place of the table, arriving from both sides. The difference of
 * the two means is the backlash (reversal value, ISO 230-2). mm.
 *
 * @example
 * backlash({ fromMinus: [10.18], fromPlus: [10], method: { resolution: 0.025, methodSd: 0.01 } }).backlash // 0.18
 */
export function backlash(input: BacklashInput): BacklashOutput {
  const { fromMinus, fromPlus, method } = input;
  const [a, b] = [mean(fromMinus), mean(fromPlus)];
  const turn = a >= b ? 1 : -1;
  const difference = sumSection(
    'Backlash',
    [
      { label: turn === 1 ? 'arriving in plus' : 'arriving in minus', value: turn === 1 ? a : b },
      { label: turn === 1 ? 'less arriving in minus' : 'less arriving in plus', value: turn === 1 ? -b : -a },
    ],
    'backlash',
  );
  const uncertainty = differenceUncertainty(fromMinus, fromPlus, { ...method, sense: 1 });
  const fewest = Math.min(fromMinus.length, fromPlus.length);
  return {
    backlash: difference.total.value,
    uncertainty,
    notes: [
      ...(fewest < GOOD_REPEATS ? [{ code: 'few-from-one-side' as const, fewest }] : []),
      ...(difference.total.value <= uncertainty.U ? [{ code: 'less-than-its-u' as const }] : []),
    ],
    tape: {
      sections: [
        meanSection('Arriving in the plus direction', fromMinus, a),
        meanSection('Arriving in the minus direction', fromPlus, b),
        difference,
      ],
    },
    cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
  };
}
