import type { Pattern } from '../../records/setup/pattern';
import { holeOverlapText } from '../../messages/holes/holeOverlaps';
import { clearAtTwice, holeOverlaps } from './holeOverlaps';
import { bookOf, plateSnapshot } from '../basis/snapshot.case';

const book = bookOf({
  ...plateSnapshot,
  part: { ...plateSnapshot.part, holes: [{ x: 62, y: 58, diameter: 26 }] },
});

const circle = (diameter: number): Pattern => ({
  id: 'screws',
  name: 'Bearing screws',
  kind: 'bolt-circle',
  holeDiameter: 4.2,
  circle: { centre: { x: 62, y: 58 }, diameter, holes: 6, firstAngle: 15, direction: 'counter-clockwise' },
});

test('screws round a bore are clear of it; by the radius typed for the diameter they lie in it, and that is asked', () => {
  expect(holeOverlaps(book, circle(48))).toEqual([]);
  expect(holeOverlaps(book, circle(24))).toHaveLength(6);
  expect(holeOverlaps(book, circle(24))[0]?.by).toBeCloseTo(3.1, 9);
  expect(clearAtTwice(book, circle(24))).toBe(true);
  expect(holeOverlapText(book, circle(24))).toBe(
    'Hole 1 and 5 more of Bearing screws would run 3.100 mm into a drawn hole of 26.000 mm. Was the circle’s radius typed as its diameter?',
  );
});

test('where twice the diameter would not be clear either, no slip is named', () => {
  expect(clearAtTwice(book, circle(12))).toBe(false);
  expect(holeOverlapText(book, circle(12))).toMatch(/into a drawn hole of 26\.000 mm\.$/);
});

test('of several drawn ones the one it runs into furthest counts, and holes keep their order', () => {
  const plate = bookOf({
    ...plateSnapshot,
    part: {
      ...plateSnapshot.part,
      holes: [
        { x: 100, y: 50, diameter: 10 },
        { x: 20, y: 50, diameter: 8 },
        { x: 26, y: 50, diameter: 8 },
      ],
    },
  });
  const points = [
    { x: 104, y: 50 },
    { x: 60, y: 50 },
    { x: 24, y: 50 },
  ];
  const row: Pattern = { id: 'row', name: 'Row', kind: 'points', holeDiameter: 4, points };
  expect(holeOverlaps(plate, row).map(({ hole, drawn, by }) => [hole.hole, drawn, by])).toEqual([
    [1, 10, 3],
    [3, 8, 4],
  ]);
});

test('a hole in the middle of a drawn one is that one, drilled before it is bored', () => {
  const pilot: Pattern = {
    id: 'pilot',
    name: 'Pilot',
    kind: 'points',
    holeDiameter: 20,
    points: [{ x: 62.01, y: 58 }],
  };
  expect(holeOverlaps(book, pilot)).toEqual([]);
  expect(holeOverlapText(book, circle(48))).toBeUndefined();
});
