import { CALIBRATION_CAUTIONS } from '../cautions/caution';
import { repeats } from '../metrology/repeats';
import { displayPart, repeatPart } from '../metrology/touchBudget';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { meanSection, sumSection } from '../working/working';
import type { ByInstrumentInput, ByInstrumentOutput } from './byInstrument.schema';

/**
 * A plate, block, feeler, paper strip or cutter measured by a caliper or a micrometer: the mean of repeats at different
 * places, less what the instrument is known to read over, with the instrument's own U. mm (JCGM 100:2008, 4.2 and 4.3).
 *
 * @throws Refusal when nothing is left of it
 * @example
 * byInstrument({ readings: [12.42, 12.43, 12.41], instrument: { resolution: 0.01, sd: 0.01, U: 0.02, error: 0 } }).size // 12.42
 */
export function calibrateByInstrument({ readings, instrument }: ByInstrumentInput): ByInstrumentOutput {
  const method = { resolution: instrument.resolution, methodSd: instrument.sd };
  const seen = repeats(readings, method);
  const section = sumSection(
    'Size',
    [
      { label: readings.length === 1 ? 'the reading' : 'mean of the readings', value: seen.mean },
      ...(instrument.error === 0 ? [] : [{ label: 'less what the instrument reads over', value: -instrument.error }]),
    ],
    'size',
  );
  if (section.total.value <= 0) {
    throw new Refusal({
      code: 'no-size',
      field: 'readings',
      message: 'The result is zero or less. Check that the instrument reads zero when closed.',
    });
  }
  return {
    size: section.total.value,
    repeats: seen,
    uncertainty: combine([
      repeatPart(seen, method),
      displayPart(seen, method),
      { name: 'the instrument itself', u: instrument.U / 2, shape: 'normal' },
    ]),
    tape: { sections: [meanSection('Readings', readings, seen.mean), section] },
    cautions: [CALIBRATION_CAUTIONS.cleanAndEven],
  };
}
