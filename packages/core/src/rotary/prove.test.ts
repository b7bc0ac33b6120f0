import { chance } from '../metrology/chance';
import { coverageOf } from '../../testing/trials/coverage';
import { simulatedAngles, simulatedTrunnion, simulatedWalls } from '../../testing/trials/calibrationTrials';
import { tapeErrors } from '../working/working.case';
import { ballAngles } from './ballAngles';
import type { BallAnglesInput } from './ballAngles.schema';
import { indexTable } from './indexTable';
import type { IndexTableInput } from './indexTable.schema';
import { proveCentre } from './proveCentre';
import { partTurn, turnedInPlane } from './turn';

const ballAt = (centre: [number, number], from: [number, number], sense: 1 | -1) => (command: number) => ({
  command,
  at: turnedInPlane(from, centre, partTurn({ sense, command })),
});

describe('a ball at three angles', () => {
  const at = ballAt([310, -120], [355, -118], 1);
  const input = (commands: number[]): BallAnglesInput => ({
    axis: 'C',
    sense: 1,
    uPoint: 0.002,
    step: 0.001,
    points: commands.map(at),
  });

  test('gives the centre it went round, and how far out it was', () => {
    const found = ballAngles(input([0, 120, 240]));
    expect(found.centre[0]).toBeCloseTo(310, 9);
    expect(found.centre[1]).toBeCloseTo(-120, 9);
    expect(found.arm).toBeCloseTo(Math.hypot(45, 2), 9);
    expect(found.residual).toBeLessThan(1e-9);
    expect(tapeErrors(found.tape)).toEqual([]);
  });

  test('a third of the way round each time beats a sixth in all, which is said', () => {
    const near = ballAngles(input([0, 30, 60]));
    expect(near.uncertainty.U).toBeGreaterThan(2 * ballAngles(input([0, 120, 240])).uncertainty.U);
    expect(near.notes).toEqual([{ code: 'short-arc', of: 'touches', arc: expect.closeTo(60, 6) as number }]);
  });

  test.each([
    ['equal angles', [0, 120, 120], /are the same/],
    ['a whole turn on', [0, 360, 90], /are the same/],
    ['angles within 20°', [0, 8, 16], /Turn further/],
  ])('%s are refused with the remedy', (_, commands, words) => {
    expect(() => ballAngles(input(commands))).toThrow(words);
  });

  test('a ball that went the other way round says that the sense is wrong', () => {
    expect(() => ballAngles({ ...input([0, 100, 200]), sense: -1 })).toThrow(/Make the trial turn again/);
  });
});

const turned = (e: readonly [number, number]) => ({
  axis: 'C' as const,
  centre: [10 - e[0], 20 - e[1]] as [number, number],
});

describe('a centre proved', () => {
  const instrument = { resolution: 0.001, sd: 0.002 };
  const walls = (plus: [number, number], minus?: [number, number]) =>
    proveCentre({
      axis: 'A',
      centre: [108.56, -322.305],
      centreU: [0.01, 0.01],
      by: {
        what: 'walls',
        along: 0,
        plus: { first: [plus[0]], turned: [plus[1]] },
        ...(minus && { minus: { first: [minus[0]], turned: [minus[1]] } }),
        instrument,
      },
    });

  test('walls of 5.020 and 4.980 toward plus: the centre is 0.020 further toward plus', () => {
    const [along] = walls([5.02, 4.98]).along;
    expect(along).toMatchObject({ coordinate: 'Y', state: 'off' });
    expect(along?.off).toBeCloseTo(0.02, 12);
    expect(along?.corrected).toBeCloseTo(108.58, 9);
  });

  test('both walls say it better than one, and tell it from a cutter that is off', () => {
    const both = walls([5.02, 4.98], [4.9, 4.94]);
    expect(both.along[0]?.off).toBeCloseTo(0.02, 12);
    expect(both.uncertainty.U).toBeLessThan(walls([5.02, 4.98]).uncertainty.U);
    // Both cuts too wide by the same leaves thinner walls all round, and says nothing of the centre.
    expect(walls([4.98, 4.98], [4.9, 4.9])).toMatchObject({ state: 'true' });
    expect(tapeErrors(both.tape)).toEqual([]);
  });

  test('no wall at all is refused', () => {
    expect(() =>
      proveCentre({ axis: 'A', centre: [0, 0], centreU: [0, 0], by: { what: 'walls', along: 0, instrument } }),
    ).toThrow(/No wall was measured/);
  });

  test.each([180, 90, -35, 140])('a ball before and after %s° gives what the centre is off by', (command) => {
    const e = [0.03, -0.012] as const;
    const first: [number, number] = [45, -7];
    for (const sense of [1, -1] as const) {
      const found = proveCentre({
        ...turned(e),
        centreU: [0.01, 0.01],
        by: {
          what: 'point',
          sense,
          command,
          first,
          turned: turnedInPlane(first, [10, 20], partTurn({ sense, command })),
          uPoint: 0.001,
        },
      });
      expect(found.along.map(({ off }) => off)).toEqual([expect.closeTo(e[0], 9), expect.closeTo(e[1], 9)]);
      expect(found.along.map(({ coordinate }) => coordinate)).toEqual(['X', 'Y']);
    }
  });

  test('a turn of a few degrees tells little, and is refused', () => {
    const by = { what: 'point' as const, sense: 1 as const, command: 350, first: [1, 1], turned: [1, 1], uPoint: 0 };
    expect(() => proveCentre({ axis: 'C', centre: [0, 0], centreU: [0, 0], by } as never)).toThrow(
      /Turn it half round/,
    );
  });

  test('names axis, way and size where walls show over 3 U, and hardly ever where there is nothing', () => {
    const cases = 3000;
    let named = 0;
    let wolves = 0;
    for (let i = 0; i < cases; i += 1) {
      const random = chance(i);
      const U = simulatedWalls(chance(i), 0)?.U ?? 0;
      const off = random.pick(-1, 1) * random.between(3, 8) * U;
      const found = simulatedWalls(random, off);
      if (found?.state === 'off' && Math.abs(found.off - off) <= 1.5 * found.U) named += 1;
      if (simulatedWalls(chance(900_000 + i), 0)?.state === 'off') wolves += 1;
    }
    expect(named / cases).toBeGreaterThanOrEqual(0.95);
    expect(wolves / cases).toBeLessThan(0.01);
  });
});

const C = { name: 'C' as const, sense: 1 as const, centre: [2, -1.5] as [number, number] };
const A = { name: 'A' as const, sense: 1 as const, centre: [-1, -60.25] as [number, number] };
const sure = { centreU: [0.005, 0.005] as [number, number], step: 0.001 };

const plan = (change: Partial<IndexTableInput> = {}): IndexTableInput => ({
  school: 'per-index',
  datum: { x: 40, y: 12, z: 5 },
  datumU: { x: 0.006, y: 0.006, z: 0.004 },
  axes: [
    { ...C, ...sure },
    { ...A, ...sure, limits: { from: -110, to: 110 } },
  ],
  indices: [
    { name: 'Top', commands: {}, workOffset: 'G54' },
    { name: 'Front', commands: { A: -30 }, workOffset: 'G55' },
    { name: 'Right', commands: { A: -30, C: 90 }, workOffset: 'G56' },
  ],
  ...change,
});

describe('a table of indices', () => {
  test('part zero at each, the carried axis first', () => {
    const { rows } = indexTable(plan());
    const places = rows.map(({ datum }) => [datum.x, datum.y, datum.z].map((mm) => Number(mm.toFixed(4))));
    expect(places).toEqual([
      [40, 12, 5],
      [40, -22.3667, 2.7582],
      [15.5, -66.967, -22.9918],
    ]);
    expect(rows[1]?.moved.y).toBeCloseTo(-34.3667, 4);
    expect(rows.every(({ problems }) => problems.length === 0)).toBe(true);
  });

  test('a control that follows the part has one offset, part zero at no turn', () => {
    expect(indexTable(plan({ school: 'follows' })).offset).toMatchObject({ x: 40, y: 12, z: 5 });
    expect(indexTable(plan()).offset).toBeNull();
  });

  test('zero at the centre: X where C turns, Y and Z where A does, and the CAM told part zero from there', () => {
    const found = indexTable(plan({ school: 'centre' }));
    expect(found.offset).toMatchObject({ x: 2, y: -1, z: -60.25 });
    expect(found.fromCentre).toEqual({ x: 38, y: 13, z: 65.25 });
    expect(found.apart).toBeCloseTo(-0.5, 12);
    expect(tapeErrors(found.tape)).toEqual([]);
  });

  test('the ± grows with the arm it is turned by', () => {
    const { rows } = indexTable(plan());
    expect(rows[2]?.U.y).toBeGreaterThan(rows[0]?.U.y ?? 1);
  });

  test('a sense nobody has seen refuses every offset', () => {
    const [carried = { ...C, ...sure }, carrier = { ...A, ...sure }] = plan().axes;
    expect(() => indexTable(plan({ axes: [carried, { ...carrier, sense: undefined }] }))).toThrow(
      /Make its trial turn/,
    );
  });

  test('what lies beyond a limit, out of reach, or in an offset twice is said of its index', () => {
    const far = indexTable(
      plan({
        travel: { y: 50 },
        indices: [
          { name: 'Top', commands: {}, workOffset: 'G54' },
          { name: 'Under', commands: { A: 120, C: 180 }, workOffset: 'G54' },
        ],
      }),
    ).rows;
    expect(far[1]?.problems).toEqual([
      { code: 'beyond-limit', axis: 'A', limit: 110 },
      { code: 'out-of-reach', axis: 'y', needs: expect.any(Number) as number, travel: 50 },
      { code: 'offset-twice', workOffset: 'G54' },
    ]);
  });
});

test('simulated trunnions, either order and sense, tilted: our offsets bring the tool to the same part point within U', () => {
  const { share, width } = coverageOf(simulatedTrunnion, 4000, (i) => chance(200_000 + i));
  expect(share).toBeGreaterThanOrEqual(0.94);
  expect(width).toBeLessThanOrEqual(1.25);
});

test('a ball at three to six angles gives the centre within its ± in 94 of 100', () => {
  const { share, width } = coverageOf(simulatedAngles, 4000, (i) => chance(300_000 + i));
  expect(share).toBeGreaterThanOrEqual(0.94);
  expect(width).toBeLessThanOrEqual(1.25);
});
