import type { SetupState } from '../basis/setupState';
import type { Tool } from '../../records/shop/cutter';
import { bookOf, dialRead, plateSnapshot, withTools } from '../basis/snapshot.case';
import { runOutPlaces, runsOut, sistersOf, toolRunOut } from './runOut';

const mill: Tool = { id: 'a', number: 2, name: 'End mill 6', diameter: 6, kind: 'end-mill', teeth: 2 };
const sister: Tool = { ...mill, id: 'b', number: 8 };
const pin: Tool = { id: 'c', number: 9, name: 'Pin', diameter: 6 };

const shop = bookOf({
  ...plateSnapshot,
  ...withTools([mill, sister, pin]),
  gauges: [...plateSnapshot.gauges, { id: 'lever', name: 'Lever', kind: 'indicator', nominal: 0, resolution: 0.002 }],
});

const read = (book: SetupState, tool: number, pass: number, ...values: number[]): SetupState =>
  bookOf(
    book,
    values.map((value, i) => ({
      kind: 'reading' as const,
      setupId: book.setup.id,
      body: dialRead({ kind: 'run-out', tool, height: 5, place: i * 180, pass }, value, 'lever'),
    })),
  );

test('is read at each tooth, or at four places round what has none', () => {
  expect(runOutPlaces(mill)).toEqual([0, 180]);
  expect(runOutPlaces({ ...mill, teeth: 3 })).toEqual([0, 120, 240]);
  expect(runOutPlaces(pin)).toEqual([0, 90, 180, 270]);
});

test('waits until one height was read all round, then passes or guards the length', () => {
  expect(toolRunOut(read(shop, 2, 1, 0.01), mill)).toBeUndefined();
  expect(toolRunOut(read(shop, 2, 1, 0.01, -0.005), mill)).toMatchObject({ kind: 'run-out', result: { passed: true } });
  const bad = read(shop, 2, 1, 0.03, -0.01);
  expect(runsOut(bad, mill)).toBe(true);
  const only = { surface: 0, lift: 0, runOut: { tolerance: 0.025, measureOnly: true } };
  expect(runsOut(bookOf({ ...bad, datumPlan: { ...bad.datumPlan, heights: only } }), mill)).toBe(false);
});

test('a new time round stands in for the last, and a sister that does not run out is offered', () => {
  const bad = read(shop, 2, 1, 0.03, -0.01);
  expect(sistersOf(bad, mill).map(({ number }) => number)).toEqual([8]);
  expect(sistersOf(read(bad, 8, 1, 0.05, 0), mill)).toEqual([]);
  expect(runsOut(read(bad, 2, 2, 0.004, 0), mill)).toBe(false);
});
