import { scaleErrorAt } from './scaleErrorAt';

const ERRORS = [
  { at: 200, error: 0.02, U: 0.006 },
  { at: 100, error: 0.012, U: 0.004 },
];

describe('what a scale reads over after a move', () => {
  test.each([
    [0, 0, 0],
    [50, 0.006, 0.002],
    [100, 0.012, 0.004],
    [150, 0.016, Math.hypot(0.002, 0.003)],
    [300, 0.03, 0.009],
  ])('%s mm: %s, to ±%s', (travel, error, U) => {
    const found = scaleErrorAt(ERRORS, travel);
    expect(found.error).toBeCloseTo(error, 12);
    expect(found.U).toBeCloseTo(U, 12);
  });

  test('the other way it reads over the other way', () => {
    expect(scaleErrorAt(ERRORS, -100).error).toBeCloseTo(-0.012, 12);
  });

  test('without a block nothing is known', () => {
    expect(() => scaleErrorAt([], 100)).toThrow(/no block/);
  });
});
