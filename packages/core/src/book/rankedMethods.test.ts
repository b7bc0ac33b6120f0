import { wayWords } from '../words/wayWords';
import { alignmentShop } from './alignment.case';
import type { Book } from './book';
import { rankedMethods } from './rankedMethods';

const ids = (book: Book, kind: Parameters<typeof rankedMethods>[1]) =>
  rankedMethods(book, kind).ranked.map(({ gaugeId }) => gaugeId);

const way = (book: Book, id: string) => rankedMethods(book, 'round').ranked.find(({ gaugeId }) => gaugeId === id);

test('a sweep and a plug find rounds alone, each with its gauge, time and ±', () => {
  expect(ids(alignmentShop, 'round')).toEqual(expect.arrayContaining(['lever', 'plug']));
  expect(ids(alignmentShop, 'face')).not.toContain('plug');
  expect(ids(alignmentShop, 'middle')).not.toContain('lever');
  const plug = way(alignmentShop, 'plug');
  expect(plug?.gauge.name).toBe('Tapered plug');
  expect(plug?.U).toBeGreaterThan(way(alignmentShop, 'lever')?.U ?? Infinity);
  expect(plug?.seconds).toBeLessThan(way(alignmentShop, 'lever')?.seconds ?? 0);
});

test('what was retired is offered no more', () => {
  const gauges = alignmentShop.gauges.map((one) => (one.id === 'plug' ? { ...one, retiredOn: '2026-01-01' } : one));
  expect(ids({ ...alignmentShop, gauges }, 'round')).not.toContain('plug');
});

test('a job that asks for less is found good enough by what another is not', () => {
  const asking = (tolerance: number): Book => ({ ...alignmentShop, setup: { ...alignmentShop.setup, tolerance } });
  expect(way(asking(1), 'plug')?.reaches).toBe(true);
  expect(way(asking(0.02), 'plug')?.reaches).toBe(false);
  expect(rankedMethods(asking(0.000_1), 'round').anyReaches).toBe(false);
});

test('a way in words: how often it touches, and seconds or minutes', () => {
  expect(wayWords({ method: 'plug', touches: 1, seconds: 89 } as never)).toBe('Tapered plug, 1 touch, about 89 s');
  expect(wayWords({ method: 'indicator', touches: 3, seconds: 225 } as never)).toBe(
    'Indicator sweep, 3 touches, about 4 min',
  );
});
