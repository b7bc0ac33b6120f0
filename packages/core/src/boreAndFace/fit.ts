import { sumSection } from '../working/working';
import type { FitInput, FitOutput } from './fit.schema';
import { isoFit } from './isoFit';

/**
 * The limits of a hole by its fit, and where a measured size lies in them (ISO 286-1:2010). mm.
 *
 * @throws Refusal when the text is no fit, or one that is not known here
 * @example fit({ fit: '26 H7', measured: 25.9 }) // low 26, high 26.021, middle 26.0105, lies 'under', left 0.1105
 */
export function fit({ fit: text, measured }: FitInput): FitOutput {
  const { nominal, low, high } = isoFit(text);
  const middle = (low + high) / 2;
  const lies = measured === undefined ? null : measured < low ? 'under' : measured > high ? 'over' : 'within';
  return {
    nominal,
    low,
    high,
    middle,
    lies,
    left: measured === undefined ? null : middle - measured,
    tape: {
      sections: [
        sumSection(
          'Lower limit',
          [
            { label: 'nominal size', value: nominal },
            { label: 'lower deviation', value: low - nominal },
          ],
          'lower limit',
        ),
        sumSection(
          'Upper limit',
          [
            { label: 'nominal size', value: nominal },
            { label: 'upper deviation', value: high - nominal },
          ],
          'upper limit',
        ),
        ...(measured === undefined
          ? []
          : [
              sumSection(
                'Left to cut',
                [
                  { label: 'middle of the limits', value: middle },
                  { label: 'less what was measured', value: -measured },
                ],
                'on the diameter',
              ),
            ]),
      ],
    },
    cautions: [],
  };
}
