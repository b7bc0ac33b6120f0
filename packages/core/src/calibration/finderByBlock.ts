import { EDGE_CAUTIONS } from '../cautions/caution';
import { repeats } from '../metrology/repeats';
import { displayPart, repeatPart, TOUCH_PART } from '../metrology/touchBudget';
import { combine, type BudgetPart } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { meanSection, sumSection } from '../working/working';
import type { FinderByBlockInput, FinderByBlockOutput } from './finderByBlock.schema';

/**
 * The effective diameter of any finder from both sides of a block of known size, held fast: |x2 - x1| - B. Calibration by
 * comparison with a standard (JCGM 100:2008, 4.3.2). mm.
 *
 * @throws Refusal when what is left for the finder is nothing or less
 * @example
 * finderByBlock({ towardPlus: [-5.006], towardMinus: [30.002], block: { size: 25, U: 0.001 },
 *   method: { resolution: 0.001, methodSd: 0.005 }, uTouch: 0.005 }).diameter // 10.008
 */
export function finderByBlock(input: FinderByBlockInput): FinderByBlockOutput {
  const { towardPlus, towardMinus, block, method } = input;
  const [title, known] =
    input.what === 'plate' ? ['Effective width', 'the master'] : ['Effective diameter', 'the block'];
  const seen = { towardPlus: repeats(towardPlus, method), towardMinus: repeats(towardMinus, method) };
  const section = sumSection(
    title,
    [
      { label: 'at the face touched toward −', value: seen.towardMinus.mean },
      { label: 'less at the face touched toward +', value: -seen.towardPlus.mean },
      { label: `less ${known}`, value: -block.size },
    ],
    input.what === 'plate' ? 'width' : 'diameter',
  );
  const diameter = section.total.value;
  if (diameter <= 0) {
    throw new Refusal({
      code: 'no-diameter',
      field: 'towardMinus',
      message:
        'The two touches are nearer than the block is wide, which leaves nothing for the finder. See which face each was, and the block’s size.',
    });
  }
  const uncertainty = combine([
    ...(['towardPlus', 'towardMinus'] as const).flatMap((face): BudgetPart[] => {
      const name = face === 'towardPlus' ? 'toward +' : 'toward −';
      return [
        repeatPart(seen[face], method, `repeats, ${name}`),
        displayPart(seen[face], method, `display step, ${name}`),
        { name: `${TOUCH_PART}, ${name}`, u: input.uTouch, shape: 'normal' },
      ];
    }),
    { name: `size of ${known}`, u: block.U / 2, shape: 'normal' },
  ]);
  return {
    diameter,
    repeats: seen,
    uncertainty,
    tape: {
      sections: [
        meanSection('Touched toward +', towardPlus, seen.towardPlus.mean),
        meanSection('Touched toward −', towardMinus, seen.towardMinus.mean),
        section,
      ],
    },
    cautions: [EDGE_CAUTIONS.raiseFirst],
  };
}
