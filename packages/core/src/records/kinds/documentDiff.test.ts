import fc from 'fast-check';
import { differences } from './documentDiff';

test('the same is no difference, however deep', () => {
  fc.assert(fc.property(fc.json(), (text) => differences(JSON.parse(text), JSON.parse(text)).length === 0));
});

test('a changed leaf is named by the way to it, with both values', () => {
  const plan = { tolerance: 0.1, caliper: { middle: { x: 184.02 } }, note: '' };
  expect(differences(plan, { ...plan, caliper: { middle: { x: 183.98 } } })).toEqual([
    { path: ['caliper', 'middle', 'x'], mine: 184.02, theirs: 183.98 },
  ]);
});

test('what only one of them has is nothing in the other', () => {
  expect(differences({ feeler: 0.05 }, {})).toEqual([{ path: ['feeler'], mine: 0.05, theirs: undefined }]);
  expect(differences({}, { feeler: 0.05 })).toEqual([{ path: ['feeler'], mine: undefined, theirs: 0.05 }]);
});

test('things with a name are held against their namesake, whatever their place', () => {
  const drill = { number: 3, length: -12.4 };
  const mill = { number: 1, length: 0 };
  expect(differences({ rows: [mill, drill] }, { rows: [{ ...drill, length: -12.9 }, mill] })).toEqual([
    { path: ['rows', 'T3', 'length'], mine: -12.4, theirs: -12.9 },
  ]);
  const bore = { id: 'b', name: 'Bearing bore', low: 26 };
  expect(differences({ bores: [bore] }, { bores: [{ ...bore, low: 26.01 }] })[0]?.path).toEqual([
    'bores',
    'Bearing bore',
    'low',
  ]);
});

test('every leaf that differs is told, and telling it the other way round swaps the values', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.integer()), fc.dictionary(fc.string(), fc.integer()), (a, b) => {
      const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
      const unlike = [...keys].filter((key) => a[key] !== b[key]).length;
      const swapped = differences(b, a).map(({ path, mine, theirs }) => ({ path, mine: theirs, theirs: mine }));
      const told = differences(a, b);
      expect(told).toHaveLength(unlike);
      expect(swapped).toEqual(expect.arrayContaining(told));
    }),
  );
});
