import fc from 'fast-check';
import { solveFacing } from './facing';
import { facingInput, type FacingInput } from './facing.schema';
import { CUT_MATERIALS, materialOf } from './materials';

const plate: FacingInput = {
  remove: 2.3,
  mostDepth: 0.8,
  finish: 0.2,
  length: 184,
  width: 116,
  cutter: { diameter: 20, teeth: 4, madeOf: 'hss' },
  material: 'brass',
  stepOver: 0.7,
  machine: {},
};

describe('facing to height', () => {
  test('equal passes no deeper than allowed, and the finishing one', () => {
    const { passes } = solveFacing(plate);
    expect(passes.map(({ depth }) => Number(depth.toFixed(6)))).toEqual([0.7, 0.7, 0.7, 0.2]);
    expect(passes.at(-1)).toMatchObject({ finish: true });
    expect(passes.at(-1)?.left).toBeCloseTo(0, 9);
  });

  test('spindle speed from cutting speed, feed from the feed per tooth', () => {
    const { rpm, feed, rpmLimit } = solveFacing({ ...plate, cuttingSpeed: 62.831853, toothLoad: 0.05 });
    expect(rpm).toBeCloseTo(1000, 3);
    expect(feed).toBeCloseTo(200, 3);
    expect(rpmLimit).toBeNull();
  });

  test('what the machine cannot do is held at its limit, and the feed follows the speed it has', () => {
    const slow = solveFacing({ ...plate, cuttingSpeed: 62.831853, toothLoad: 0.05, machine: { mostRpm: 600 } });
    expect(slow).toMatchObject({ rpm: 600, rpmLimit: 'fastest', feed: 120 });
    const fast = solveFacing({
      ...plate,
      cuttingSpeed: 10,
      toothLoad: 0.05,
      machine: { leastRpm: 5000, mostFeed: 300 },
    });
    expect(fast).toMatchObject({ rpm: 5000, rpmLimit: 'slowest', feed: 300, feedLimit: 'fastest' });
    // Held back feed makes thinner chips, and that is said.
    expect(fast.toothLoad).toBeCloseTo(0.015, 9);
  });

  test('a cutter with inserts is told to have them turned all together, and one without is not', () => {
    const together = /Index all inserts together/;
    const texts = (inserts: boolean) =>
      solveFacing({ ...plate, cutter: { ...plate.cutter, inserts } }).cautions.map(({ text }) => text);
    expect(texts(true)).toContainEqual(expect.stringMatching(together));
    expect(texts(false)).not.toContainEqual(expect.stringMatching(together));
  });

  test('a cutter wider than the face needs one path; time is path over feed', () => {
    const one = solveFacing({ ...plate, width: 18, finish: 0, remove: 0.5, toothLoad: 0.05, cuttingSpeed: 62.831853 });
    expect(one.paths).toBe(1);
    expect(one.minutes).toBeCloseTo((184 + 24) / 200, 3);
    expect(solveFacing(plate).paths).toBe(8);
  });

  test('fluid goes by what is cut, then by what cuts it', () => {
    const coolant = (material: FacingInput['material'], madeOf: 'hss' | 'carbide') =>
      solveFacing({ ...plate, material, cutter: { ...plate.cutter, madeOf } }).coolant;
    expect(coolant('mild-steel', 'carbide')).toMatch(/always or never/);
    expect(coolant('mild-steel', 'hss')).toMatch(/likes to be wet/);
    for (const madeOf of ['hss', 'carbide'] as const) {
      expect(coolant('wood', madeOf)).toMatch(/^Dry.*dust extraction/);
      expect(coolant('brass', madeOf)).toBe('Brass is cut dry.');
    }
  });

  test('no way of cutting blows swarf about by air', () => {
    const names = Object.keys(CUT_MATERIALS) as FacingInput['material'][];
    for (const material of names)
      for (const madeOf of ['hss', 'carbide'] as const)
        expect(solveFacing({ ...plate, material, cutter: { ...plate.cutter, madeOf } }).coolant).not.toMatch(
          /blown|air jet/,
        );
  });

  test('an edge that builds up lightly wants more speed, heavily less feed and depth', () => {
    const [built] = solveFacing(plate).remedies;
    expect(built?.change).toMatch(/^Lightly: go faster.*Heavily: less feed and less depth/);
  });

  test('a million passes are refused in words, at once', () => {
    expect(() => solveFacing({ ...plate, remove: 5, mostDepth: 1e-6 })).toThrow(
      /more than a million passes; at most 200/,
    );
    expect(solveFacing({ ...plate, remove: 20, mostDepth: 0.1, finish: 0 }).passes).toHaveLength(200);
  });

  test('all passes together remove what is to be removed, none deeper than allowed', () => {
    const length = fc.double({ min: 0.01, max: 20, noNaN: true });
    fc.assert(
      fc.property(length, length, fc.double({ min: 0, max: 1, noNaN: true }), (remove, mostDepth, share) => {
        fc.pre((1 - share) * remove <= 200 * mostDepth);
        const { passes } = solveFacing({ ...plate, remove, mostDepth, finish: share * remove });
        expect(passes.reduce((sum, { depth }) => sum + depth, 0)).toBeCloseTo(remove, 9);
        const rough = passes.filter(({ finish }) => !finish);
        for (const { depth } of rough) expect(depth).toBeLessThanOrEqual(mostDepth + 1e-9);
      }),
    );
  });

  test('a finishing pass deeper than all of it, and no depth at all, are refused', () => {
    expect(() => solveFacing({ ...plate, finish: 3 })).toThrow(/finishing pass is deeper/);
    expect(facingInput.safeParse({ ...plate, mostDepth: 0 }).error?.issues[0]?.path).toEqual(['mostDepth']);
  });

  test.each([
    ['brass', 'brass'],
    ['Walnut', 'wood'],
    ['aluminium 6082', 'aluminium'],
    ['stainless steel', 'stainless'],
    ['something', undefined],
  ])('%s is %s', (words, name) => expect(materialOf(words)).toBe(name));
});
