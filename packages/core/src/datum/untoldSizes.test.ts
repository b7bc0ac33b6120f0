import { agreements } from '../state/checks/agreements';
import { bookOf, plateSnapshot, caseReading } from '../state/basis/snapshot.case';
import type { Feature } from '../records/setup/datumPlan';
import type { PartZero } from '../records/setup/plan';
import { untoldSizes } from './untoldSizes';

const plate = plateSnapshot.part;
const face = (name: 'left' | 'right' | 'front' | 'back'): Feature => ({ kind: 'face', face: name });

test.each<[PartZero, Feature, ('x' | 'y')[]]>([
  ['front-left', face('left'), []],
  ['front-left', face('right'), ['x']],
  ['front-left', face('back'), ['y']],
  ['front-right', face('left'), ['x']],
  ['front-right', face('right'), []],
  ['front-left', { kind: 'middle', axis: 'x' }, ['x']],
  ['centre', { kind: 'middle', axis: 'x' }, []],
  ['centre', face('left'), ['x']],
  ['front-left', { kind: 'corner', corner: 'front-left' }, []],
  ['front-left', { kind: 'corner', corner: 'back-right' }, ['x', 'y']],
])('zero at the %s, %j', (zero, feature, sizes) => {
  expect(untoldSizes({ ...plate, untold: ['x', 'y', 'z'] }, zero, feature)).toEqual(sizes);
  expect(untoldSizes(plate, zero, feature)).toEqual([]);
});

test('a size that was told is asked no more, nor one whose face was given a distance', () => {
  expect(untoldSizes({ ...plate, untold: ['y'] }, 'front-left', face('right'))).toEqual([]);
  expect(untoldSizes({ ...plate, untold: ['x'] }, 'front-left', face('right'), { 'face.right': 50 })).toEqual([]);
});

test('what is measured is held against no size that nobody told', () => {
  const touched = (part: typeof plate) =>
    bookOf(
      { ...plateSnapshot, part },
      (
        [
          ['left', -5],
          ['right', 150],
        ] as const
      ).map(([name, value]) => ({
        kind: 'reading' as const,
        setupId: plateSnapshot.setup.id,
        body: caseReading({ kind: 'face', face: name }, value),
      })),
    );
  const widths = (part: typeof plate) => agreements(touched(part)).filter(({ of }) => of === 'width');
  expect(widths(plate)).toHaveLength(1);
  expect(widths({ ...plate, untold: ['x'] })).toHaveLength(0);
});
