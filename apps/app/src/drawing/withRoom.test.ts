import fc from 'fast-check';
import { withRoom } from './withRoom';

const place = fc.record({ x: fc.integer({ min: 0, max: 200 }), y: fc.integer({ min: 0, max: 200 }) });

test('no two numbers that are left cover each other, and what was left out would have', () => {
  fc.assert(
    fc.property(fc.array(place, { maxLength: 40 }), (places) => {
      const kept = withRoom(places);
      const covers = (a: { x: number; y: number }, b: { x: number; y: number }) =>
        Math.abs(a.x - b.x) < 17 && Math.abs(a.y - b.y) < 13;
      kept.forEach((one, i) => expect(kept.slice(i + 1).some((other) => covers(one, other))).toBe(false));
      for (const one of places) expect(kept.some((other) => covers(one, other))).toBe(true);
    }),
  );
});

test('the one in hand has its number, whoever has to give way', () => {
  const near = [{ x: 0, y: 0, hole: 1 }, { x: 5, y: 0, hole: 2 }, { x: 40, y: 0, hole: 3 }]; // prettier-ignore
  expect(withRoom(near).map(({ hole }) => hole)).toEqual([1, 3]);
  expect(withRoom(near, ({ hole }) => hole === 2).map(({ hole }) => hole)).toEqual([2, 3]);
});
