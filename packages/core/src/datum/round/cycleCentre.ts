import { METHOD_CAUTIONS } from '../../cautions/caution';
import { judge } from '../../metrology/judge';
import { repeats } from '../../metrology/repeats';
import { displayPart, repeatPart, TOUCH_PART } from '../../metrology/touchBudget';
import { combine } from '../../metrology/uncertainty';
import { meanSection, sumSection } from '../../working/working';
import type { CycleCentreInput, CycleCentreOutput } from './cycleCentre.schema';

/**
 * The centre of a bore or boss as a control's own cycle gave it, from a wall on either side along each axis. The ball is
 * off already, and cancels in a centre besides; what is left is how each of two touches trips, 1/√2 of one (JCGM 100:2008,
 * 5.1.2). mm, ISO 841.
 *
 * @example
 * cycleCentre({ x: [310.002], y: [142.498], nominal: { x: 62, y: 58 }, method: { resolution: 0.001, methodSd: 0.002 },
 *   uTouch: 0.002 }).workOffset // { x: 248.002, y: 84.498 }
 */
export function cycleCentre(input: CycleCentreInput): CycleCentreOutput {
  const { method, nominal, tolerance } = input;
  const seen = { x: repeats(input.x, method), y: repeats(input.y, method) };
  const axis = (name: 'x' | 'y') => {
    const offset = sumSection(
      `Work offset ${name.toUpperCase()}`,
      [
        { label: 'centre, as the control gave it', value: seen[name].mean },
        { label: 'less its place on the part', value: -nominal[name] },
      ],
      'part zero at',
    );
    const known = combine([
      repeatPart(seen[name], { ...method, methodSd: method.methodSd * Math.SQRT1_2 }),
      displayPart(seen[name], method),
      { name: TOUCH_PART, u: input.uTouch * Math.SQRT1_2, shape: 'normal' },
    ]);
    return { offset, known };
  };
  const [x, y] = [axis('x'), axis('y')];
  const uncertainty = x.known.U >= y.known.U ? x.known : y.known;
  return {
    centre: { x: seen.x.mean, y: seen.y.mean },
    repeats: seen,
    workOffset: { x: x.offset.total.value, y: y.offset.total.value },
    axes: { x: x.known, y: y.known },
    uncertainty,
    verdict: tolerance === undefined ? null : judge(uncertainty.U, tolerance),
    tape: {
      sections: [
        meanSection('Centre X, cycle by cycle', input.x, seen.x.mean),
        meanSection('Centre Y, cycle by cycle', input.y, seen.y.mean),
        x.offset,
        y.offset,
      ],
    },
    cautions: [METHOD_CAUTIONS.probeSlow],
  };
}
