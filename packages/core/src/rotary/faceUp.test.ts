import { faceUp, type PartFace } from './faceUp';

const up = (a: number, c = 0, sense: 1 | -1 = 1) =>
  faceUp([
    { name: 'C', sense, command: c },
    { name: 'A', sense, command: a },
  ]);

test.each<[number, number, PartFace | null]>([
  [0, 0, 'top'],
  [0, 137, 'top'],
  // Seen from the right, a plus command of A turns the table clockwise: what looked at the operator comes up.
  [90, 0, 'front'],
  [-90, 0, 'back'],
  [90, 180, 'back'],
  [180, 0, 'under'],
  [-30, 0, null],
  [89.8, 0, 'front'],
])('A %s°, C %s°: %s', (a, c, face) => {
  expect(up(a, c)).toBe(face);
});

test('a table that counts the other way brings the other face up by the same command', () => {
  expect(up(90, 0, -1)).toBe('back');
  expect(up(90, 90, 1)).toBe('right');
  expect(up(90, 90, -1)).toBe('right');
});
