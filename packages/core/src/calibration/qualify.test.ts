import { chance } from '../metrology/chance';
import { coverageOf } from '../../testing/trials/coverage';
import { simulatedBall } from '../../testing/trials/calibrationTrials';
import { tapeErrors } from '../working/working.case';
import { armOffset } from './armOffset';
import { ballTrue } from './ballTrue';
import { calibrateByInstrument } from './byInstrument';
import { errorMap } from './scale/errorMap';
import { measureRepeatability } from './repeatability';

describe('a fixed face touched again and again', () => {
  test('gives the scatter of one touch, and how well that is known', () => {
    const found = measureRepeatability({
      readings: [0.001, -0.001, 0.002, -0.002, 0, 0, 0.001, -0.001, 0, 0],
      resolution: 0.001,
    });
    expect(found.sd).toBeCloseTo(Math.sqrt(0.000012 / 9), 9);
    expect(found.repeats.range).toBeCloseTo(0.004, 12);
    expect(found.uncertainty.u).toBeCloseTo(found.sd / Math.sqrt(18), 12);
    expect(tapeErrors(found.tape)).toEqual([]);
  });

  test('a display that does not move says no more than its own step', () => {
    expect(measureRepeatability({ readings: [5, 5, 5], resolution: 0.005 }).sd).toBeCloseTo(0.005 / Math.sqrt(12), 12);
  });
});

describe('a ball trued to the spindle', () => {
  const input = { allowed: 0.004, resolution: 0.001, methodSd: 0.001 };
  const around = (tir: number, high: number) =>
    [0, 90, 180, 270].map((angle) => ({ angle, reading: (tir / 2) * Math.cos(((angle - high) * Math.PI) / 180) }));

  test('0.012 high at 90°: push it in there by 0.006', () => {
    const found = ballTrue({ ...input, readings: around(0.012, 90) });
    expect(found.tir).toBeCloseTo(0.012, 12);
    expect(found.high).toBeCloseTo(90, 6);
    expect(found).toMatchObject({ within: false });
    expect(found.push).toBeCloseTo(0.006, 12);
    expect(ballTrue({ ...input, readings: around(0.003, 200) })).toMatchObject({ within: true });
  });

  test('read twice at the same two places it tells no direction', () => {
    const readings = [0, 180, 360, 540].map((angle) => ({ angle, reading: 0 }));
    expect(() => ballTrue({ ...input, readings })).toThrow(/Fewer than three places/);
  });

  test('the TIR lies within its ± in 94 of 100', () => {
    const { share, width } = coverageOf(simulatedBall, 4000, (i) => chance(10_000 + i));
    expect(share).toBeGreaterThanOrEqual(0.94);
    expect(width).toBeLessThanOrEqual(1.25);
  });
});

describe('a plate by a caliper', () => {
  const instrument = { resolution: 0.01, sd: 0.01, U: 0.02, error: 0 };

  test('three readings about 12.42, with the caliper’s own ± in it', () => {
    const found = calibrateByInstrument({ readings: [12.42, 12.43, 12.41], instrument });
    expect(found.size).toBeCloseTo(12.42, 12);
    expect(found.uncertainty.u).toBeGreaterThan(0.01);
    expect(tapeErrors(found.tape)).toEqual([]);
  });

  test('what the caliper reads over is taken off', () => {
    expect(calibrateByInstrument({ readings: [12.42], instrument: { ...instrument, error: 0.01 } }).size).toBeCloseTo(
      12.41,
      12,
    );
    expect(() => calibrateByInstrument({ readings: [0.005], instrument: { ...instrument, error: 0.01 } })).toThrow(
      /reads zero/,
    );
  });
});

describe('a scale by blocks', () => {
  const method = { resolution: 0.005, methodSd: 0.003 };
  const point = (known: number, shown: number) => ({ known, U: 0.001, shown: [shown] });

  test('0.012 over at 100, 0.024 at 200: 0.12 a metre', () => {
    const found = errorMap({ points: [point(200, 200.024), point(100, 100.012)], zero: 0, method });
    expect(found.errors.map(({ at }) => at)).toEqual([100, 200]);
    expect(found.worst).toBeCloseTo(0.024, 9);
    expect(found.perMm?.value).toBeCloseTo(0.00012, 9);
    expect(tapeErrors(found.tape)).toEqual([]);
  });

  test('what it shows with nothing between is taken off', () => {
    expect(errorMap({ points: [point(10, 10.03)], zero: 0.02, method }).worst).toBeCloseTo(0.01, 12);
  });

  test('another block, another unit, or one twice is refused with the remedy', () => {
    expect(() => errorMap({ points: [point(25, 0.984)], zero: 0, method })).toThrow(/its unit/);
    expect(() => errorMap({ points: [point(25, 25), point(25, 25.01)], zero: 0, method })).toThrow(/given twice/);
  });
});

test('a sensor on an arm: -82.400 against a cutter at -89.950 on a 0.05 feeler is 7.600 above', () => {
  const found = armOffset({
    sensor: [-82.4],
    cutter: [-89.95],
    gauge: { thickness: 0.05, U: 0.002 },
    method: { resolution: 0.005, methodSd: 0.004 },
    uTouch: { sensor: 0.003, cutter: 0.01 },
  });
  expect(found.offset).toBeCloseTo(7.6, 9);
  expect(tapeErrors(found.tape)).toEqual([]);
});
