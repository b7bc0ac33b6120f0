import { compareHoles } from './compareHoles';
import { collectFindings } from './finding';
import { PLATE, PLATE_HOLES } from './fixtures/plate.case';
import type { ProgramHole } from './programHoles';
import { emptyExtents, widen } from './checks/extents';
import { meetsStock, zeroThatFits } from './zeroGuess';

const made = (moved: (hole: { x: number; y: number }) => { x: number; y: number }): ProgramHole[] =>
  PLATE_HOLES.map((hole, i) => ({ ...moved(hole), bottom: -11.262, line: 10 + i, tools: [3] }));

function told(holes: readonly ProgramHole[], whole = true) {
  const findings = collectFindings();
  return { holes: compareHoles(holes, PLATE, findings, whole), findings: findings.list() };
}

test('holes where they should be are counted and nothing is said', () => {
  expect(told(made((hole) => hole))).toEqual({ holes: { program: 10, positions: 10, agree: 10 }, findings: [] });
});

test.each([
  ['25.4 times too small', ({ x, y }) => ({ x: x / 25.4, y: y / 25.4 }), { kind: 'scaled', by: 25.4 }],
  ['ten times too large', ({ x, y }) => ({ x: x * 10, y: y * 10 }), { kind: 'scaled', by: 0.1 }],
  ['mirrored left to right', ({ x, y }) => ({ x: -x, y }), { kind: 'mirrored', axis: 'X' }],
  ['mirrored front to back', ({ x, y }) => ({ x, y: -y }), { kind: 'mirrored', axis: 'Y' }],
  ['X and Y changed over', ({ x, y }) => ({ x: y, y: x }), { kind: 'swapped' }],
] as [string, (hole: { x: number; y: number }) => { x: number; y: number }, object][])(
  '%s: one finding says so',
  (_name, moved, change) => {
    const { findings } = told(made(moved));
    expect(findings.map(({ code, figures }) => [code, figures])).toEqual([['holes-changed', { change }]]);
  },
);

test('all shifted alike: what would bring them back, with its signs', () => {
  const { findings } = told(made(({ x, y }) => ({ x: x - 92, y: y - 58 })));
  const [shifted] = findings;
  expect(shifted?.code).toBe('holes-changed');
  const change = shifted?.code === 'holes-changed' ? shifted.figures.change : undefined;
  expect(change?.kind === 'shifted' && [change.dx, change.dy].map((one) => Number(one.toFixed(6)))).toEqual([92, 58]);
});

test('one hole off is off by program less position, at its line', () => {
  const holes = made((hole) => hole);
  const [first] = holes;
  const { findings } = told([{ ...(first as ProgramHole), x: (first?.x ?? 0) + 0.1 }, ...holes.slice(1)]);
  const [off] = findings;
  expect([off?.code, off?.line]).toEqual(['hole-off', 10]);
  expect(off?.code === 'hole-off' && off.figures.dx).toBeCloseTo(0.1, 9);
});

test('a program that stops short is not blamed for what may come later', () => {
  const shallow = made((hole) => hole)
    .slice(0, 6)
    .map((hole) => ({ ...hole, bottom: -2 }));
  expect(told(shallow, false).findings).toEqual([]);
  expect(new Set(told(shallow).findings.map(({ code }) => code))).toEqual(new Set(['hole-depth', 'hole-missing']));
});

test('deeper than planned is told at once', () => {
  const deep = made((hole) => hole).map((hole) => ({ ...hole, bottom: -14 }));
  expect(told(deep, false).findings.map(({ code }) => code)).toEqual(['hole-depth']);
});

describe('where a program’s zero seems to be', () => {
  const cutting = (x: readonly [number, number], y: readonly [number, number]) => {
    const extents = emptyExtents();
    for (const at of x) widen(extents.cut.x, at);
    for (const at of y) widen(extents.cut.y, at);
    return extents;
  };
  const stock = { name: 'Plate', x: [0, 184], y: [0, 116], z: [-9.5, 0] } as const;

  test('the middle, where its cuts lie as far to either side', () => {
    expect(zeroThatFits(cutting([-90, 90], [-56, 56]), stock)).toEqual({ x: 'middle', y: 'middle' });
  });

  test('the back right corner, where all is minus', () => {
    expect(zeroThatFits(cutting([-180, -4], [-112, -4]), stock)).toEqual({ x: 'right', y: 'back' });
  });

  test('nowhere, where it cuts more than the part is large', () => {
    expect(zeroThatFits(cutting([-400, 400], [0, 50]), stock)).toBeNull();
  });

  test('cuts that nothing of the part is under do not meet it', () => {
    expect(meetsStock(cutting([300, 400], [10, 20]), stock)).toBe(false);
    expect(meetsStock(cutting([100, 400], [10, 20]), stock)).toBe(true);
    expect(meetsStock(emptyExtents(), stock)).toBe(true);
  });
});
