import { deriveState } from '@zero-point/core/state/basis/setupState';
import { plateSnapshot } from '@zero-point/core/state/basis/snapshot.case';
import type { Entry, RowEntry } from '@zero-point/core/records/kinds/entry';
import { lessonById } from '@zero-point/core/practice/lessons/lessons';
import { deviceStorage, keysOf, PRACTICE } from '../cache/deviceStorage';
import { calibratePlate } from '../commands/calibrate';
import { logTouch } from '../commands/logTouch';
import { logRow, saveThing } from '../commands/logEntry';
import { useOutbox } from './outbox';
import { useDrafts } from './routineDrafts';
import { isPractice } from '../commands/practiceLog';
import { isLesson, practiceId, usePractice } from './practice';

const ID = practiceId('left-edge', 7);
const sent: Entry[] = [];

beforeEach(() => {
  sent.length = 0;
  useOutbox.setState({ log: (entry) => sent.push(entry) });
  usePractice.setState({ running: undefined });
  deviceStorage.removeItem(`zero-point.practice.${ID}`);
});

function practiceBook() {
  const lesson = lessonById('left-edge');
  if (!lesson) throw new Error('no such lesson');
  return deriveState(lesson.snapshot(ID, '2026-11-27T09:00:00.000Z'));
}

const tick = (setupId: string): RowEntry => ({
  kind: 'check',
  setupId,
  body: { id: 'c1', item: 'vise', text: 'Vise tight', action: 'tick', reason: '', at: '2026-11-27T09:00:00.000Z' },
});

test('an id is of the practice mill by its name, and of a lesson where there is one', () => {
  expect([isPractice(ID), isLesson(ID)]).toEqual([true, true]);
  expect([isPractice('practice-juggling-7'), isLesson('practice-juggling-7')]).toEqual([true, false]);
  expect([isPractice('base-plate-knee-mill'), isLesson('base-plate-knee-mill')]).toEqual([false, false]);
  expect(isPractice('')).toBe(false);
});

test('what is logged in practice never reaches the outbox: touches, rows, and things of the shop', () => {
  expect(logTouch(practiceBook(), { subject: { kind: 'face', face: 'left' }, axis: 'x', approach: 1, gaugeId: 'spring-finder-10', feeler: 0, ticked: [] }, '19.44')).toBeUndefined(); // prettier-ignore
  logRow(tick(ID));
  const book = practiceBook();
  saveThing(book, 'part', { ...book.part, material: 'walnut' });
  expect(sent).toEqual([]);
  expect(usePractice.getState().running?.entries.map(({ kind }) => kind)).toEqual(['reading', 'check', 'part']);
  // What is found of a gauge there is of the practice mill's gauge, whatever that is called in the shop.
  const [plate] = book.gauges.filter(({ kind }) => kind === 'touch-plate');
  if (!plate) throw new Error('the tray has a plate');
  calibratePlate(book, plate, 12.42);
  expect(sent).toEqual([]);
  expect(usePractice.getState().running?.entries.at(-1)).toMatchObject({ kind: 'calibration', setupId: '' });
  // And the shop's own goes where it always went.
  logRow(tick('base-plate-knee-mill'));
  saveThing(deriveState(plateSnapshot), 'part', plateSnapshot.part);
  calibratePlate(deriveState(plateSnapshot), plate, 12.42);
  expect(sent.map(({ kind }) => kind)).toEqual(['check', 'part', 'calibration']);
});

test('a bad day begins after its morning: what that logged is given, and no part of the session', () => {
  const id = practiceId('bad-day', 5);
  const running = usePractice.getState().open(id);
  expect(running?.given.length).toBeGreaterThan(10);
  expect(running?.given.every(({ setupId }) => setupId === id)).toBe(true);
  expect(running?.entries).toEqual([]);
  expect(isLesson(id)).toBe(true);
  logRow(tick(id));
  const kept = JSON.parse(deviceStorage.getItem(`zero-point.practice.${id}`) ?? '{}') as { entries: unknown[] };
  expect(kept.entries).toHaveLength(1);
  expect(sent).toEqual([]);
  // The same day again.
  usePractice.setState({ running: undefined });
  const again = usePractice.getState().open(id);
  expect(again?.mill.hidden).toEqual(running?.mill.hidden);
  deviceStorage.removeItem(`zero-point.practice.${id}`);
});

test('a session stands again after a reload, the mill where it stood', () => {
  const { do: does } = usePractice.getState();
  does(ID, { do: 'hold', contact: 'spring-finder-10' });
  does(ID, { do: 'move', axis: 'x', by: 3.5 });
  logRow(tick(ID));
  const before = usePractice.getState().running;
  usePractice.setState({ running: undefined });
  const after = usePractice.getState().open(ID);
  expect(after?.mill).toEqual(before?.mill);
  expect(after?.entries).toEqual(before?.entries);
  expect(after?.begun).toBe(before?.begun);
});

test('another seed is another part, and no lesson is no session', () => {
  const one = usePractice.getState().open(ID);
  const other = usePractice.getState().open(practiceId('left-edge', 8));
  expect(one?.mill.hidden.corner).not.toEqual(other?.mill.hidden.corner);
  expect(usePractice.getState().open('practice-juggling-7')).toBeUndefined();
});

test('of lessons that were begun only the last few are kept to go on with, and what was read for them', () => {
  const draft = { told: {}, readings: { z: [1] }, at: 1 };
  const ids = Array.from({ length: 12 }, (_, i) => practiceId('block', i + 1));
  // One of each lesson, and one of the shop's own.
  useDrafts.setState({ drafts: Object.fromEntries([...ids, 'ring'].map((id) => [`${id} a`, draft])) });
  for (const id of ids) usePractice.getState().do(id, { do: 'spin', rpm: 100 });
  window.dispatchEvent(new Event('pagehide'));
  usePractice.getState().open(practiceId('block', 13));
  const kept = keysOf(deviceStorage, PRACTICE).map((key) => key.slice(PRACTICE.length));
  expect(kept).toHaveLength(5);
  const drafts = Object.keys(useDrafts.getState().drafts);
  expect(drafts.sort()).toEqual([...kept, 'ring'].map((id) => `${id} a`).sort());
});
