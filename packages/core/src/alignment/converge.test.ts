import fc from 'fast-check';
import { chance, type Chance } from '../metrology/chance';
import { readChuck, readJaw, readSweep, readSwing, type HiddenIndicator } from '../../testing/closedForms/indicator';
import { centreSweep } from './centreSweep';
import { chuckFlip } from './chuckFlip';
import { headTram } from './headTram';
import type { InLine } from './inLine';
import { jawLine } from './jawLine';

const CASES = 10_000;
const PASSES = 3;
const SEED = 20261124;

interface Job {
  /** Measures as things stand; `correct` carries out the advice, as well as a hand can. */
  pass: () => { state: InLine; correct: (hand: () => number) => void };
  /** What is truly left, mm. */
  left: () => number;
  allowed: number;
}

/** Share of cases that are called in line, and are, after at most three corrections. */
function share(makeJob: (random: Chance, indicator: HiddenIndicator & { sd: number }) => Job): number {
  let converged = 0;
  for (let i = 0; i < CASES; i += 1) {
    const random = chance(SEED + i);
    const sd = random.between(0.0005, 0.003);
    const indicator = {
      sense: random.pick<1 | -1>(1, -1),
      step: random.pick(0.001, 0.002, 0.005),
      noise: () => sd * random.normal(),
      sd,
    };
    const job = makeJob(random, indicator);
    // A tap lands within a tenth of what was meant, and a little more.
    const hand = () => random.between(0.9, 1.1);
    let stopped = false;
    for (let pass = 0; pass <= PASSES && !stopped; pass += 1) {
      const { state, correct } = job.pass();
      if (state === 'within') stopped = true;
      else if (pass < PASSES) correct(hand);
    }
    if (stopped && Math.abs(job.left()) <= job.allowed) converged += 1;
  }
  return converged / CASES;
}

const asUsed = ({ sense, step, sd }: HiddenIndicator & { sd: number }) => ({ sense, resolution: step, methodSd: sd });

describe(`following the advice gets there in ${PASSES} passes in 99 of 100 of ${CASES} cases`, () => {
  test('vise', () => {
    const result = share((random, indicator) => {
      let slope = random.between(-0.02, 0.02);
      const over = random.between(60, 160);
      const side = random.pick<'low' | 'high'>('low', 'high');
      const [pivot, loose] = random.pick([0, over], [over, 0], [over * 0.2, over]);
      const allowed = random.between(0.02, 0.06);
      return {
        allowed,
        left: () => slope * over,
        pass: () => {
          const points = [0, over / 3, (2 * over) / 3, over].map((at) => ({
            at,
            readings: [readJaw(slope, at, side, indicator)],
          }));
          const along = random.pick<'x' | 'y'>('x', 'y');
          const advice = jawLine({ along, side, points, indicator: asUsed(indicator), over, pivot, loose, allowed });
          return {
            state: advice.state,
            correct: (hand) => {
              slope += (advice.tap * hand()) / (loose - pivot);
            },
          };
        },
      };
    });
    expect(result).toBeGreaterThanOrEqual(0.99);
  });

  test('head', () => {
    const result = share((random, indicator) => {
      let lean = random.between(-0.005, 0.005);
      const swing = random.between(120, 300);
      const allowed = random.between(0.02, 0.06);
      const plane = random.pick<'left-right' | 'front-back'>('left-right', 'front-back');
      return {
        allowed,
        left: () => Math.tan(lean) * swing,
        pass: () => {
          const read = (at: 'low' | 'high') => [
            readSwing(lean, swing, at, indicator),
            readSwing(lean, swing, at, indicator),
          ];
          const advice = headTram({
            plane,
            swing,
            low: read('low'),
            high: read('high'),
            indicator: asUsed(indicator),
            allowed,
          });
          return {
            state: advice.state,
            correct: (hand) => {
              lean -= (advice.lean * hand() * Math.PI) / 180;
            },
          };
        },
      };
    });
    expect(result).toBeGreaterThanOrEqual(0.99);
  });

  test('rotary table', () => {
    const result = share((random, indicator) => {
      const off = { x: random.between(-0.4, 0.4), y: random.between(-0.4, 0.4) };
      const radius = random.between(8, 40);
      const feature = random.pick<'bore' | 'boss'>('bore', 'boss');
      const start = random.between(0, 360);
      const allowed = random.between(0.02, 0.06);
      return {
        allowed,
        left: () => Math.hypot(off.x, off.y),
        pass: () => {
          const points = [0, 90, 180, 270].map((turn) => ({
            angle: start + turn,
            reading: readSweep(off, radius, feature, start + turn, indicator),
          }));
          const advice = centreSweep({ feature, points, indicator: asUsed(indicator), allowed });
          return {
            state: advice.state,
            correct: (hand) => {
              off.x += advice.move.x * hand();
              off.y += advice.move.y * hand();
            },
          };
        },
      };
    });
    expect(result).toBeGreaterThanOrEqual(0.99);
  });

  test('chuck', () => {
    const result = share((random, indicator) => {
      const off = { x: random.between(-0.3, 0.3), y: random.between(-0.3, 0.3) };
      const radius = random.between(8, 40);
      const allowed = random.between(0.02, 0.06);
      return {
        allowed,
        left: () => Math.hypot(off.x, off.y),
        pass: () => {
          const read = (mark: number) => [readChuck(off, radius, mark, indicator)];
          const advice = chuckFlip({
            pairs: [
              { mark: 0, here: read(0), flipped: read(180) },
              { mark: 90, here: read(90), flipped: read(270) },
            ],
            jaws: 'free',
            indicator: asUsed(indicator),
            allowed,
          });
          return {
            state: advice.state,
            correct: (hand) => {
              for (const { mark, off: toward } of advice.off) off[mark === 0 ? 'x' : 'y'] -= toward * hand();
            },
          };
        },
      };
    });
    expect(result).toBeGreaterThanOrEqual(0.99);
  });
});

test('the fit of a sweep does not depend on where it starts or how it is turned', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -0.5, max: 0.5, noNaN: true }),
      fc.double({ min: -0.5, max: 0.5, noNaN: true }),
      fc.integer({ min: 3, max: 40 }),
      fc.integer({ min: 0, max: 359 }),
      (a, b, n, start) => {
        const points = Array.from({ length: n }, (_, i) => {
          const angle = start + (i * 360) / n;
          const t = (angle * Math.PI) / 180;
          return { angle, reading: 0.2 + a * Math.cos(t) + b * Math.sin(t) };
        });
        const indicator = { resolution: 0.001, methodSd: 0.002, sense: 1 as const };
        const { off, shouldRead } = centreSweep({ feature: 'bore', points, indicator, allowed: 0.01 });
        expect(off.x).toBeCloseTo(a, 9);
        expect(off.y).toBeCloseTo(b, 9);
        expect(shouldRead).toBeCloseTo(0.2, 9);
      },
    ),
  );
});
