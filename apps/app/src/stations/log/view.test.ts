import { bookOf, dialRead, plateSnapshot, caseReading, sizeRead } from '@zero-point/core/state/basis/snapshot.case';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { EVERYTHING, logView } from './view';

const setupId = plateSnapshot.setup.id;
const row = (body: Extract<Entry, { kind: 'reading' }>['body']): Entry => ({ kind: 'reading', setupId, body });
const left = caseReading({ kind: 'face', face: 'left' }, -5);
const front = caseReading({ kind: 'face', face: 'front' }, -5, { takenAt: '2026-11-25T09:00:00.000Z', gaugeId: 'pin' });
const dial = dialRead({ kind: 'run-out', tool: 2, height: 5, place: 0, pass: 1 }, 0.01);
const size = sizeRead({ kind: 'bore-size', of: 'b' }, 25.4);
const strike: Entry = {
  kind: 'strike',
  setupId,
  body: { id: 's', readingId: left.id, action: 'strike', reason: 'misread', at: '2026-11-24T10:00:00.000Z' },
};
const book = bookOf(plateSnapshot, [row(left), row(dial), row(size), strike, row(front)]);
const day = (moment: string) => moment.slice(0, 10);

test('newest first, by the day they were taken, struck ones in their place', () => {
  const view = logView(book, EVERYTHING, day);
  expect(view.sentence).toBe('4 readings, 1 struck out.');
  expect(view.days.map(({ day: of, readings }) => [of, readings.map(({ id }) => id)])).toEqual([
    ['2026-11-25', [front.id]],
    ['2026-11-24', [size.id, dial.id, left.id]],
  ]);
});

test.each([
  ['x', '', [left.id], '1 of 4 readings, 1 struck out.'],
  ['y', '', [front.id], '1 of 4 readings, none struck out.'],
  ['dial', '', [dial.id], '1 of 4 readings, none struck out.'],
  ['size', '', [size.id], '1 of 4 readings, none struck out.'],
  ['all', 'pin', [front.id], '1 of 4 readings, none struck out.'],
  ['x', 'pin', [], '0 of 4 readings, none struck out.'],
] as const)('%s with %s', (what, gaugeId, ids, sentence) => {
  const view = logView(book, { what, gaugeId }, day);
  expect(view.days.flatMap(({ readings }) => readings.map(({ id }) => id))).toEqual(ids);
  expect(view.sentence).toBe(sentence);
});

test('only what is there can be chosen', () => {
  expect(logView(book, EVERYTHING, day).whats).toEqual(['all', 'x', 'y', 'dial', 'size']);
  expect(logView(book, EVERYTHING, day).gauges.map(({ id }) => id)).toEqual(['spring', 'pin', 'block']);
  const empty = logView(bookOf(plateSnapshot), EVERYTHING, day);
  expect([empty.whats, empty.gauges]).toEqual([['all'], []]);
  expect(empty.sentence).toMatch(/^No readings yet/);
});
