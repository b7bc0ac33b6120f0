import fc from 'fast-check';
import { z } from 'zod';
import { Refusal } from '../problem/problem';
import { REGISTRY, type Calculation, type CalculationName } from './registry';
import { tapeErrors } from '../working/working.case';
import type { Working } from '../working/working';

const method = { resolution: 0.005, methodSd: 0.006 };
const indicator = { ...method, sense: 1 };
const contact = { diameter: 10, feeler: 0.05, tir: 0.02, spin: 'turning' };
const touched = { contact, method, uTouch: 0.006, uSize: 0, tolerance: 0.1 };

/** One good input of every calculation there is. */
const GOOD: Record<CalculationName, Record<string, unknown>> = {
  edge: { ...touched, readings: [-5.012, -5.008], approach: 1, nominal: 0 },
  'z-zero': {
    readings: [37.42],
    gaugeThickness: 10,
    surfaceHeight: 0,
    method,
    uTouch: 0.012,
    uSize: 0,
    tolerance: 0.1,
  },
  'tool-length': {
    reference: { tool: 1, z: { readings: [10] } },
    tool: 2,
    readings: [-2.31],
    method,
    uTouch: 0.012,
    tolerance: 0.1,
  },
  'bolt-circle': {
    centre: { x: 62, y: 58 },
    diameter: 48,
    holes: 6,
    firstAngle: 15,
    direction: 'counter-clockwise',
    tapeFor: 3,
  },
  pattern: {
    kind: 'row',
    row: { start: { x: 112, y: 30 }, pitch: 11.2, holes: 7, angle: 32 },
    moved: { mirror: { axis: 'x', at: 92 }, turn: { angle: 3, about: { x: 92, y: 58 } }, shift: { x: 1, y: -2 } },
    tapeFor: 3,
  },
  'pattern-check': {
    holes: [
      { x: 20, y: 20, diameter: 4 },
      { x: 24.5, y: 20, diameter: 4 },
    ],
    outline: { left: 0, bottom: 0, right: 184, top: 116 },
    travel: { x: 330, y: 150 },
    leastWeb: 1,
  },
  'dial-move': { to: 47.33, from: 62, taken: true, dial: { perTurn: 3, lines: 120 }, backlash: 0.18, approach: 1 },
  bore: {
    low: 26,
    high: 26.021,
    start: 25.4,
    passes: [
      { set: 25.6, measured: 25.56 },
      { set: 25.8, measured: 25.752 },
    ],
    counts: 'radius',
    step: 0.005,
    uMeasured: 0.002,
    mostCut: 0.5,
  },
  fit: { fit: '26 H7', measured: 25.9 },
  'turn-length': { text: '1 3/8 in', unit: 'mm' },
  facing: {
    remove: 2.3,
    mostDepth: 0.8,
    finish: 0.2,
    length: 184,
    width: 116,
    cutter: { diameter: 20, teeth: 4, madeOf: 'hss' },
    material: 'brass',
    stepOver: 0.7,
    machine: { mostRpm: 2500 },
  },
  'jaw-line': {
    along: 'x',
    side: 'low',
    points: [0, 60, 120].map((at) => ({ at, readings: [at / 2000, at / 2000 + 0.001] })),
    indicator,
    over: 120,
    pivot: 0,
    loose: 120,
    allowed: 0.02,
  },
  'head-tram': { plane: 'left-right', swing: 200, low: [0.02], high: [0.12, 0.11], indicator, allowed: 0.02 },
  'centre-sweep': {
    feature: 'bore',
    points: [0.06, -0.02, -0.04, 0.04].map((reading, i) => ({ angle: 90 * i, reading })),
    indicator,
    allowed: 0.02,
  },
  repeatability: { readings: [0.001, -0.001, 0.002, -0.002, 0], resolution: 0.001 },
  'ball-true': {
    readings: [0, 90, 180, 270].map((angle, i) => ({ angle, reading: [0.006, 0, -0.006, 0.001][i] ?? 0 })),
    allowed: 0.004,
    resolution: 0.001,
    methodSd: 0.001,
  },
  'by-instrument': {
    readings: [12.42, 12.43, 12.41],
    instrument: { resolution: 0.01, sd: 0.01, U: 0.02, error: 0.005 },
  },
  'error-map': {
    points: [
      { known: 100, U: 0.001, shown: [100.012, 100.01] },
      { known: 200, U: 0.001, shown: [200.024] },
    ],
    zero: 0,
    method,
  },
  'arm-offset': {
    sensor: [-82.4],
    cutter: [-89.95],
    gauge: { thickness: 0.05, U: 0.002 },
    method,
    uTouch: { sensor: 0.003, cutter: 0.01 },
  },
  drift: {
    results: [
      { at: '2026-01-05T09:00:00.000Z', value: 4, U: 0.004 },
      { at: '2026-02-05T09:00:00.000Z', value: 4.001, U: 0.004 },
      { at: '2026-03-05T09:00:00.000Z', value: 4.012, U: 0.004 },
    ],
  },
  'ball-angles': {
    axis: 'C',
    sense: 1,
    points: [
      { command: 0, at: [355, -118] },
      { command: -120, at: [285.768, -82.029] },
      { command: 120, at: [289.232, -159.971] },
    ],
    uPoint: 0.002,
    step: 0.001,
  },
  'prove-centre': {
    axis: 'A',
    centre: [108.56, -322.305],
    centreU: [0.01, 0.01],
    by: {
      what: 'walls',
      along: 0,
      plus: { first: [5.02, 5.021], turned: [4.98] },
      minus: { first: [4.9], turned: [4.94] },
      instrument: { resolution: 0.001, sd: 0.002 },
    },
  },
  'index-table': {
    school: 'per-index',
    datum: { x: 40, y: 12, z: 5 },
    datumU: { x: 0.006, y: 0.006, z: 0.004 },
    axes: [
      { name: 'C', sense: 1, centre: [2, -1.5], centreU: [0.005, 0.005], step: 0.001 },
      {
        name: 'A',
        sense: 1,
        centre: [-1, -60.25],
        centreU: [0.005, 0.005],
        step: 0.001,
        limits: { from: -110, to: 110 },
      },
    ],
    indices: [
      { name: 'Top', commands: {}, workOffset: 'G54' },
      { name: 'Right', commands: { A: -30, C: 90 }, workOffset: 'G55' },
    ],
    travel: { x: 520 },
    tolerance: 0.05,
  },
  'chord-over-pins': { over: 30.015, pins: [6, 6.002], measuredU: 0.004, pinU: 0.001 },
  'pattern-fit': {
    holes: [
      { name: 'hole 1', nominal: { x: 85.1822, y: 64.2117 }, measured: { x: 85.2, y: 64.2 }, zone: 0.1 },
      { name: 'hole 2', nominal: { x: 45.0294, y: 74.9706 }, measured: { x: 45.05, y: 74.95 }, zone: 0.1 },
    ],
    u: 0.005,
  },
  'height-check': { should: 9.5, measured: 9.62, counts: 'thickness', measuredU: 0.01, tolerance: 0.05 },
  'finder-by-block': {
    towardPlus: [-5.006],
    towardMinus: [30.002],
    block: { size: 25, U: 0.001 },
    method,
    uTouch: 0.005,
  },
  'probe-in-ring': {
    ring: { diameter: 25.001, U: 0.001 },
    x: { first: { plus: [320.5145], minus: [299.4815] }, turned: { plus: [320.5185], minus: [299.4855] } },
    method,
    uTouch: 0.002,
  },
  'height-master': {
    readings: [-40],
    known: { what: 'setter-by-master', length: 100, U: 0.002 },
    method,
    uTouch: 0.003,
  },
  'face-flip': { face1: [112.64], face2: [104.48], normal: 1, faceZ: -318.225, method, uTouch: 0.002, uSize: 0.002 },
  'indexed-point': {
    point: { x: 40, y: 12, z: 0 },
    pointU: { x: 0.006, y: 0.006, z: 0.006 },
    axes: [{ name: 'C', sense: 1, centre: [-3.5, -60.25], centreU: 0.005, step: 0.001, command: -35 }],
  },
  'cycle-centre': {
    x: [310.002, 310.003],
    y: [142.498, 142.497],
    nominal: { x: 62, y: 58 },
    method,
    uTouch: 0.002,
    tolerance: 0.05,
  },
  'centre-plug': {
    x: [62.01],
    y: [57.99],
    nominal: { x: 62, y: 58 },
    method,
    uTouch: 0.01,
    plugTir: 0.02,
    confirm: { by: 'sweep', tir: 0.01 },
    allowed: 0.05,
  },
  'chuck-flip': {
    pairs: [
      { mark: 0, here: [0.08], flipped: [0.02] },
      { mark: 90, here: [0.01], flipped: [0.03] },
    ],
    jaws: 'three',
    indicator,
    allowed: 0.02,
  },
  level: { distance: 50, first: [0], second: [0.1], indicator, sense: -1, allowed: 0.02 },
  'part-skew': {
    along: 'x',
    approach: 1,
    points: [
      { at: 15, readings: [-3.8121] },
      { at: 155, readings: [-2.9568] },
    ],
    method,
    over: 184,
    pivot: 0,
    loose: 184,
    allowed: 0.025,
  },
  backlash: { fromMinus: [10.18, 10.185], fromPlus: [10, 10.005], method },
  'opposite-faces': {
    ...touched,
    first: { readings: [-5.01], approach: 1 },
    second: { readings: [189.02], approach: -1 },
    nominal: 92,
  },
  corner: {
    ...touched,
    alongX: {
      touches: [
        { x: 15, y: -3.8 },
        { x: 155, y: -2.9 },
      ],
      approach: 1,
    },
    alongY: { touches: [{ x: 1.1, y: 20 }], approach: 1 },
    nominal: { x: 0, y: 0 },
  },
  circle: {
    ...touched,
    contact: { ...contact, diameter: 4 },
    feature: 'bore',
    touches: [
      { x: 51.011, y: 58.2 },
      { x: 73.019, y: 58.2 },
      { x: 61.9, y: 46.979 },
      { x: 61.9, y: 68.989 },
    ],
    nominal: { x: 62, y: 58 },
  },
  'run-out': {
    rings: [
      { height: 5, readings: [0, 90, 180, 270].map((angle, i) => ({ angle, reading: [0.004, 0, -0.004, 0][i] ?? 0 })) },
      {
        height: 25,
        readings: [0, 90, 180, 270].map((angle, i) => ({ angle, reading: [0.008, 0, -0.008, 0][i] ?? 0 })),
      },
    ],
    tolerance: 0.025,
    resolution: 0.002,
    methodSd: 0.0015,
  },
  'tool-table-check': {
    school: 'reference-tool',
    reference: 1,
    rows: [
      { number: 2, length: -2.31, known: -12.31 },
      { number: 3, length: 14.2, known: 4.2 },
    ],
    U: 0.03,
    gauge: 10,
  },
  'hole-line': {
    from: { found: { x: 8.02, y: 8.01 }, nominal: { x: 8, y: 8 }, u: { x: 0.003, y: 0.003 } },
    to: { found: { x: 176.01, y: 8.52 }, nominal: { x: 176, y: 8 }, u: { x: 0.003, y: 0.003 } },
    tolerance: 0.1,
  },
  'choose-method': {
    feature: 'face',
    tolerance: 0.1,
    resolution: 0.005,
    gauges: [
      { id: 'spring', name: 'Edge finder', kind: 'spring-finder', uTouch: 0.005, uSize: 0.003, tir: 0 },
      { id: 'probe', name: 'Probe', kind: 'probe', uTouch: 0.002, uSize: 0.002, tir: 0, sd: 0.002, dof: 30 },
    ],
  },
  explain: { measured: 188.99, known: 184, U: 0.02, radius: 5 },
};

const NAMES = Object.keys(REGISTRY) as CalculationName[];

const reckon = (name: CalculationName, input: unknown): Record<string, unknown> => {
  const calculation: Calculation = REGISTRY[name];
  return calculation.reckon(calculation.input.parse(input)) as Record<string, unknown>;
};

describe.each(NAMES)('%s', (name) => {
  test('stands under its own name and says what it is for', () => {
    expect(REGISTRY[name].name).toBe(name);
    expect(REGISTRY[name].summary.length).toBeGreaterThan(20);
  });

  test('answers as its schema says, with nothing that JSON would lose', () => {
    const answer = reckon(name, GOOD[name]);
    expect(REGISTRY[name].output.safeParse(answer).error).toBeUndefined();
    expect(JSON.parse(JSON.stringify(answer))).toEqual(answer);
  });

  test('adds up on its tape as a person adds, in mm and in inches', () => {
    const { tape } = reckon(name, GOOD[name]) as { tape?: Working };
    if (!tape) throw new Error(`${name} has no tape`);
    expect(tape.sections.length).toBeGreaterThan(0);
    expect(tapeErrors(tape)).toEqual([]);
  });

  test('states how good it is, and what to mind', () => {
    const answer = reckon(name, GOOD[name]) as {
      uncertainty?: { U?: number } | null;
      cautions?: { text: string }[];
    };
    const { exact }: Calculation = REGISTRY[name];
    if (exact !== undefined) {
      expect(exact).toMatch(/^[A-Z].*\.$/);
      return expect(answer.uncertainty ?? null).toBeNull();
    }
    expect(answer.uncertainty?.U).toBeGreaterThan(0);
    expect(answer.uncertainty?.U).toBeLessThan(0.2);
    expect(answer.cautions?.length).toBeGreaterThan(0);
  });

  test('with figures no shop has, several at once, it answers in figures or refuses in words', () => {
    const paths = leaves(GOOD[name]).filter((path) => typeof valueAt(GOOD[name], path) === 'number');
    if (paths.length === 0) return;
    const absurd = fc.constantFrom(5e-324, 1e-300, 1e-12, 1e-6, 0.001, 0, 9999.999, 10_000, -10_000, 1e308, -1e308);
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...paths), absurd), { minLength: 1, maxLength: 4 }), (changes) => {
        const input = changes.reduce<unknown>((told, [path, value]) => replaced(told, path, value), GOOD[name]);
        let answer: unknown;
        try {
          answer = reckon(name, input);
        } catch (error) {
          if (error instanceof Refusal) return expect(error.message).toMatch(/\.$/);
          return expect(error).toBeInstanceOf(z.ZodError);
        }
        expect(notFinite(answer)).toEqual([]);
      }),
      { numRuns: 300, seed: 5 },
    );
  });

  test('with any one field spoiled refuses by that field, and never falls over', () => {
    const paths = leaves(GOOD[name]);
    fc.assert(
      fc.property(
        fc.constantFrom(...paths),
        fc.constantFrom<unknown>(null, 'five', 1e9, -1e9, Number.NaN, [], {}, true, undefined),
        (path, spoiled) => {
          try {
            reckon(name, replaced(GOOD[name], path, spoiled));
          } catch (error) {
            if (error instanceof Refusal) return expect(error.message).toMatch(/\.$/);
            expect(error).toBeInstanceOf(z.ZodError);
            const touchedFields = (error as z.ZodError).issues.map((issue) => issue.path.join('.'));
            // A union may name the place one level up.
            expect(
              touchedFields.some((field) => path.join('.').startsWith(field) || field.startsWith(path.join('.'))),
            ).toBe(true);
          }
        },
      ),
      { numRuns: 150, seed: 4 },
    );
  });
});

/** Places of an answer that hold a number which is none. */
function notFinite(value: unknown, at = ''): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [`${at} = ${value}`];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => notFinite(inner, `${at}.${key}`));
}

const valueAt = (value: unknown, path: Path): unknown =>
  path.reduce<unknown>((at, key) => (at as Record<string | number, unknown>)[key], value);

type Path = (string | number)[];

/** Every path to a plain value of an input. */
function leaves(value: unknown, at: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [at];
  return Object.entries(value).flatMap(([key, inner]) =>
    leaves(inner, [...at, Array.isArray(value) ? Number(key) : key]),
  );
}

/** The same input with one value replaced. */
function replaced(value: unknown, [first, ...rest]: Path, by: unknown): unknown {
  if (first === undefined) return by;
  if (Array.isArray(value)) return value.map((inner: unknown, i) => (i === first ? replaced(inner, rest, by) : inner));
  const record = value as Record<string, unknown>;
  return { ...record, [first]: replaced(record[String(first)], rest, by) };
}
