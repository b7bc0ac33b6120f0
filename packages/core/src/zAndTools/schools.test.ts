import fc from 'fast-check';
import { touchHeight } from '../../testing/closedForms/touch';
import { tableFalseAlarms, tableSlipsNamed } from '../../testing/trials/tableTrials';
import { convertLength, lengthIn, lengthWords, spindleZ, workOffsetZ, type LengthMethod } from './schools';
import { chance } from '../metrology/chance';
import { mean } from '../metrology/mean';
import { runOut } from './runOut';
import { toolTableCheck } from './toolTableCheck';

const SCHOOLS: LengthMethod[] = ['reference-tool', 'touch-part', 'true-length', 'touch-every-change'];

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('the four schools', () => {
  test('a tool 12.310 shorter than the reference', () => {
    const frame = { reference: -40, gauge: 10, surface: 0, trigger: -140 };
    expect(lengthIn('reference-tool', -52.31, frame)).toBeCloseTo(-12.31, 12);
    expect(lengthIn('touch-part', -52.31, frame)).toBeCloseTo(-62.31, 12);
    // A master of 100 on the gauge at -40 puts the bare gauge line at -140.
    expect(lengthIn('true-length', -52.31, frame)).toBeCloseTo(87.69, 12);
    expect(lengthWords('reference-tool', -12.31)).toBe('shorter than the reference tool');
  });

  test('any school to any other and back is the same to a nanometre', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SCHOOLS),
        fc.constantFrom(...SCHOOLS),
        mm(-300, 300),
        fc.record({ reference: mm(-400, 0), gauge: mm(0.05, 60), surface: mm(-80, 80), trigger: mm(-500, -100) }),
        (from, to, length, frame) => {
          expect(convertLength(convertLength(length, from, to, frame), to, from, frame)).toBeCloseTo(length, 9);
        },
      ),
    );
  });

  test('a machine that runs any school’s numbers brings every tip to the same height on the part', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SCHOOLS),
        fc.array(mm(20, 180), { minLength: 2, maxLength: 12 }),
        mm(1, 50),
        mm(-40, 40),
        mm(-300, -100),
        mm(-5, 40),
        (school, lengths, gauge, surface, bed, wanted) => {
          // The gauge is on a surface that is `surface` above part zero; part zero is at `bed` for the gauge line.
          const touch = (toolLength: number) => touchHeight({ surface: bed + surface, gauge, toolLength });
          const frame = { reference: touch(lengths[0] ?? 0), gauge, surface, trigger: touch(0) };
          for (const toolLength of lengths) {
            const number = lengthIn(school, touch(toolLength), frame);
            const spindle = wanted + workOffsetZ(school, frame) + number;
            expect(spindle - toolLength - bed).toBeCloseTo(wanted, 9);
            expect(spindleZ(school, number, frame)).toBeCloseTo(touch(toolLength), 9);
          }
        },
      ),
    );
  });

  test('what is not known is asked for by name, not guessed', () => {
    expect(() => lengthIn('true-length', -40, { reference: -40, gauge: 10, surface: 0 })).toThrow(/master tool/);
    expect(() => convertLength(-12, 'reference-tool', 'touch-part', { reference: -40, gauge: 10 })).toThrow(/surface/);
  });
});

describe('what cannot be right in a table', () => {
  const row = (number: number, length: number, known?: number) => ({
    number,
    length,
    ...(known !== undefined && { known }),
  });
  const check = (change: object) =>
    toolTableCheck({ school: 'reference-tool', reference: 1, U: 0.03, gauge: 10, rows: [], ...change }).findings;

  test('every tool off by the gauge', () => {
    const [found, ...more] = check({ rows: [row(2, -2.31, -12.31), row(3, 14.21, 4.2), row(4, 30, 20.01)] });
    expect(found).toMatchObject({ kind: 'all-off', tools: [2, 3, 4], slip: 'gauge-once' });
    expect(more).toEqual([]);
  });

  test('every tool off by what the plate differs from its marking', () => {
    const plate = { entered: 12.7, measured: 12.42 };
    const found = check({ plate, gauge: 12.7, rows: [row(2, -12.03, -12.31), row(3, 4.48, 4.2)] });
    expect(found).toMatchObject([{ kind: 'all-off', slip: 'plate' }]);
  });

  test('one tool with the wrong sign, the others left in peace', () => {
    expect(check({ rows: [row(2, 12.31, -12.31), row(3, 4.2, 4.21), row(4, 9, 9.01)] })).toMatchObject([
      { kind: 'one-off', tools: [2], slip: 'sign' },
    ]);
  });

  test('mixed signs where the school has one, a number twice, a tool missing, a length beyond the travel', () => {
    const found = check({
      school: 'true-length',
      rows: [row(2, 87.69), row(2, 87.7), row(3, -60), row(4, 900)],
      needed: [2, 5],
      travel: 380,
    });
    expect(found.map(({ kind, tools }) => [kind, tools])).toEqual([
      ['twice', [2]],
      ['wrong-sign', [3]],
      ['missing', [5]],
      ['beyond-travel', [4]],
    ]);
  });

  test('a tool that is in the stock with Z all the way up, and tools touched on two gauges', () => {
    const found = check({
      rows: [row(2, -12.31), row(3, 40)],
      clear: { top: 0, workOffset: -30 },
      otherGauge: [2],
    });
    expect(found.map(({ kind, tools }) => [kind, tools])).toEqual([
      ['hits-stock', [3]],
      ['two-gauges', [2]],
    ]);
  });

  test('a good table is left in peace', () => {
    expect(check({ rows: [row(2, -12.31, -12.315), row(3, 4.2)], needed: [2, 3], travel: 380 })).toEqual([]);
  });

  test('in simulated tables the planted slip is named in 95 of 100, and clean ones are left in peace', () => {
    expect(tableSlipsNamed(5000, 21)).toBeGreaterThanOrEqual(0.95);
    expect(tableFalseAlarms(5000, 22)).toBeLessThan(0.01);
  });
});

describe('run-out', () => {
  const ring = (height: number, e: number, angle: number, on: 'teeth' | 'shank' = 'teeth') => ({
    on,
    height,
    readings: [0, 90, 180, 270].map((place) => ({
      angle: place,
      reading: e * Math.cos(((place - angle) * Math.PI) / 180),
    })),
  });
  const told = { tolerance: 0.025, resolution: 0.001, methodSd: 0.0015 };

  test('is twice the eccentricity, and passes inside what is allowed', () => {
    const found = runOut({ ...told, rings: [ring(5, 0.01, 30)] });
    expect(found.worst).toBeCloseTo(0.02 * Math.cos(Math.PI / 6), 9);
    expect(found).toMatchObject({ passed: true, offset: null, tilt: null });
    expect(runOut({ ...told, rings: [ring(5, 0.02, 0)] })).toMatchObject({ passed: false });
    expect(runOut({ ...told, rings: [ring(5, 0.02, 0)] }).notes).toEqual([{ code: 'run-out-too-far' }]);
  });

  test('at two heights is told apart into an offset at the tip and a tilt', () => {
    const found = runOut({ ...told, tolerance: 0.2, rings: [ring(10, 0.02, 0, 'shank'), ring(60, 0.07, 0, 'shank')] });
    expect(found.offset).toMatchObject({ size: expect.closeTo(0.01, 9), angle: expect.closeTo(0, 6) });
    expect(found.tilt).toBeCloseTo((Math.atan(0.001) * 180) / Math.PI, 9);
  });

  test('a tilt is told from the shank alone: along helical teeth the same tooth is elsewhere', () => {
    const found = runOut({ ...told, tolerance: 0.2, rings: [ring(10, 0.02, 0), ring(60, 0.07, 0)] });
    expect(found).toMatchObject({ offset: null, tilt: null });
    const three = runOut({
      ...told,
      rings: [ring(5, 0.03, 0), ring(40, 0.02, 0, 'shank'), ring(55, 0.02, 0, 'shank')],
    });
    expect(three.offset?.size).toBeCloseTo(0.02, 9);
    expect(three.worst).toBeCloseTo(0.06, 9);
  });

  test('largest less smallest reads high with many noisy places; the wave through them does not', () => {
    const random = chance(7);
    const [spread, fitted, covered] = [[], [], []] as number[][];
    for (let i = 0; i < 400; i += 1) {
      const readings = Array.from({ length: 24 }, (_, k) => ({
        angle: 15 * k,
        reading: 0.004 * Math.cos((15 * k * Math.PI) / 180) + 0.0015 * random.normal(),
      }));
      const found = runOut({ ...told, rings: [{ on: 'teeth', height: 5, readings }] });
      spread?.push(found.worst);
      fitted?.push(found.fitted?.tir ?? NaN);
      covered?.push(Math.abs((found.fitted?.tir ?? NaN) - 0.008) <= (found.fitted?.U ?? 0) ? 1 : 0);
    }
    expect(mean(spread ?? [])).toBeGreaterThan(0.0105);
    expect(Math.abs(mean(fitted ?? []) - 0.008)).toBeLessThan(0.0004);
    expect(mean(covered ?? [])).toBeGreaterThanOrEqual(0.94);
    expect(runOut({ ...told, rings: [ring(5, 0.01, 30)] }).fitted).toBeNull();
  });

  test('of two teeth is their difference, without a tilt made up', () => {
    const teeth = {
      on: 'teeth' as const,
      height: 3,
      readings: [
        { angle: 0, reading: 0.012 },
        { angle: 180, reading: -0.004 },
      ],
    };
    expect(runOut({ ...told, rings: [teeth] })).toMatchObject({ worst: expect.closeTo(0.016, 12), offset: null });
    expect(() => runOut({ ...told, rings: [ring(5, 0.01, 0, 'shank'), ring(5.2, 0.01, 0, 'shank')] })).toThrow(
      /second time higher up/,
    );
  });
});
