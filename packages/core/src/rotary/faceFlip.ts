import { EDGE_CAUTIONS } from '../cautions/caution';
import { judge } from '../metrology/judge';
import { repeats } from '../metrology/repeats';
import { displayPart, repeatPart, SIZE_PART, TOUCH_PART } from '../metrology/touchBudget';
import { combine, type BudgetPart } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { meanSection, sumSection } from '../working/working';
import type { FaceFlipInput, FaceFlipOutput } from './faceFlip.schema';

/** A face that flipped moves at least so far, mm, or lies on the axis itself and tells it alone. */
const SAME = 1e-9;

/**
 * A rotary axis from a rotary table face's face touched on a linear axis, flipped half a turn, and touched from the other side:
 * axis = (face1 + face2) / 2, and the face's height above the centre of rotation g = r (face1 - face2) / 2, r being the way
 * its normal pointed at the first. With Z of the face as it lies up, the centre is g below it. mm, ISO 841 and the
 * reversal technique of ISO 230-1:2012.
 *
 * @throws Refusal when the two touches are one place: it did not flip
 * @example
 * faceFlip({ face1: [112.64], face2: [104.48], normal: 1, faceZ: -318.225, method: { resolution: 0.001, methodSd: 0.002 },
 *   uTouch: 0.002, uSize: 0.002 }) // axis 108.56, g 4.08, axisZ -322.305
 */
export function faceFlip(input: FaceFlipInput): FaceFlipOutput {
  const { normal, faceZ, method, tolerance } = input;
  const seen = { face1: repeats(input.face1, method), face2: repeats(input.face2, method) };
  const [one, two] = [seen.face1.mean, seen.face2.mean];
  if (Math.abs(one - two) < SAME) {
    throw new Refusal({
      code: 'not-flipped',
      field: 'face2',
      message:
        'The face is at the same place both times. It was not turned over, or it was touched twice on one side. Turn the axis half round and touch it from the other side.',
    });
  }
  const axisSection = sumSection(
    'Axis of rotation',
    [
      { label: 'half of the first', value: one / 2, detail: [{ length: one }, ' / 2'] },
      { label: 'half of the flipped', value: two / 2, detail: [{ length: two }, ' / 2'] },
    ],
    'axis at',
  );
  const gSection = sumSection(
    'The face above the centre of rotation',
    [
      { label: normal === 1 ? 'half of the first' : 'less half of the first', value: (normal * one) / 2 },
      { label: normal === 1 ? 'less half of the flipped' : 'half of the flipped', value: (-normal * two) / 2 },
    ],
    'above it by',
  );
  const g = gSection.total.value;
  const zSection =
    faceZ === undefined
      ? undefined
      : sumSection(
          'Z of the centre of rotation',
          [
            { label: 'Z of the face as it lies up', value: faceZ },
            { label: 'less its height above the centre', value: -g },
          ],
          'centre at Z',
        );
  const each: BudgetPart[] = (['face1', 'face2'] as const).flatMap((face) => {
    const name = face === 'face1' ? 'first' : 'flipped';
    return [
      { ...repeatPart(seen[face], method, `repeats, ${name}`) },
      { ...displayPart(seen[face], method, `display step, ${name}`) },
      { name: `${TOUCH_PART}, ${name}`, u: input.uTouch, shape: 'normal' as const },
    ].map((part) => ({ ...part, u: part.u / 2 }));
  });
  // Touched from opposite sides, the contact's size cancels in the axis; in the height it is there in full.
  const uncertainty = combine(each);
  const gUncertainty = combine([...each, { name: SIZE_PART, u: input.uSize, shape: 'normal' }]);
  return {
    axis: axisSection.total.value,
    g,
    axisZ: zSection?.total.value ?? null,
    repeats: seen,
    uncertainty,
    gUncertainty,
    verdict: tolerance === undefined ? null : judge(Math.max(uncertainty.U, gUncertainty.U), tolerance),
    tape: {
      sections: [
        meanSection('The face, first', input.face1, one),
        meanSection('The face, flipped', input.face2, two),
        axisSection,
        gSection,
        ...(zSection ? [zSection] : []),
      ],
    },
    cautions: [EDGE_CAUTIONS.raiseFirst],
  };
}
