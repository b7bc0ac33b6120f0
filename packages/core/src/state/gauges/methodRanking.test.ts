import { methodSummary } from '../../messages/basis/methodSummary';
import { alignmentShop } from '../alignment/alignment.case';
import type { SetupState } from '../basis/setupState';
import { rankedMethods } from './methodRanking';

const ids = (book: SetupState, kind: Parameters<typeof rankedMethods>[1]) =>
  rankedMethods(book, kind).ranked.map(({ gaugeId }) => gaugeId);

const way = (book: SetupState, id: string) => rankedMethods(book, 'round').ranked.find(({ gaugeId }) => gaugeId === id);

test('a sweep and a plug find rounds alone, each with its gauge, time and ±', () => {
  expect(ids(alignmentShop, 'round')).toEqual(expect.arrayContaining(['lever', 'plug']));
  expect(ids(alignmentShop, 'face')).not.toContain('plug');
  expect(ids(alignmentShop, 'middle')).not.toContain('lever');
  const plug = way(alignmentShop, 'plug');
  expect(plug?.gauge.name).toBe('Centring plug');
  expect(plug?.U).toBeGreaterThan(way(alignmentShop, 'lever')?.U ?? Infinity);
  expect(plug?.seconds).toBeLessThan(way(alignmentShop, 'lever')?.seconds ?? 0);
});

describe('what cannot be used here comes last, with its reason, and is never good enough', () => {
  const PLACED = { kind: 'contact-light' as const, id: 'lamp', name: 'Lamp 10', nominal: 10 };
  const RING = { kind: 'bearing-finder' as const, id: 'ring', name: 'Ring 19', nominal: 19 };
  const SPRING = { kind: 'spring-finder' as const, id: 'kicker', name: 'Kicker 10', nominal: 10, maxRpm: 1500 };
  const shop = (change: Partial<SetupState>): SetupState => ({
    ...alignmentShop,
    gauges: [...alignmentShop.gauges, PLACED, RING, SPRING],
    ...change,
  });
  const last = (
    book: SetupState,
    kind: Parameters<typeof rankedMethods>[1],
    feature?: Parameters<typeof rankedMethods>[2],
  ) => rankedMethods(book, kind, feature).ranked.filter(({ unfit }) => unfit);

  test('a spindle that cannot run slowly would throw what turns', () => {
    const { machine } = alignmentShop;
    const router = shop({ machine: { ...machine, limits: { leastRpm: 8000 } } });
    const unfit = last(router, 'face');
    expect(unfit.map(({ gaugeId }) => gaugeId)).toEqual(expect.arrayContaining(['ring', 'kicker']));
    expect(unfit.find(({ gaugeId }) => gaugeId === 'kicker')?.reason).toBe(
      'This spindle runs no slower than 8000 rpm, and this finder no faster than 1500: it would be thrown.',
    );
    expect(unfit.every(({ reaches }) => !reaches)).toBe(true);
    const { ranked } = rankedMethods(router, 'face');
    expect(ranked.slice(-unfit.length)).toEqual(unfit);
    const slow = shop({ machine: { ...machine, limits: { leastRpm: 60 } } });
    expect(last(slow, 'face')).toEqual([]);
  });

  test('on walnut a lamp stays dark', () => {
    const walnut = shop({ part: { ...alignmentShop.part, material: 'walnut' } });
    expect(last(walnut, 'face').map(({ gaugeId }) => gaugeId)).toEqual(['lamp']);
    expect(last(shop({ part: { ...alignmentShop.part, material: 'brass' } }), 'face')).toEqual([]);
  });

  test('a tip that reaches less far than the clamp beside the face stands up', () => {
    const clamp = { id: 'c', name: 'Clamp', from: { x: -30, y: 10, z: -9 }, to: { x: -5, y: 30, z: 14 } };
    const clamped = (reach: number) =>
      shop({
        gauges: [...alignmentShop.gauges, { ...PLACED, reach }],
        obstacles: { boxes: [clamp] },
      });
    const face = (name: 'left' | 'right') => ({ kind: 'face' as const, face: name });
    expect(last(clamped(12), 'face', face('left')).map(({ gaugeId, reason }) => [gaugeId, reason])).toEqual([
      ['lamp', 'Clamp is 14.000 mm above the part beside this face; its tip reaches only 12.000 mm below its body.'],
    ]);
    // Far from the other face; and with a tip that is long enough.
    expect(last(clamped(12), 'face', face('right'))).toEqual([]);
    expect(last(clamped(16), 'face', face('left'))).toEqual([]);
  });

  test('a ball of 10 does not fit into a bore of 8', () => {
    const { part } = alignmentShop;
    const bored = (diameter: number) => shop({ part: { ...part, holes: [{ x: 20, y: 20, diameter }] } });
    const feature = { kind: 'round' as const, of: 'hole-1' };
    expect(last(bored(8), 'round', feature).find(({ gaugeId }) => gaugeId === 'lamp')?.reason).toMatch(
      /^It is 10\.000 mm wide and does not fit into a bore of 8\.000 mm/,
    );
    expect(last(bored(26), 'round', feature).map(({ gaugeId }) => gaugeId)).not.toContain('lamp');
  });
});

test('what was retired is offered no more', () => {
  const gauges = alignmentShop.gauges.map((one) => (one.id === 'plug' ? { ...one, retiredOn: '2026-01-01' } : one));
  expect(ids({ ...alignmentShop, gauges }, 'round')).not.toContain('plug');
});

test('a job that asks for less is found good enough by what another is not', () => {
  const asking = (tolerance: number): SetupState => ({
    ...alignmentShop,
    setup: { ...alignmentShop.setup, tolerance },
  });
  expect(way(asking(1), 'plug')?.reaches).toBe(true);
  expect(way(asking(0.02), 'plug')?.reaches).toBe(false);
  expect(rankedMethods(asking(0.000_1), 'round').anyReaches).toBe(false);
});

test('a way in words: how often it touches, and seconds or minutes', () => {
  expect(methodSummary({ method: 'plug', touches: 1, seconds: 89 } as never)).toBe(
    'Centring plug, 1 touch, about 89 s',
  );
  expect(methodSummary({ method: 'indicator', touches: 3, seconds: 225 } as never)).toBe(
    'Indicator sweep, 3 touches, about 4 min',
  );
});
