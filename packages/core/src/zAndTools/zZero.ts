import { HEIGHT_CAUTIONS } from '../cautions/caution';
import { judge } from '../metrology/judge';
import { repeats } from '../metrology/repeats';
import { searchPart } from '../metrology/searchPart';
import { touchBudget } from '../metrology/touchBudget';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { meanSection, sumSection, type WorkingLine } from '../working/working';
import type { ZZeroInput, ZZeroOutput } from './zZero.schema';

/**
 * Z zero from a gauge of known thickness under the tool: while touching, Z is made to read the
 * surface's height plus the gauge (signs after ISO 841). mm throughout.
 *
 * A probe of calibrated length stands for the reference tool: that tool's tip would be higher by what the probe is longer.
 *
 * For a pass in the air the whole job is lifted by making Z read that much less.
 *
 * When the tool was raised in steps of d until the gauge just passed, its tip stands anywhere between the gauge and a step
 * above it: half a step is added, and a uniform of width d goes into U. Where the gauge's own size is kept instead, the tip
 * is up to a whole step higher than Z says: U then says the whole step, and a note that it cuts shallow by up to that.
 *
 * @throws Refusal when the gauge has no thickness, and the tool does not touch the surface itself
 * @example
 * zZero({ readings: [37.42], gaugeThickness: 10, surfaceHeight: 0,
 *   method: { resolution: 0.005, methodSd: 0.01 }, uTouch: 0.01, uSize: 0.002 }).setZ // 10
 */
export function zZero(input: ZZeroInput): ZZeroOutput {
  if (input.gaugeThickness === 0 && input.direct !== true) {
    throw new Refusal({
      code: 'no-thickness',
      field: 'gaugeThickness',
      message: 'The gauge’s thickness is zero. Enter its measured thickness.',
    });
  }
  const seen = repeats(input.readings, input.method);
  const search = input.search;
  const half = search?.takeHalf ? search.step / 2 : 0;
  const halfLine: WorkingLine[] =
    half > 0 && search ? [{ label: 'half the last step', value: half, detail: [{ length: search.step }, ' / 2'] }] : [];
  const longerLine: WorkingLine[] = input.longer
    ? [{ label: 'probe longer than the reference tool', value: input.longer }]
    : [];
  const liftLine: WorkingLine[] = input.lift ? [{ label: 'less the lift of the air cut', value: -input.lift }] : [];
  const setSection = sumSection(
    'Set Z, still touching',
    [
      { label: 'height of the surface', value: input.surfaceHeight },
      { label: 'gauge under the tool', value: input.gaugeThickness },
      ...longerLine,
      ...halfLine,
      ...liftLine,
    ],
    'set Z to',
  );
  const offsetSection = sumSection(
    'Work offset',
    [
      { label: 'mean of the readings', value: seen.mean },
      { label: 'less what Z should read', value: -setSection.total.value },
    ],
    'part zero at',
  );
  const uncertainty = combine([
    ...touchBudget(seen, input.method, { uTouch: input.uTouch, uSize: input.uSize }),
    ...(search ? [searchPart(search)] : []),
  ]);
  return {
    repeats: seen,
    setZ: setSection.total.value,
    workOffset: offsetSection.total.value,
    uncertainty,
    verdict: input.tolerance === undefined ? null : judge(uncertainty.U, input.tolerance),
    notes: search && !search.takeHalf ? [{ code: 'search-one-sided', step: search.step }] : [],
    tape: { sections: [meanSection('Readings', input.readings, seen.mean), setSection, offsetSection] },
    cautions: [HEIGHT_CAUTIONS.raiseOnto, HEIGHT_CAUTIONS.gaugeOff],
  };
}
