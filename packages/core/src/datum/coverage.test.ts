import { chance, type Chance } from '../practice/random';
import { circle } from './circle';
import { corner } from './corner';
import { edge } from './edge';
import { oppositeFaces } from './oppositeFaces';

const CASES = 4000;

/** One simulated touch-up: what was truly off, and the U that was stated for it. */
interface Outcome {
  error: number;
  U: number;
}

/** A finder, a display and a hand, as only the mill knows them; what is told of them is true on average. */
function shop({ between, pick }: Chance) {
  const methodSd = pick(0.003, 0.006, 0.012);
  return {
    contact: { diameter: between(2, 12), feeler: pick(0, 0.05), tir: 0, spin: 'turning' as const },
    method: { resolution: pick(0.001, 0.005, 0.01), methodSd },
    finderU: methodSd,
  };
}

/** How a touch is felt: its own scatter, on top of the finder's error at that face, shown to the display's step. */
const feel = (random: Chance, at: number, finder: number, { method }: ReturnType<typeof shop>): number =>
  Math.round((at + finder + method.methodSd * random.normal()) / method.resolution) * method.resolution;

/** Share of cases whose error lies within the stated U, and U against the half-width that just holds 95 % of them. */
function coverage(simulate: (random: Chance) => Outcome): { share: number; width: number } {
  const outcomes = Array.from({ length: CASES }, (_, i) => simulate(chance(1000 + i)));
  const share = outcomes.filter(({ error, U }) => Math.abs(error) <= U).length / CASES;
  const ratios = outcomes.map(({ error, U }) => Math.abs(error) / U).sort((a, b) => a - b);
  return { share, width: 1 / (ratios[Math.ceil(0.95 * CASES) - 1] ?? Number.NaN) };
}

const radiusOf = ({ contact }: ReturnType<typeof shop>) => contact.diameter / 2 + contact.feeler;

const features: [string, (random: Chance) => Outcome][] = [
  [
    'a face touched one to six times',
    (random) => {
      const tools = shop(random);
      const [truth, finder] = [random.between(-200, 200), tools.finderU * random.normal()];
      const readings = Array.from({ length: random.pick(1, 2, 3, 6) }, () =>
        feel(random, truth - radiusOf(tools), finder, tools),
      );
      const found = edge({ ...tools, readings, approach: 1, nominal: 0 });
      return { error: found.edge - truth, U: found.uncertainty.U };
    },
  ],
  [
    'the middle of two faces',
    (random) => {
      const tools = shop(random);
      const [left, width] = [random.between(-200, 200), random.between(20, 200)];
      const touch = (at: number) => {
        const finder = tools.finderU * random.normal();
        return Array.from({ length: random.pick(1, 2, 3) }, () => feel(random, at, finder, tools));
      };
      const found = oppositeFaces({
        ...tools,
        first: { readings: touch(left - radiusOf(tools)), approach: 1 },
        second: { readings: touch(left + width + radiusOf(tools)), approach: -1 },
        nominal: 0,
      });
      return { error: found.centre - (left + width / 2), U: found.uncertainty.U };
    },
  ],
  [
    'the corner of a turned part, taken as square',
    (random) => {
      const tools = shop(random);
      const r = radiusOf(tools);
      const t = random.between(-0.05, 0.05);
      const at = { x: random.between(-100, 100), y: random.between(-100, 100) };
      const place = (u: number, v: number) => ({
        x: at.x + u * Math.cos(t) - v * Math.sin(t),
        y: at.y + u * Math.sin(t) + v * Math.cos(t),
      });
      const [frontError, leftError] = [tools.finderU * random.normal(), tools.finderU * random.normal()];
      const front = [10, random.between(80, 160)].map((u) => {
        const { x, y } = place(u, -r);
        return { x, y: feel(random, y, frontError, tools) };
      });
      const side = place(-r, random.between(10, 60));
      const found = corner({
        ...tools,
        alongX: { touches: front, approach: 1 },
        alongY: { touches: [{ x: feel(random, side.x, leftError, tools), y: side.y }], approach: 1 },
        nominal: { x: 0, y: 0 },
      });
      return { error: found.corner.y - at.y, U: found.U.y };
    },
  ],
  [
    'the centre of a bore by four to eight touches',
    (random) => {
      const tools = shop(random);
      const [x, y, radius] = [random.between(-100, 100), random.between(-100, 100), random.between(10, 40)];
      const n = random.pick(4, 5, 8);
      const start = random.between(0, 360);
      const touches = Array.from({ length: n }, (_, i) => {
        const angle = ((start + (i * 360) / n) * Math.PI) / 180;
        const reach =
          radius - radiusOf(tools) + tools.finderU * random.normal() + tools.method.methodSd * random.normal();
        const shown = (value: number) => Math.round(value / tools.method.resolution) * tools.method.resolution;
        return { x: shown(x + reach * Math.cos(angle)), y: shown(y + reach * Math.sin(angle)) };
      });
      const found = circle({ ...tools, feature: 'bore', touches, nominal: { x: 0, y: 0 } });
      return { error: found.centre.x - x, U: found.U.x };
    },
  ],
];

describe.each(features)('%s', (_, simulate) => {
  const { share, width } = coverage(simulate);

  test('lies within its stated ± in at least 94 of 100 cases', () => {
    expect(share).toBeGreaterThanOrEqual(0.94);
  });

  test('is not stated wider than a quarter over what just holds 95 of 100', () => {
    expect(width).toBeLessThanOrEqual(1.25);
  });
});
