import { DEGREES } from '../units/degrees';
import { REGISTRY } from '../registry/registry';
import { centrePlug } from './centrePlug';
import { centreSweep } from './centreSweep';
import { chuckFlip } from './chuckFlip';
import { headTram } from './headTram';
import { alignOnLine } from './inLine';
import { jawLine } from './jawLine';
import type { JawLineInput } from './jawLine.schema';
import { level } from './level';
import { partSkew } from './partSkew';

const indicator = { resolution: 0.01, methodSd: 0.004, sense: 1 as const };

/** The face comes toward the operator by 0.12 at the right end; bolt at the left end. */
const jaw: JawLineInput = {
  along: 'x',
  side: 'low',
  points: [
    { at: 0, readings: [0] },
    { at: 120, readings: [0.12] },
  ],
  indicator,
  over: 120,
  pivot: 0,
  loose: 120,
  allowed: 0.02,
};

describe('a vise jaw along X', () => {
  test('rising to the right on the near side: turn counter-clockwise, tap the right end back 0.12', () => {
    const result = jawLine(jaw);
    expect(result.tap).toBeCloseTo(0.12, 12);
    expect(result.angle).toBeCloseTo(-Math.atan(0.001) * DEGREES, 12);
    expect(result.shouldRead).toBeCloseTo(0, 12);
    expect(result.reads).toBeCloseTo(0.12, 12);
    expect(result.state).toBe('off');
  });

  test.each([
    ['low', 1, 0.12],
    ['low', -1, -0.12],
    ['high', 1, -0.12],
    ['high', -1, 0.12],
  ] as const)('from the %s side with pressed = %i the right end moves %d', (side, sense, tap) => {
    expect(jawLine({ ...jaw, side, indicator: { ...indicator, sense } }).tap).toBeCloseTo(tap, 12);
  });

  test('a fence along Y, rising to the back on its left side, leans left at the back: move the back end right', () => {
    const result = jawLine({ ...jaw, along: 'y' });
    expect(result.tap).toBeCloseTo(0.12, 12);
    expect(result.angle).toBeGreaterThan(0);
  });

  test('with the bolt in the middle the dial at the loose end should read what it does over the bolt', () => {
    const result = jawLine({ ...jaw, pivot: 60 });
    expect(result.tap).toBeCloseTo(0.06, 12);
    expect(result.shouldRead).toBeCloseTo(0.06, 12);
  });

  test('readings at one place are refused with the remedy', () => {
    const points = [
      { at: 40, readings: [0] },
      { at: 40, readings: [0.02] },
    ];
    expect(() => jawLine({ ...jaw, points })).toThrow(/second place/);
  });

  test('a reading beyond the dial is refused where it is', () => {
    expect(() => jawLine({ ...jaw, indicator: { ...indicator, range: 0.1 } })).toThrow(
      expect.objectContaining({ code: 'beyond-range', field: 'points.1.readings.0' }),
    );
  });

  test('a pivot outside the vise is warned of', () => {
    expect(jawLine({ ...jaw, pivot: -30, ends: { from: 0, to: 120 } }).notes).toEqual([{ code: 'pivot-outside' }]);
    expect(jawLine({ ...jaw, ends: { from: 0, to: 120 } }).notes).toEqual([]);
  });
});

describe('tram of the head', () => {
  const tram = { plane: 'left-right' as const, swing: 200, low: [0.02], high: [0.12], indicator, allowed: 0.02 };

  test('0.10 more at the right over 200: leans right, 0.05 per 100 mm, 0.0762 per 6 in', () => {
    const result = headTram(tram);
    expect(result.error).toBeCloseTo(0.1, 12);
    expect(result.lean).toBeCloseTo(0.02865, 5);
    expect(result.turn).toBeCloseTo(result.lean, 12);
    expect(result.per100).toBeCloseTo(0.05, 12);
    expect(result.per6in).toBeCloseTo(0.0762, 12);
  });

  test('leaning back is a left-handed turn about X', () => {
    expect(headTram({ ...tram, plane: 'front-back' }).turn).toBeCloseTo(-0.02865, 5);
  });

  test('pressed = minus turns the sign', () => {
    expect(headTram({ ...tram, indicator: { ...indicator, sense: -1 } }).lean).toBeCloseTo(-0.02865, 5);
  });
});

describe('a bore or boss under the spindle', () => {
  const points = [
    { angle: 0, reading: 0.06 },
    { angle: 90, reading: -0.02 },
    { angle: 180, reading: -0.04 },
    { angle: 270, reading: 0.04 },
  ];
  const sweep = { feature: 'bore' as const, points, indicator, allowed: 0.02 };

  test.each([
    ['bore', 1, -0.05, 0.03],
    ['bore', -1, 0.05, -0.03],
    ['boss', 1, 0.05, -0.03],
    ['boss', -1, -0.05, 0.03],
  ] as const)('%s with pressed = %i: move X %d, Y %d', (feature, sense, x, y) => {
    const { move } = centreSweep({ ...sweep, feature, indicator: { ...indicator, sense } });
    expect(move.x).toBeCloseTo(x, 12);
    expect(move.y).toBeCloseTo(y, 12);
  });

  test('says what the dial should read and how much of the run-out is form', () => {
    const result = centreSweep(sweep);
    expect(result.shouldRead).toBeCloseTo(0.01, 12);
    expect(result.tir).toBeCloseTo(0.1, 12);
    expect(result.form).toBeCloseTo(0, 12);
    expect(result.state).toBe('off');
  });

  test('three angles are enough, however unevenly they lie', () => {
    const at = (angle: number) => {
      const t = (angle * Math.PI) / 180;
      return { angle, reading: 0.01 + 0.03 * Math.cos(t) - 0.02 * Math.sin(t) };
    };
    const { off } = centreSweep({ ...sweep, points: [at(-20), at(75), at(200)] });
    expect(off.x).toBeCloseTo(0.03, 12);
    expect(off.y).toBeCloseTo(-0.02, 12);
  });

  test('two angles, however often, and angles within 60° are refused', () => {
    const two = [0, 180, 360].map((angle) => ({ angle, reading: 0 }));
    expect(() => centreSweep({ ...sweep, points: two })).toThrow(/third angle/);
    const close = [350, 10, 50].map((angle) => ({ angle, reading: 0 }));
    expect(() => centreSweep({ ...sweep, points: close })).toThrow(/spread round/);
    expect(REGISTRY['centre-sweep'].input.safeParse({ ...sweep, points: points.slice(0, 2) }).success).toBe(false);
  });

  test('an arc under half the circle is answered with a warning and a wider ±', () => {
    const narrow = centreSweep({ ...sweep, points: [0, 30, 60, 90].map((angle) => ({ angle, reading: 0 })) });
    expect(narrow.notes).toEqual([{ code: 'short-arc', of: 'readings', arc: 90 }]);
    expect(narrow.uncertainty.U).toBeGreaterThan(3 * centreSweep(sweep).uncertainty.U);
  });
});

describe('a centring plug', () => {
  const plug = {
    x: [62.01],
    y: [57.99],
    nominal: { x: 62, y: 58 },
    method: { resolution: 0.005, methodSd: 0.01 },
    uTouch: 0.01,
    uSize: 0,
    plugTir: 0.02,
    confirm: { by: 'word' as const },
    allowed: 0.05,
  };

  test('its reading is the centre, marked as taken on the person’s word', () => {
    const result = centrePlug(plug);
    expect(result.centre).toEqual({ x: 62.01, y: 57.99 });
    expect(result.workOffset.x).toBeCloseTo(0.01, 12);
    expect(result.confirmed).toBe('word');
    expect(result.notes).toEqual([{ code: 'sweep-worth-it' }]);
  });

  test('the plug’s own run-out widens it; a sweep that shows little narrows it', () => {
    const U = centrePlug(plug).uncertainty.U;
    expect(centrePlug({ ...plug, plugTir: 0.08 }).uncertainty.U).toBeGreaterThan(U);
    const swept = centrePlug({ ...plug, confirm: { by: 'sweep', tir: 0.004 } });
    expect(swept.uncertainty.U).toBeLessThan(U);
    expect(swept.confirmed).toBe('sweep');
  });

  test('a loose job is told that the plug will do', () => {
    expect(centrePlug({ ...plug, allowed: 0.5 }).notes).toEqual([{ code: 'plug-suffices' }]);
  });
});

describe('a part in a chuck', () => {
  const flip = {
    pairs: [{ mark: 0 as const, here: [0.08], flipped: [0.02] }],
    jaws: 'free' as const,
    indicator,
    allowed: 0.02,
  };

  test('half the difference, toward the mark that reads more', () => {
    const result = chuckFlip(flip);
    expect(result.error).toBeCloseTo(0.03, 12);
    expect(result.toward).toBeCloseTo(0, 9);
    expect(result.shouldRead).toEqual([{ mark: 0, reading: 0.05 }]);
    expect(result.shim).toBeNull();
  });

  test('two pairs give the direction; three jaws get packing of one and a half times', () => {
    const result = chuckFlip({
      ...flip,
      jaws: 'three',
      pairs: [...flip.pairs, { mark: 90, here: [-0.04], flipped: [0.04] }],
    });
    expect(result.error).toBeCloseTo(0.05, 12);
    expect(result.toward).toBeCloseTo(306.87, 2);
    expect(result.shim).toBeCloseTo(0.075, 12);
  });

  test('two jaws: packing of twice the distance, along their line alone; independent jaws and taps need none', () => {
    const pairs = [...flip.pairs, { mark: 90 as const, here: [-0.04], flipped: [0.04] }];
    expect(chuckFlip({ ...flip, jaws: 'two', pairs }).shim).toBeCloseTo(0.06, 12);
    expect(chuckFlip({ ...flip, jaws: 'four', pairs }).shim).toBeNull();
    expect(chuckFlip({ ...flip, jaws: 'four', pairs, chuckTir: 0.06 })).toMatchObject({ chuckOut: true, shim: null });
  });

  test('two scroll jaws, off across them alone: tapped, nothing packed', () => {
    const pairs = [
      { mark: 0 as const, here: [0], flipped: [0] },
      { mark: 90 as const, here: [2.2], flipped: [-2.2] },
    ];
    const result = chuckFlip({ ...flip, jaws: 'two', pairs });
    expect(result.shim).toBeNull();
    expect(result.off).toEqual([
      { mark: 0, off: 0 },
      { mark: 90, off: 2.2 },
    ]);
  });

  test('read one way alone it is never called true', () => {
    const pairs = [{ mark: 0 as const, here: [0], flipped: [0] }];
    expect(chuckFlip({ ...flip, pairs }).state).toBe('unsure');
    expect(chuckFlip({ ...flip, pairs: [...pairs, { mark: 90, here: [0], flipped: [0] }] }).state).toBe('within');
  });

  test('a chuck that is out itself is told apart', () => {
    expect(chuckFlip({ ...flip, chuckTir: 0.03 }).chuckOut).toBe(false);
    expect(chuckFlip({ ...flip, chuckTir: 0.06 })).toMatchObject({ chuckOut: true, shim: expect.closeTo(0.045, 12) });
  });
});

test.each([
  [1, 1, 0.11459],
  [1, -1, -0.11459],
  [-1, 1, -0.11459],
  [-1, -1, 0.11459],
] as const)('levelling with pressed = %i on an axis of sense %i turns %d°', (pressed, sense, turn) => {
  const result = level({
    distance: 50,
    first: [0],
    second: [0.1],
    indicator: { ...indicator, sense: pressed },
    sense,
    allowed: 0.02,
  });
  expect(result.turn).toBeCloseTo(turn, 5);
});

test('a table as ISO 841 has it comes level: the part turns by minus its tilt', () => {
  const found = level({ distance: 50, first: [0], second: [0.1], indicator, sense: 1, allowed: 0.02 });
  // The table answers a command by turning the part the other way round.
  const partTurn = -found.turn;
  expect(found.angle + partTurn).toBeCloseTo(0, 12);
});

describe('a part turned where it is clamped', () => {
  const front = {
    along: 'x' as const,
    approach: 1 as const,
    points: [
      { at: 15, readings: [-3.8121] },
      { at: 155, readings: [-2.9568] },
    ],
    method: { resolution: 0.001, methodSd: 0.003 },
    over: 184,
    pivot: 0,
    loose: 184,
    allowed: 0.025,
  };

  test('touched along its front face it is turned 0.350°, and its right end comes 1.124 toward you', () => {
    const result = partSkew(front);
    expect(result.angle).toBeCloseTo(0.35, 3);
    expect(result.tap).toBeCloseTo(-1.1241, 4);
    expect(result.state).toBe('off');
  });

  test('the same slope along a side face is a turn the other way', () => {
    expect(partSkew({ ...front, along: 'y' }).angle).toBeCloseTo(-0.35, 3);
  });
});

describe('when to stop', () => {
  test.each([
    [0.01, 0.005, 0.02, 'within'],
    [-0.01, 0.005, 0.02, 'within'],
    [0.018, 0.005, 0.02, 'off'],
    [0.03, 0.005, 0.02, 'off'],
    [0.004, 0.03, 0.02, 'unsure'],
  ] as const)('error %d ± %d where %d is allowed is %s', (error, U, allowed, state) => {
    expect(alignOnLine(error, U, allowed)).toBe(state);
  });
});
