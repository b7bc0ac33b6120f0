import type { Bore } from '@zero-point/core/records/setup/cutPlan';
import { cutPlan } from '@zero-point/core/records/setup/cutPlan.schema';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { bookOf, plateBook, sizeRead } from '@zero-point/core/state/basis/snapshot.case';
import { doubtfulPass } from '@zero-point/core/state/boreAndFace/doubtfulPass';
import {
  boreSentence,
  gaugeWords,
  passMendWords,
  passMistakeText,
  turnWords,
} from '@zero-point/core/messages/boreAndFace/bore';
import { boreGauges, boreView, drawnBore } from './view';
import { startBore } from './commands';

const bore: Bore = {
  id: 'b',
  name: 'Bearing bore',
  low: 26,
  high: 26.021,
  counts: 'radius',
  step: 0.005,
  gaugeId: 'g',
};
const gauge = { id: 'g', name: 'Bore gauge', kind: 'bore-gauge' as const, nominal: 0, resolution: 0.001 };
const shop: SetupState = { ...plateBook, gauges: [...plateBook.gauges, gauge], cutPlan: { bores: [bore] } };

const size = (value: number, set?: number): Entry => ({
  kind: 'reading',
  setupId: shop.setup.id,
  body: sizeRead({ kind: 'bore-size', of: 'b', ...(set !== undefined && { set, setText: String(set) }) }, value),
});

const after = (...entries: Entry[]) => boreView(bookOf(shop, entries), undefined);
const told = (...entries: Entry[]) => boreSentence(after(...entries), 'mm');

test.each([
  ['nothing measured', [], 'Measure bearing bore as it is, and log its diameter.'],
  ['measured', [size(25.4)], '3 passes to go: set 25.600 mm on the diameter, cut, measure, log.'],
  ['in size', [size(25.4), size(26.01, 26.02)], 'In size: 26.010 mm. Stop here.'],
  ['oversize', [size(25.4), size(26.03, 26.04)], 'Oversize: 26.030 mm is 0.009 mm above the upper limit.'],
  ['shrunk', [size(25.4), size(25.2, 25.6)], /^Pass 1 was measured smaller/],
] as const)('%s', (_, entries, sentence) => {
  const text = told(...entries);
  if (typeof sentence === 'string') expect(text).toBe(sentence);
  else expect(text).toMatch(sentence);
});

test('what the head is turned by is plainly on the radius or the diameter', () => {
  const answer = after(size(25.4), size(25.56, 25.6)).answer?.result;
  if (!answer) throw new Error('it was measured');
  expect(turnWords(bore, answer, 'mm')).toMatch(/^Dial or indicator, on the radius: \+\d\.\d{3} mm, that is \d+ lines/);
  expect(turnWords({ ...bore, counts: 'diameter' }, answer, 'mm')).toContain('on the diameter');
});

test('a pass that took twice what was set, or nothing, is asked about by what the dial counts on', () => {
  const slip = (measured: number, counts: 'radius' | 'diameter' = 'radius') =>
    passMistakeText(shop, { ...after(size(25.4), size(measured, 25.6)), bore: { ...bore, counts } });
  expect(slip(25.8)).toMatch(/^The bore grew by twice the setting/);
  expect(slip(25.8, 'diameter')).toBe('The bore grew by twice the setting. Is this dial marked in radius?');
  expect(slip(25.401)).toMatch(/^Nothing was cut: the slide moved the wrong way, or shifted when locked\./);
  expect(slip(25.56)).toBeUndefined();
});

test('a pass that took twice can be logged with what was set; what was measured of it again goes with it', () => {
  const doubt = (...entries: Entry[]) => {
    const { log } = after(size(25.4), ...entries);
    return doubtfulPass(shop, bore, log);
  };
  const twice = doubt(size(25.8, 25.6), size(25.802));
  expect(twice?.setTo).toBeCloseTo(25.8, 9);
  expect(twice?.readings.map(({ value }) => value)).toEqual([25.8, 25.802]);
  expect(passMendWords({ setTo: 25.8 }, bore, 'mm')).toBe('It was set to 25.800 mm: log it so');
  expect(passMendWords({ setTo: 25.8 }, { counts: 'diameter' }, 'mm')).toBe(
    'It is marked in radius, and was set to 25.800 mm: log it so',
  );
  expect(doubt(size(25.56, 25.6))).toBeUndefined();
  expect(doubt()).toBeUndefined();
  expect(doubt(size(25.401, 25.6))).toMatchObject({ slip: 'nothing', setTo: undefined });
  expect(passMendWords({ setTo: undefined }, bore, 'mm')).toBe('Strike this pass out');
});

test('an outside micrometer is not offered for a bore, but stays with one that was measured by it', () => {
  const of = (id: string, kind: 'caliper' | 'micrometer' | 'bore-gauge', more = {}) => ({
    ...{ id, name: id, kind, nominal: 0 },
    ...more,
  });
  const gauges = [of('b', 'bore-gauge'), of('m', 'micrometer'), of('c', 'caliper', { retiredOn: '2026-01-01' })];
  const owned = { ...shop, gauges };
  expect(boreGauges(owned).map(({ id }) => id)).toEqual(['b']);
  expect(boreGauges(owned, 'm').map(({ id }) => id)).toEqual(['b', 'm']);
});

test('a caliper is too rough for the band at the end, a bore gauge finer than is needed at the start', () => {
  const rough = { ...shop, gauges: [{ ...gauge, kind: 'caliper' as const, resolution: 0.01 }] };
  expect(gaugeWords(rough, boreView(rough, undefined))).toContain('is too coarse for a tolerance of 0.021 mm');
  expect(gaugeWords(shop, after(size(25.4)))).toContain('A caliper will do until 0.300 mm is left');
  expect(gaugeWords(shop, after(size(25.9)))).toBeUndefined();
});

test('a new bore is the largest drawn hole to H7, and one the server takes', () => {
  const made = startBore(shop, 'g');
  const largest = Math.max(...shop.part.holes.map(({ diameter }) => diameter), 0) || 20;
  expect(made).toMatchObject({ low: largest, fit: `${largest} H7` });
  expect(cutPlan.safeParse({ bores: [made] }).error).toBeUndefined();
});

describe('the bore on the drawing of the part', () => {
  const holesOf = (...diameters: number[]): SetupState => ({
    ...shop,
    part: { ...shop.part, holes: diameters.map((diameter, i) => ({ x: 10 * i, y: 5, diameter })) },
  });

  test('is the only hole of its size', () => {
    expect(drawnBore(holesOf(4.2, 26, 4.2), bore)).toMatchObject({ x: 10, y: 5 });
  });

  test('is none where two are of its size, or none is', () => {
    expect(drawnBore(holesOf(26, 26), bore)).toBeUndefined();
    expect(drawnBore(holesOf(25.8, 26.2), bore)).toBeUndefined();
  });
});
