import fc from 'fast-check';
import type { WorkingSection } from '../../working/working';
import { boltCircle } from './boltCircle';
import { holeMeasures } from './holeMeasures';
import { solvePattern, patternPositions, patternWorking } from './pattern';
import { patternCheck } from './patternCheck';
import { patternCalculatorInput, type PatternShape } from './pattern.schema';

const xy = (shape: PatternShape) =>
  patternPositions(shape).map(({ x, y }) => [Number(x.toFixed(4)) + 0, Number(y.toFixed(4)) + 0]);

const row = { start: { x: 112, y: 30 }, pitch: 11.2, holes: 7, angle: 32 };

describe('patterns', () => {
  test('seven pivots pitched 11.2 from (112, 30) at 32 degrees', () => {
    const holes = xy({ kind: 'row', row });
    expect(holes[1]).toEqual([121.4981, 35.9351]);
    expect(holes[6]).toEqual([168.9888, 65.6106]);
  });

  test('a grid of three by two, a row above a row', () => {
    expect(
      xy({ kind: 'grid', grid: { start: { x: 10, y: 20 }, pitchX: 15, pitchY: -5, columns: 3, rows: 2, angle: 0 } }),
    ).toEqual([
      [10, 20],
      [25, 20],
      [40, 20],
      [10, 15],
      [25, 15],
      [40, 15],
    ]);
  });

  test('a frame goes round its four sides once, four corner holes inset 8', () => {
    const frame = { centre: { x: 92, y: 58 }, width: 168, height: 100, columns: 2, rows: 2, angle: 0 };
    expect(xy({ kind: 'frame', frame })).toEqual([
      [8, 8],
      [176, 8],
      [176, 108],
      [8, 108],
    ]);
    const round = xy({ kind: 'frame', frame: { ...frame, columns: 4, rows: 3 } });
    expect(round).toHaveLength(10);
    expect(new Set(round.map(String)).size).toBe(10);
    for (const [x = 0, y = 0] of round) expect([8, 176].includes(x) || [8, 108].includes(y)).toBe(true);
  });

  test('distances and angles from a centre', () => {
    expect(
      xy({
        kind: 'polar',
        polar: {
          centre: { x: 62, y: 58 },
          places: [
            { radius: 10, angle: 0 },
            { radius: 20, angle: 90 },
          ],
        },
      }),
    ).toEqual([
      [72, 58],
      [62, 78],
    ]);
  });

  test('mirrored, then turned, then shifted', () => {
    const points = [{ x: 10, y: 5 }];
    expect(xy({ kind: 'points', points, moved: { mirror: { axis: 'x', at: 0 } } })).toEqual([[-10, 5]]);
    expect(xy({ kind: 'points', points, moved: { turn: { angle: 90, about: { x: 10, y: 0 } } } })).toEqual([[5, 0]]);
    expect(
      xy({
        kind: 'points',
        points,
        moved: { mirror: { axis: 'y', at: 0 }, turn: { angle: 90, about: { x: 0, y: 0 } }, shift: { x: 1, y: 2 } },
      }),
    ).toEqual([[6, 12]]);
  });

  test('a mirrored, turned circle is the circle mirrored and turned', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.double({ min: -360, max: 360, noNaN: true }), (holes, angle) => {
        const circle = {
          centre: { x: 3, y: 4 },
          diameter: 48,
          holes,
          firstAngle: 15,
          direction: 'counter-clockwise' as const,
        };
        const plain = boltCircle(circle).positions;
        const turned = patternPositions({
          kind: 'bolt-circle',
          circle,
          moved: { turn: { angle, about: circle.centre } },
        });
        const spun = boltCircle({ ...circle, firstAngle: 15 + angle }).positions;
        turned.forEach((hole, i) => {
          expect(hole.x).toBeCloseTo(spun[i]?.x ?? NaN, 8);
          expect(hole.y).toBeCloseTo(spun[i]?.y ?? NaN, 8);
          expect(hole.angle).toBeCloseTo(spun[i]?.angle ?? NaN, 8);
        });
        const mirrored = patternPositions({ kind: 'bolt-circle', circle, moved: { mirror: { axis: 'x', at: 3 } } });
        mirrored.forEach((hole, i) => expect(hole.x - 3).toBeCloseTo(3 - (plain[i]?.x ?? NaN), 9));
      }),
    );
  });

  test('every kind: the tape of any hole ends where the hole is', () => {
    const shapes: PatternShape[] = [
      { kind: 'row', row },
      { kind: 'grid', grid: { start: { x: 1, y: 2 }, pitchX: 3, pitchY: 4, columns: 3, rows: 3, angle: 12 } },
      { kind: 'frame', frame: { centre: { x: 1, y: 2 }, width: 30, height: 20, columns: 3, rows: 3, angle: 7 } },
      { kind: 'points', points: [{ x: 1.5, y: 2.5 }] },
      {
        kind: 'bolt-circle',
        circle: { centre: { x: 62, y: 58 }, diameter: 48, holes: 6, firstAngle: 15, direction: 'clockwise' },
      },
    ];
    const moved = {
      mirror: { axis: 'y', at: 3 },
      turn: { angle: 31, about: { x: 5, y: 6 } },
      shift: { x: 0.5, y: -2 },
    } as const;
    for (const shape of shapes.flatMap((one) => [one, { ...one, moved }])) {
      const last = (sections: readonly WorkingSection[], label: string) =>
        sections.filter(({ total }) => total.label === label).at(-1)?.total.value;
      for (const { hole, x, y } of patternPositions(shape)) {
        const { sections } = patternWorking(shape, hole);
        expect(last(sections, 'X')).toBeCloseTo(x, 9);
        expect(last(sections, 'Y')).toBeCloseTo(y, 9);
      }
    }
  });

  test.each([
    ['no holes', { kind: 'row', row: { ...row, holes: 0 } }, ['row', 'holes'], /at least 1/],
    ['10 001 holes', { kind: 'row', row: { ...row, holes: 10_001 } }, ['row', 'holes'], /at most 10000/],
    ['no pitch', { kind: 'row', row: { ...row, pitch: 0 } }, ['row', 'pitch'], /lie on each other/],
    ['no points', { kind: 'points', points: [] }, ['points'], /at least 1 point/],
    [
      'too large a grid',
      { kind: 'grid', grid: { start: { x: 0, y: 0 }, pitchX: 1, pitchY: 1, columns: 200, rows: 51, angle: 0 } },
      ['grid', 'rows'],
      /more than 10000/,
    ],
  ])('%s is refused by name', (_, input, path, message) => {
    const issue = patternCalculatorInput.safeParse(input).error?.issues[0];
    expect(issue?.path).toEqual(path);
    expect(issue?.message).toMatch(message);
  });

  test('the tape of a hole that is not there is refused', () => {
    expect(() => solvePattern({ kind: 'row', row, tapeFor: 8 })).toThrow(/no hole 8; this pattern has 7/);
  });
});

describe('checks before drilling', () => {
  const outline = { left: 0, bottom: 0, right: 184, top: 116 };
  const check = (holes: { x: number; y: number; diameter: number }[], travel?: { x: number; y: number }) =>
    patternCheck({ holes, outline, leastWeb: 1, ...(travel && { travel }) });
  const kinds = (...args: Parameters<typeof check>) =>
    check(...args).findings.map(({ kind, holes, value }) => [kind, holes, Number(value.toFixed(3))]);

  test('webs, overlaps, duplicates and edges are named with what metal is left', () => {
    expect(
      kinds([
        { x: 20, y: 20, diameter: 4 },
        { x: 24.5, y: 20, diameter: 4 },
      ]),
    ).toEqual([['thin-web', [0, 1], 0.5]]);
    expect(
      kinds([
        { x: 20, y: 20, diameter: 4 },
        { x: 23, y: 20, diameter: 4 },
      ]),
    ).toEqual([['overlap', [0, 1], -1]]);
    expect(
      kinds([
        { x: 20, y: 20, diameter: 4 },
        { x: 20.002, y: 20, diameter: 6 },
      ]),
    ).toEqual([['duplicate', [0, 1], 0.002]]);
    expect(kinds([{ x: 2.5, y: 20, diameter: 4 }])).toEqual([['thin-edge', [0], 0.5]]);
    expect(kinds([{ x: -2.5, y: 20, diameter: 4 }])).toEqual([['outside-part', [0], 2.5]]);
  });

  test('a circle of 500 on a part of 184: the order of magnitude, beside what hangs outside', () => {
    const { positions: circle } = boltCircle({
      centre: { x: 92, y: 58 },
      diameter: 500,
      holes: 6,
      firstAngle: 0,
      direction: 'clockwise',
    });
    const { counts, findings } = check(
      circle.map(({ x, y }) => ({ x, y, diameter: 4 })),
      { x: 330, y: 150 },
    );
    expect(counts).toMatchObject({ 'order-of-magnitude': 2, 'outside-part': 6, 'outside-travel': 2 });
    expect(findings.filter(({ kind }) => kind === 'order-of-magnitude')[0]?.value).toBeCloseTo(500, 6);
  });

  test('as looking at every pair, on random holes', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            x: fc.integer({ min: 10, max: 60 }),
            y: fc.integer({ min: 10, max: 60 }),
            diameter: fc.integer({ min: 1, max: 12 }),
          }),
          { minLength: 2, maxLength: 40 },
        ),
        (holes) => {
          let close = 0;
          holes.forEach((a, i) => {
            for (const b of holes.slice(i + 1))
              if (Math.hypot(a.x - b.x, a.y - b.y) - (a.diameter + b.diameter) / 2 < 1) close += 1;
          });
          const { counts } = check(holes);
          expect(counts.duplicate + counts.overlap + counts['thin-web']).toBe(close);
        },
      ),
    );
  });

  test('what to measure afterwards: chords, over pins and between them, and the farthest two', () => {
    const { positions: circle } = boltCircle({
      centre: { x: 62, y: 58 },
      diameter: 48,
      holes: 6,
      firstAngle: 15,
      direction: 'counter-clockwise',
    });
    const measures = holeMeasures(
      circle.map((hole) => ({ ...hole, diameter: 4.2 })),
      true,
    );
    expect(measures).toHaveLength(7);
    for (const { centres, overPins, betweenPins } of measures.slice(0, 6)) {
      expect(centres).toBeCloseTo(24, 9);
      expect(overPins).toBeCloseTo(28.2, 9);
      expect(betweenPins).toBeCloseTo(19.8, 9);
    }
    expect(measures[6]).toMatchObject({ from: 1, to: 4 });
    expect(measures[6]?.centres).toBeCloseTo(48, 9);
  });
});

describe('ten thousand holes, however they lie', () => {
  const sheet = { left: 0, bottom: 0, right: 900, top: 900 };
  const check = (holes: { x: number; y: number; diameter: number }[]) =>
    patternCheck({ holes, outline: sheet, leastWeb: 1 });
  const many = Array.from({ length: 10_000 }, (_, i) => i);

  test('in one column or one row: the same metal is found', () => {
    const column = check(many.map((i) => ({ x: 20, y: 10 + i * 0.08, diameter: 0.05 })));
    const row = check(many.map((i) => ({ x: 10 + i * 0.08, y: 20, diameter: 0.05 })));
    expect(column.leastMetal).toBeCloseTo(0.03, 9);
    expect(row.counts).toEqual(column.counts);
    expect(column.counts['thin-web']).toBeGreaterThan(9999);
  });

  test('on one place: counted as far as anybody reads', () => {
    const pile = check(many.map(() => ({ x: 20, y: 20, diameter: 4 })));
    expect(pile.counts.duplicate).toBeGreaterThan(20_000);
    expect(pile.findings.length).toBeLessThanOrEqual(50);
  });

  test('the thinnest metal is found even where nothing is thin: between two holes far from every edge', () => {
    expect(
      check([
        { x: 400, y: 400, diameter: 4 },
        { x: 420, y: 400, diameter: 4 },
      ]).leastMetal,
    ).toBeCloseTo(16, 9);
  });
});
