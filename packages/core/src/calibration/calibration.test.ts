import { chance } from '../metrology/chance';
import { agreementOf } from '../metrology/agreement';
import { coverageOf } from '../../testing/trials/coverage';
import { simulatedProbe } from '../../testing/trials/calibrationTrials';
import { finderByBlock } from './finderByBlock';
import { heightMaster } from './heightMaster';
import { calibrateProbeInRing } from './probeInRing';

const method = { resolution: 0.001, methodSd: 0.002 };
const uTouch = 0.002;

describe('any finder by both sides of a block', () => {
  const input = { towardPlus: [-5.006], towardMinus: [30.002], block: { size: 25, U: 0.001 }, method, uTouch };

  test('25.000 touched at -5.006 and 30.002 leaves 10.008', () => {
    const found = finderByBlock(input);
    expect(found.diameter).toBeCloseTo(10.008, 12);
    expect(found.tape.sections.at(-1)?.total.value).toBe(found.diameter);
  });

  test('the block’s own U is in it, and repeats narrow it', () => {
    const U = (more: object) => finderByBlock({ ...input, ...more }).uncertainty.U;
    expect(U({ block: { size: 25, U: 0.02 } })).toBeGreaterThan(U({}));
    expect(U({ towardPlus: [-5.006, -5.005, -5.007], towardMinus: [30.002, 30.001, 30.003] })).toBeLessThan(U({}));
  });

  test('touches nearer than the block is wide are refused with the remedy', () => {
    expect(() => finderByBlock({ ...input, towardMinus: [19] })).toThrow(/See which face each was/);
  });
});

describe('a probe in a ring', () => {
  const ring = { diameter: 25.001, U: 0.001 };
  const x = {
    first: { plus: [320.5145], minus: [299.4815] },
    turned: { plus: [320.5185], minus: [299.4855] },
  };

  test('two orientations: centre, radius, and what a trigger toward each wall has to be moved by', () => {
    const found = calibrateProbeInRing({ ring, x, method, uTouch });
    expect(found.x.centre).toBeCloseTo(310, 9);
    expect(found.x.radius).toBeCloseTo(1.984, 9);
    expect(found.x.toward.plus).toBeCloseTo(1.986, 9);
    expect(found.x.toward.minus).toBeCloseTo(1.982, 9);
    expect(found.x.eccentricity).toBeCloseTo(0.002, 9);
    expect(found.y).toBeNull();
  });

  test('one orientation: the radius is known, the eccentricity is not', () => {
    const found = calibrateProbeInRing({ ring, x: { first: x.first }, method, uTouch });
    expect(found.x.radius).toBeCloseTo(1.984, 9);
    expect(found.x.eccentricity).toBeNull();
    expect(found.uncertainty.U).toBeGreaterThan(calibrateProbeInRing({ ring, x, method, uTouch }).uncertainty.U);
  });

  test('two axes are averaged, the ring’s own U is not', () => {
    const sure = { resolution: 0, methodSd: 0 };
    const found = calibrateProbeInRing({ ring: { ...ring, U: 0.008 }, x, y: x, method: sure, uTouch: 0 });
    expect(found.radius).toBeCloseTo(1.984, 9);
    expect(found.uncertainty.u).toBeCloseTo(0.002, 12);
  });

  test.each([
    ['another ring’s size', { ring: { diameter: 20, U: 0.001 } }, /another ring/],
    ['walls the wrong way round', { x: { first: { plus: [299.4815], minus: [320.5145] } } }, /which wall each was/],
    ['two rings mixed', { x: { ...x, turned: { plus: [325.5185], minus: [304.9855] } } }, /in one ring, on one zero/],
  ])('%s is refused with the remedy', (_, change, words) => {
    expect(() => calibrateProbeInRing({ ring, x, method, uTouch, ...change })).toThrow(words);
  });
});

describe('a setter by its master, a probe by a block', () => {
  test('a master of 100 answering at -40 puts the bare gauge line at -140', () => {
    const known = { what: 'setter-by-master' as const, length: 100, U: 0.002 };
    expect(heightMaster({ readings: [-40], known, method, uTouch }).value).toBe(-140);
  });

  test('a probe that answers 52.3 over a block of 10 on a surface at -100 is 142.3 long', () => {
    const known = { what: 'probe-by-block' as const, block: 10, surface: -100, U: 0.002 };
    expect(heightMaster({ readings: [52.3], known, method, uTouch }).value).toBeCloseTo(142.3, 9);
    expect(() => heightMaster({ readings: [-95], known, method, uTouch })).toThrow(/no longer than nothing/);
  });
});

describe('two results of one thing', () => {
  test('0.012 apart, known to 0.008 and 0.006: E_n 1.2, they disagree', () => {
    const found = agreementOf({ value: 5, U: 0.008 }, { value: 5.012, U: 0.006 });
    expect(found.en).toBeCloseTo(1.2, 9);
    expect(found).toMatchObject({ agrees: false, U: 0.01 });
    expect(agreementOf({ value: 5, U: 0.008 }, { value: 5.009, U: 0.006 }).agrees).toBe(true);
  });

  test('without any uncertainty nothing can be said', () => {
    expect(() => agreementOf({ value: 1, U: 0 }, { value: 2, U: 0 })).toThrow(/without uncertainty/);
  });
});

describe('simulated probes with lobing, eccentricity and pre-travel', () => {
  test.each([1, 2] as const)('along %i axis or axes the radius lies within its ±', (axes) => {
    const { share, width } = coverageOf(
      (random) => simulatedProbe(random, axes),
      4000,
      (i) => chance(40_000 + i),
    );
    expect(share).toBeGreaterThanOrEqual(0.94);
    expect(width).toBeLessThanOrEqual(1.25);
  });
});
