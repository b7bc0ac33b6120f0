import { patternCheck } from '../../holes/patterns/patternCheck';
import type { Hole } from '../../state/holes/holes';
import { holeFindingWords } from './holeFinding';

const pattern = { id: 'p', name: 'Feet', kind: 'points' as const, holeDiameter: 4, points: [] };
const outline = { left: 0, bottom: 0, right: 100, top: 50 };

function said(unit: 'mm' | 'in', ...places: readonly (readonly [number, number])[]): string[] {
  const holes = places.map(([x, y], i) => ({ x, y, diameter: 4, hole: i + 1, pattern })) as unknown as Hole[];
  const { findings } = patternCheck({
    holes: places.map(([x, y]) => ({ x, y, diameter: 4 })),
    outline,
    travel: { x: 80 },
    leastWeb: 1,
  });
  return findings.map((finding) => holeFindingWords(finding, holes, unit));
}

test.each([
  [
    'two at one place',
    [
      [10, 10],
      [10, 10],
    ],
    'Hole 1 of Feet and hole 2 of Feet are at the same place. Set one aside.',
  ],
  [
    'two into each other',
    [
      [10, 10],
      [13, 10],
    ],
    'Hole 1 of Feet and hole 2 of Feet overlap by 1.000 mm.',
  ],
  [
    'little metal between',
    [
      [10, 10],
      [14.5, 10],
    ],
    'Hole 1 of Feet and hole 2 of Feet: only 0.500 mm of metal between them.',
  ],
  ['little metal to the edge', [[2.4, 25]], 'Hole 1 of Feet: only 0.400 mm of metal to the edge.'],
  ['through the edge', [[1, 25]], 'Hole 1 of Feet breaks through the edge by 1.000 mm.'],
  ['off the part', [[50, 60]], /^Hole 1 of Feet is \d+\.\d{3} mm off the part\.$/],
  [
    'further than the table goes',
    [
      [5, 25],
      [95, 25],
    ],
    /^The holes need \d+\.\d{3} mm more travel than this machine has\./,
  ],
] as const)('%s', (_, places, words) => {
  const all = said('mm', ...places);
  if (typeof words === 'string') expect(all).toContain(words);
  else expect(all).toContainEqual(expect.stringMatching(words));
});

test('in inches', () => {
  expect(said('in', [10, 10], [13, 10])).toContain('Hole 1 of Feet and hole 2 of Feet overlap by 0.0394 in.');
});

test('nothing is said of holes that lie well', () => {
  expect(said('mm', [20, 20], [60, 30])).toEqual([]);
});
