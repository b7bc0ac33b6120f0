import { chance } from '../metrology/chance';
import { firstCalled } from '../../testing/trials/calibrationTrials';
import { drift } from './drift';
import type { DriftInput } from './drift.schema';

const DAY = 86_400_000;
const START = Date.parse('2026-01-05T09:00:00Z');

const every = (days: number, values: readonly number[], U = 0.004): DriftInput['results'] =>
  values.map((value, i) => ({ at: new Date(START + i * days * DAY).toISOString(), value, U }));

describe('a gauge kept in time', () => {
  test('one result asks for three more before a trend can be told', () => {
    const found = drift({ results: every(30, [4]) });
    expect(found).toMatchObject({ verdict: 'too-few', wanted: 3, moved: null, line: null, neighbours: [] });
  });

  test('within what the results are sure of it is steady, and the limits stand about the first', () => {
    const found = drift({ results: every(30, [4, 4.001, 3.999, 4.001, 4]) });
    expect(found).toMatchObject({ verdict: 'steady', wanted: 0, moved: null });
    expect(found.limits.middle).toBeCloseTo(4.0002, 9);
    expect(found.limits.half).toBeCloseTo(0.006, 12);
    expect(found.neighbours[0]?.en).toBeCloseTo(0.001 / Math.hypot(0.004, 0.004), 9);
  });

  test('two that lie far apart have moved, however few they are', () => {
    const found = drift({ results: every(30, [4, 4.02]) });
    expect(found.verdict).toBe('moved');
    expect(found.moved?.by).toBeCloseTo(0.02, 9);
    expect(found.moved?.U).toBeCloseTo(Math.hypot(0.004, 0.004), 9);
  });

  test('a fall after steady months is told from the last one before it', () => {
    const results = every(30, [4, 4.001, 3.999, 4, 4.012, 4.011, 4.013]);
    const found = drift({ results });
    expect(found.verdict).toBe('moved');
    expect(found.moved?.from).toBe(results[3]?.at);
    expect(found.moved?.by).toBeCloseTo(0.012, 3);
    expect(found.moved?.en).toBeGreaterThan(1);
  });

  test('what creeps is a trend over all of it', () => {
    const found = drift({ results: every(30, [4, 4.002, 4.004, 4.006, 4.008, 4.01, 4.012]) });
    expect(found.verdict).toBe('trend');
    expect(found.moved?.by).toBeCloseTo(0.012, 9);
    expect(found.line?.perDay).toBeCloseTo(0.002 / 30, 12);
  });

  test('the order they are given in does not matter; two of one moment are refused', () => {
    const results = every(30, [4, 4.001, 3.999, 4, 4.012]);
    expect(drift({ results: [...results].reverse() })).toEqual(drift({ results }));
    expect(() => drift({ results: [...results, ...results.slice(0, 1)] })).toThrow(/of one moment/);
  });
});

test('a year of weekly checks of what does not move cries wolf in fewer than one of a hundred', () => {
  const cases = 600;
  const wolves = Array.from({ length: cases }, (_, i) => firstCalled(chance(1000 + i), 0)).filter(
    (week) => week !== undefined,
  );
  expect(wolves.length / cases).toBeLessThan(0.01);
});

test('half a U a month is called within 20 weeks, nine times of ten', () => {
  const cases = 200;
  const perWeek = (0.5 * 0.01 * 12) / 52;
  const weeks = Array.from({ length: cases }, (_, i) => firstCalled(chance(50_000 + i), perWeek) ?? 99).sort(
    (a, b) => a - b,
  );
  expect(weeks[Math.floor(0.9 * cases)]).toBeLessThanOrEqual(20);
});
