import { plateSnapshot } from '../../state/basis/snapshot.case';
import { differenceWords } from './documentDiff';

const { setup } = plateSnapshot;

test('a plan changed on two devices is told by its fields and both values', () => {
  const mine = { ...setup, tolerance: 0.05, finderId: 'pin' };
  const theirs = { ...setup, note: 'turned over' };
  expect(differenceWords(mine, theirs, { pin: 'Pin 6 mm', spring: 'Edge finder' })).toEqual([
    { what: 'Tolerance', mine: '0.0500', theirs: '0.1000' },
    { what: 'Finder', mine: 'Pin 6 mm', theirs: 'Edge finder' },
    { what: 'Note', mine: 'nothing', theirs: 'turned over' },
  ]);
});

test.each([
  [{ heightGaugeId: 'a' }, { heightGaugeId: 'b' }, 'Height gauge', 'a', 'b'],
  [{ axes: { x: { step: 0.005 } } }, { axes: { x: { step: 0.01 } } }, 'Axes, x, step', '0.0050', '0.0100'],
  [{ teeth: 4 }, { teeth: 2 }, 'Teeth', '4', '2'],
  [{ measureOnly: true }, {}, 'Measure only', 'yes', 'nothing'],
  [{ holes: [{ x: 1 }] }, {}, 'Holes', '1 in all', 'nothing'],
])('%j against %j', (one, other, what, mine, theirs) => {
  expect(differenceWords(one, other)).toEqual([{ what, mine, theirs }]);
});
