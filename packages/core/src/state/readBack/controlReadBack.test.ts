import type { RowEntry } from '../../records/kinds/entry';
import type { Snapshot } from '../../records/snapshots/snapshot';
import { plateWords, rowTrouble } from '../../messages/zAndTools/readBack';
import { plateEntry, rowReadBack } from './controlReadBack';
import { bookOf, plateSnapshot, caseReading, rowOf, withTools } from '../basis/snapshot.case';
import { tableAnswer } from '../zAndTools/toolTable';

const AT = '2026-11-24T12:00:00.000Z';
const tools = [
  { id: 'mill', number: 1, name: 'End mill 10', diameter: 10 },
  { id: 'drill', number: 2, name: 'Drill 4.2', diameter: 4.2 },
  { id: 'tap', number: 3, name: 'Tap M3', diameter: 3 },
];
const shop: Snapshot = { ...plateSnapshot, ...withTools(tools) };

const touch = (tool: number, value: number, takenAt = '2026-11-24T09:10:00.000Z'): RowEntry =>
  rowOf(
    'reading',
    caseReading(tool === 1 ? { kind: 'z-zero', tool } : { kind: 'tool-length', tool }, value, { takenAt }),
  );
const read = (number: number, shown: number, at = AT): RowEntry =>
  rowOf('readBack', {
    id: `read-${number}-${at.slice(11, 13)}`,
    of: { kind: 'tool', number },
    shown,
    source: { by: 'typed', text: String(shown), unit: 'mm' },
    at,
  });

/** Tool 2 is 12.310 shorter than the reference, tool 3 is 8.250 longer. */
const touched = [touch(1, -40), touch(2, -52.31), touch(3, -31.75)];
const back = (number: number, ...more: RowEntry[]) => {
  const book = bookOf(shop, [...touched, ...more]);
  return rowReadBack(book, tableAnswer(book).rows, number);
};

describe('a row of the control’s tool table', () => {
  test('is open until it was looked at, then ticked within half a step', () => {
    expect(back(2)).toMatchObject({ expected: expect.closeTo(-12.31, 9), shown: undefined });
    expect(back(2, read(2, -12.312))).toMatchObject({ agrees: true, slips: [] });
    expect(back(2, read(2, -12.32))).toMatchObject({ agrees: false });
  });

  test.each([
    ['sign', 12.31],
    ['gauge', -22.31],
    ['gauge', -2.31],
    ['gauge', 7.69],
    ['unit', -12.31 / 25.4],
    ['other-row', 8.25],
    ['unknown', -12.9],
  ])('that reads otherwise is likely %s', (slip, shown) => {
    expect(back(2, read(2, shown))?.slips).toContain(slip);
  });

  test('says what to enter instead', () => {
    const wrong = back(2, read(2, 12.31));
    expect(wrong && rowTrouble(wrong, 'mm')).toBe(
      'It reads +12.310 mm, not −12.310 mm: wrong sign. Enter −12.310 mm, and look again.',
    );
  });

  test('of a tool touched again since is to be looked at again', () => {
    expect(back(2, read(2, -12.31), touch(2, -52.31, '2026-11-24T13:00:00.000Z'))?.agrees).toBeUndefined();
  });

  test('is nothing for a tool without a length', () => {
    expect(rowReadBack(bookOf(shop), tableAnswer(bookOf(shop)).rows, 2)).toBeUndefined();
  });
});

describe('a touch plate in the control', () => {
  const PLATE = { id: 'plate', name: 'Touch plate', kind: 'touch-plate' as const, nominal: 12.7 };
  const measured = (value: number): RowEntry => ({
    kind: 'calibration',
    setupId: '',
    body: {
      id: 'plate-size',
      of: { kind: 'gauge', gaugeId: 'plate' },
      found: { what: 'size', value },
      from: '2026-11-24T08:00:00.000Z',
      at: '2026-11-24T08:00:00.000Z',
    },
  });
  const entered = (shown: number): RowEntry =>
    rowOf('readBack', {
      id: 'plate-read',
      of: { kind: 'plate', gaugeId: 'plate' },
      shown,
      source: { by: 'typed', text: String(shown), unit: 'mm' },
      at: AT,
    });
  const entry = (...more: RowEntry[]) => plateEntry(bookOf({ ...shop, gauges: [...shop.gauges, PLATE] }, more), PLATE);

  test('thinner than it is entered: every tool digs in by the difference', () => {
    const found = entry(measured(12.42), entered(12.7));
    expect(found.runsHigh).toBeCloseTo(-0.28, 9);
    expect(plateWords(found, 'mm')).toMatch(/▼ Every tool would dig in 0\.280 mm\. Enter 12\.420 mm\.$/);
  });

  test('thicker than it is entered: it cuts air', () => {
    const found = entry(measured(12.42), entered(12));
    expect(found.runsHigh).toBeCloseTo(0.42, 9);
    expect(plateWords(found, 'mm')).toMatch(/▲ Every tool would cut 0\.420 mm of air/);
  });

  test('in the other unit, and as another plate of the shop: each is named', () => {
    expect(plateWords(entry(measured(12.42), entered(0.489)), 'mm')).toMatch(
      /The entry is in the other unit\. ▲ Every/,
    );
    const other = { id: 'corner', name: 'Corner plate', kind: 'touch-plate' as const, nominal: 9 };
    const gauges = [...shop.gauges, PLATE, other];
    const found = plateEntry(bookOf({ ...shop, gauges }, [measured(12.42), entered(9.02)]), PLATE);
    expect(plateWords(found, 'mm')).toMatch(
      /The entry is that of Corner plate\. ▲ Every tool would cut 3\.400 mm of air/,
    );
    expect(entry(measured(12.42), entered(11)).likely).toBeUndefined();
  });

  test('as it measures: ticked; never measured: asked for, not judged', () => {
    expect(entry(measured(12.42), entered(12.42)).agrees).toBe(true);
    expect(plateWords(entry(entered(12)), 'mm')).toMatch(/Measure it: it is not known which is right/);
    expect(plateWords(entry(), 'mm')).toBe('Marked 12.700 mm, not measured.');
  });
});
