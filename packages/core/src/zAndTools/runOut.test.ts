import { runOut } from './runOut';

/** Readings of a wave round a shank, mm, with what each is off by. */
const round = (n: number, amplitude: number, off: (i: number) => number = () => 0) =>
  Array.from({ length: n }, (_, i) => {
    const angle = (i * 360) / n;
    return { angle, reading: amplitude * Math.cos((angle * Math.PI) / 180) + off(i) };
  });

const fitted = (readings: ReturnType<typeof round>, methodSd = 0.001, resolution = 0.000001) =>
  runOut({ rings: [{ on: 'shank', height: 5, readings }], tolerance: 0.02, resolution, methodSd }).fitted;

test('twice the fitted eccentricity stands beside the spread from six places on', () => {
  expect(fitted(round(5, 0.006))).toBeNull();
  expect(fitted(round(6, 0.006))?.tir).toBeCloseTo(0.012, 9);
});

test('where the fit leaves nothing, the method’s own scatter counts, known from ten touches and three to spare', () => {
  // s² = 10 × 0.001² / 13; of six places the amplitude is known to s √(1/3); k of 13 degrees of freedom is 2.160.
  const s = 0.001 * Math.sqrt(10 / 13);
  expect(fitted(round(6, 0.006))?.U).toBeCloseTo(2.16 * 2 * s * Math.sqrt(1 / 3), 5);
});

test('a shank that is far from round is judged by what the fit leaves alone', () => {
  const oval = fitted(round(6, 0.006, (i) => (i % 2 === 0 ? 0.008 : -0.008)));
  // The fit leaves 6 × 0.008² on three degrees of freedom; their k is 3.182.
  const s = Math.sqrt((6 * 0.008 ** 2) / 3);
  expect(oval?.U).toBeCloseTo(3.182 * 2 * s * Math.sqrt(1 / 3), 4);
});

test('more places make it surer, and never less sure than the display’s step lets it be', () => {
  const us = [6, 8, 12, 24].map((n) => fitted(round(n, 0.006))?.U ?? NaN);
  expect([...us].sort((a, b) => b - a)).toEqual(us);
  expect(fitted(round(24, 0.006), 0.001, 0.01)?.U).toBeGreaterThan((2 * 0.01) / Math.sqrt(12) / Math.sqrt(12));
});
