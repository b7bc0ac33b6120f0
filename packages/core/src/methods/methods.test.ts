import { GAUGE_KINDS } from '../metrology/gauges/gaugeKinds';
import { chooseMethod } from './chooseMethod';
import type { ChooseMethodInput } from './chooseMethod.schema';
import { METHODS } from '../metrology/gauges/gaugeKindFacts';
import { METHOD_FACTS, methodOf } from './method';

const gauge = (id: string, kind: ChooseMethodInput['gauges'][number]['kind'], u: number) => ({
  id,
  name: id,
  kind,
  uTouch: u,
  uSize: 0,
  tir: 0,
});

const shop: ChooseMethodInput = {
  feature: 'face',
  tolerance: 0.1,
  resolution: 0.005,
  gauges: [
    gauge('spring', 'spring-finder', 0.006),
    gauge('probe', 'probe', 0.003),
    gauge('paper', 'paper', 0.03),
    gauge('pin', 'pin', 0.012),
    gauge('plug', 'plug', 0.01),
    gauge('lever', 'indicator', 0.004),
    gauge('block', 'block', 0.012),
  ],
};
const ids = (input: ChooseMethodInput) => chooseMethod(input).ranked.map(({ gaugeId }) => gaugeId);

describe('choosing a method', () => {
  test('the quickest that is within a quarter of the tolerance comes first, those that are not last', () => {
    const { ranked, anyReaches } = chooseMethod(shop);
    expect(anyReaches).toBe(true);
    expect(ranked[0]).toMatchObject({ gaugeId: 'probe', touches: 1, reaches: true });
    expect(ranked.at(-1)).toMatchObject({ gaugeId: 'paper', reaches: false });
    expect(ranked.at(-1)?.reason).toMatch(/limited by the feel of the touch/);
    const reaching = ranked.filter(({ reaches }) => reaches).map(({ seconds }) => seconds);
    expect(reaching).toEqual([...reaching].sort((a, b) => a - b));
  });

  test('a wide tolerance makes the cheap and quick one do, and says that better is not needed', () => {
    const { ranked } = chooseMethod({ ...shop, tolerance: 0.5 });
    expect(ranked[0]?.gaugeId).toBe('paper');
    expect(ranked.find(({ gaugeId }) => gaugeId === 'probe')?.reason).toMatch(/first of the list would do/);
  });

  test('where none reaches it says so, and the smallest U comes first', () => {
    const { ranked, anyReaches } = chooseMethod({ ...shop, tolerance: 0.01 });
    expect(anyReaches).toBe(false);
    const U = ranked.map((way) => way.U);
    expect(U).toEqual([...U].sort((a, b) => a - b));
    expect(ranked[0]?.reason).toMatch(/^Nothing in the shop reaches/);
  });

  test('what is overdue or was dropped comes behind what is as good and can be relied on, and says why', () => {
    const doubted = (doubtful: 'overdue' | 'voided') => ({
      ...shop,
      gauges: shop.gauges.map((one) => (one.id === 'probe' ? { ...one, doubtful } : one)),
    });
    const { ranked } = chooseMethod(doubted('overdue'));
    expect(ranked[0]?.gaugeId).not.toBe('probe');
    const probe = ranked.find(({ gaugeId }) => gaugeId === 'probe');
    expect(probe).toMatchObject({ reaches: true });
    expect(probe?.reason).toMatch(/Its check is overdue\.$/);
    expect(ids(doubted('voided')).indexOf('probe')).toBeLessThan(ids(doubted('voided')).indexOf('paper'));
  });

  test('only what can find the feature is offered', () => {
    expect(ids(shop)).not.toContain('plug');
    expect(ids(shop)).not.toContain('block');
    expect(ids({ ...shop, feature: 'round' })).toEqual(expect.arrayContaining(['plug', 'lever', 'probe', 'pin']));
    expect(ids({ ...shop, feature: 'round' })).not.toContain('block');
  });

  test('the shop’s own repeatability goes before the default', () => {
    const own = (sd: number) => ({ ...gauge('pin', 'pin', 0.012), sd, dof: 40 });
    const U = (sd: number) => chooseMethod({ ...shop, tolerance: 0.4, gauges: [own(sd)] }).ranked[0]?.U ?? 0;
    expect(U(0.004)).toBeLessThan(U(0.02));
  });
});

test.each(METHODS)('%s has steps, a rule fOr its radius, cautions and a way to be chosen', (method) => {
  const facts = METHOD_FACTS[method];
  expect(facts.steps.length).toBeGreaterThanOrEqual(3);
  expect(facts.radius).not.toBe('');
  expect(facts.cautions.length).toBeGreaterThan(0);
  expect(GAUGE_KINDS.some((kind) => methodOf(kind) === method)).toBe(true);
});
