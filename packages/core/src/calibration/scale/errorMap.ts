import { CALIBRATION_CAUTIONS } from '../../cautions/caution';
import { repeats } from '../../metrology/repeats';
import { displayPart, repeatPart } from '../../metrology/touchBudget';
import { combine, type Uncertainty } from '../../metrology/uncertainty';
import { Refusal } from '../../problem/problem';
import { sumSection } from '../../working/working';
import type { ErrorMapInput, ErrorMapOutput } from './errorMap.schema';

/** More than this of what is known is no error of a scale but another block, or another unit. */
const MOST_SHARE = 0.02;

/**
 * What a caliper, an indicator or the scale of an axis reads over at blocks of known length: shown less known at each
 * (ISO 13385-1, error of indication; ISO 230-2 for an axis), and how it grows along the travel. mm.
 *
 * @throws Refusal when a place is given twice, or an error can be none of a scale
 * @example
 * errorMap({ points: [{ known: 100, U: 0.001, shown: [100.012] }], zero: 0,
 *   method: { resolution: 0.005, methodSd: 0.003 } }).worst // 0.012
 */
export function errorMap({ points, zero, method }: ErrorMapInput): ErrorMapOutput {
  const sorted = [...points].sort((a, b) => a.known - b.known);
  const reckoned = sorted.map(({ known, U, shown }, i) => {
    const seen = repeats(shown, method);
    const section = sumSection(
      'What it reads over',
      [
        { label: shown.length === 1 ? 'shown' : `shown, mean of ${shown.length}`, value: seen.mean },
        { label: 'less what it shows at nothing', value: -zero },
        { label: 'less the block', value: -known },
      ],
      'reads over by',
    );
    const error = section.total.value;
    if (sorted[i + 1]?.known === known) {
      throw new Refusal({
        code: 'block-twice',
        field: 'points',
        message: 'The same block is given twice. Give each place once, with all its readings.',
      });
    }
    if (Math.abs(error) > Math.max(0.5, known * MOST_SHARE)) {
      throw new Refusal({
        code: 'other-block',
        field: 'points',
        message: 'It is off by too much. Check the block, its unit, and the reading without a block.',
      });
    }
    const uncertainty = combine([
      repeatPart(seen, method),
      displayPart(seen, method),
      { name: 'display step, at nothing', u: method.resolution / Math.sqrt(12), shape: 'uniform' },
      { name: 'size of the block', u: U / 2, shape: 'normal' },
    ]);
    return { at: known, error, uncertainty, section };
  });
  const largest = reckoned.reduce((most, one) => (Math.abs(one.error) > Math.abs(most.error) ? one : most));
  return {
    errors: reckoned.map(({ at, error, uncertainty }) => ({ at, error, U: uncertainty.U })),
    worst: largest.error,
    perMm: reckoned.length > 1 ? alongTravel(reckoned) : null,
    uncertainty: largest.uncertainty,
    tape: { sections: reckoned.map(({ section }) => section) },
    cautions: [CALIBRATION_CAUTIONS.cleanAndEven],
  };
}

/** Least squares through the origin: at no travel nothing is read over. */
function alongTravel(points: readonly { at: number; error: number; uncertainty: Uncertainty }[]) {
  const weight = ({ uncertainty: { u } }: (typeof points)[number]) => (u > 0 ? 1 / u ** 2 : 1);
  const squares = points.reduce((sum, one) => sum + weight(one) * one.at ** 2, 0);
  const value = points.reduce((sum, one) => sum + weight(one) * one.at * one.error, 0) / squares;
  return { value, U: 2 / Math.sqrt(squares) };
}
