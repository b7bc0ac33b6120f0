import { HEIGHT_CAUTIONS } from '../cautions/caution';
import { repeats } from '../metrology/repeats';
import { touchBudget } from '../metrology/touchBudget';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { meanSection, sumSection, type WorkingLine } from '../working/working';
import type { HeightMasterInput, HeightMasterOutput } from './heightMaster.schema';

/**
 * A setter by a master tool of known length, Z_trig = Z_touch - L; or a probe's length by a block of known height,
 * L = Z_touch - (surface + block). Calibration by comparison with a standard (JCGM 100:2008, 4.3.2). mm, ISO 841.
 *
 * @throws Refusal when a probe comes out no length at all
 * @example
 * heightMaster({ readings: [-40], known: { what: 'setter-by-master', length: 100, U: 0.002 },
 *   method: { resolution: 0.001, methodSd: 0.003 }, uTouch: 0.003 }).value // -140
 */
export function heightMaster(input: HeightMasterInput): HeightMasterOutput {
  const { known, method } = input;
  const seen = repeats(input.readings, method);
  const [title, terms, total]: [string, WorkingLine[], string] =
    known.what === 'setter-by-master'
      ? ['Where the bare gauge line would touch', [{ label: 'less the master', value: -known.length }], 'setter at Z']
      : [
          'Length of the probe',
          [
            { label: 'less the surface', value: -known.surface },
            { label: 'less the block on it', value: -known.block },
          ],
          'length',
        ];
  const section = sumSection(title, [{ label: 'mean of the readings', value: seen.mean }, ...terms], total);
  if (known.what === 'probe-by-block' && section.total.value <= 0) {
    throw new Refusal({
      code: 'no-length',
      field: 'readings',
      message:
        'The probe comes out no longer than nothing. See which Z the surface has, and that the block stood on it.',
    });
  }
  return {
    value: section.total.value,
    repeats: seen,
    uncertainty: combine([
      ...touchBudget(seen, method, { uTouch: input.uTouch, uSize: 0 }),
      {
        name: known.what === 'setter-by-master' ? 'size of the master' : 'size of the block',
        u: known.U / 2,
        shape: 'normal',
      },
    ]),
    tape: { sections: [meanSection('Readings', input.readings, seen.mean), section] },
    cautions: [HEIGHT_CAUTIONS.comeSlowly],
  };
}
