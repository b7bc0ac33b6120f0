import fc from 'fast-check';
import { fitToView } from './view';

test('a plate fits its box at one scale, Y upward', () => {
  const view = fitToView({ left: 0, bottom: 0, right: 184, top: 116 }, 400, 300, 16);
  expect(view.scale).toBeCloseTo(2, 12);
  expect(view.x(0)).toBeCloseTo(16, 12);
  expect(view.x(184)).toBeCloseTo(384, 12);
  expect(view.y(0)).toBeGreaterThan(view.y(116));
});

test('whatever the box, the whole world stays inside it and is centred', () => {
  const size = fc.double({ min: 1, max: 2000, noNaN: true });
  fc.assert(
    fc.property(size, size, size, size, (x, y, width, height) => {
      const view = fitToView({ left: -x, bottom: -y, right: x, top: y }, width, height);
      expect(view.x(-x)).toBeGreaterThanOrEqual(-1e-6);
      expect(view.y(y)).toBeGreaterThanOrEqual(-1e-6);
      expect(view.x(0)).toBeCloseTo(width / 2, 6);
      expect(view.y(0)).toBeCloseTo(height / 2, 6);
    }),
  );
});
