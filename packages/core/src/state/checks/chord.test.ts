import { agreementWords, mendWords } from '../../messages/checks/agreement';
import { mendsOf } from '../verify/corrections';
import { bookOf, plateSnapshot, caseReading } from '../basis/snapshot.case';
import { agreements } from './agreements';

const part = {
  ...plateSnapshot.part,
  shapes: [{ kind: 'bore' as const, id: 'bearing', name: 'bearing bore', at: { x: 62, y: 58 }, diameter: 26 }],
};

type Wall = readonly ['x' | 'y', 1 | -1, number];

const chordOf = (...walls: Wall[]) => {
  const book = bookOf(
    { ...plateSnapshot, part },
    walls.map(([axis, approach, value]) => ({
      kind: 'reading' as const,
      setupId: plateSnapshot.setup.id,
      body: caseReading({ kind: 'round', of: 'bearing' }, value, { axis, approach, gaugeId: 'spring' }),
    })),
  );
  const check = agreements(book).find(({ of }) => of === 'chord');
  if (!check) return undefined;
  const mends = mendsOf(book, check).map((mend) => mendWords(book, mend));
  return { check, words: agreementWords(book, check, 'mm'), mends };
};

const Y: Wall[] = [
  ['y', 1, 66],
  ['y', -1, 50],
];

test('a first pair wider than the diameter across its middle was touched on something, and both its walls are suspects', () => {
  const found = chordOf(['x', 1, 70.6], ['x', -1, 54], ...Y);
  expect(found?.words.said).toMatch(/^Across X the bore, bearing bore is 26\.600 mm ±0\.0\d\d mm$/);
  expect(found?.words.but.differs).toBe('but across Y it is 26.000 mm, and no chord is longer than the diameter');
  expect(found?.mends).toEqual([
    'Bore, bearing bore: strike out 70.600, and touch again',
    'Bore, bearing bore: strike out 54.000, and touch again',
  ]);
  expect(found?.check.suspects.map((readings) => readings.map(({ value }) => value))).toEqual([[70.6], [54]]);
});

test('a chord beside the middle is shorter, and nothing to be said of', () => {
  expect(chordOf(['x', 1, 69.4], ['x', -1, 54.6], ...Y)).toBeUndefined();
});

test('a pair wider by no more than both are known is as wide', () => {
  expect(chordOf(['x', 1, 70.005], ['x', -1, 54], ...Y)).toBeUndefined();
});

test('one wall of the first pair touched again: the other pair is still the diameter', () => {
  expect(chordOf(['x', -1, 54.6], ...Y, ['x', 1, 69.4])).toBeUndefined();
  expect(chordOf(['x', -1, 54], ...Y, ['x', 1, 70.6])?.words.said).toMatch(/^Across X/);
});

test('touched across Y first, the X pair is the diameter', () => {
  const found = chordOf(['y', 1, 66.6], ['y', -1, 50], ['x', 1, 70], ['x', -1, 54]);
  expect(found?.words.said).toMatch(/^Across Y the bore/);
});
