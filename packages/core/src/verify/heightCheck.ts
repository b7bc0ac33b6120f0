import { MEASURE_CAUTIONS } from '../cautions/caution';
import { combine } from '../metrology/uncertainty';
import { sumSection } from '../working/working';
import type { HeightCheckInput, HeightCheckOutput } from './heightCheck.schema';

/**
 * A thickness or a depth that one tool made, against what it should be: what is left too high is what the tool's length is
 * off by, since Z of the spindle = work offset + length + Z (ISO 841). U by JCGM 100:2008. mm.
 *
 * @example heightCheck({ should: 9.5, measured: 9.62, counts: 'thickness', measuredU: 0.01, tolerance: 0.05 }).lengthBy // -0.12
 */
export function heightCheck({ should, measured, counts, measuredU, tolerance }: HeightCheckInput): HeightCheckOutput {
  const section =
    counts === 'thickness'
      ? sumSection(
          'Left too thick',
          [
            { label: 'as measured', value: measured },
            { label: 'less as it should be', value: -should },
          ],
          'too high',
        )
      : sumSection(
          'Not deep enough',
          [
            { label: 'as it should be', value: should },
            { label: 'less as measured', value: -measured },
          ],
          'too high',
        );
  const high = section.total.value;
  return {
    high,
    inLimits: Math.abs(high) <= tolerance,
    lengthBy: high === 0 ? 0 : -high,
    isTold: Math.abs(high) > measuredU,
    uncertainty: combine([{ name: 'measurement', u: measuredU / 2, shape: 'normal' }]),
    tape: {
      sections: [
        section,
        sumSection('The tool’s length', [{ label: 'less what is too high', value: -high }], 'added to its row'),
      ],
    },
    cautions: [MEASURE_CAUTIONS.stopped],
  };
}
