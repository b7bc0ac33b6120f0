import type { Snapshot } from '../../records/snapshots/snapshot';
import { elsewhereWords, lookWords } from '../../messages/datum/zeroCheck';
import { ELSEWHERE, zeroCheck } from './zeroCheck';
import { bookOf, plateSnapshot, presetDone, caseReading, rowOf } from '../basis/snapshot.case';

const set = (axis: 'x' | 'y', id: string, at: string) => [
  rowOf('reading', caseReading({ kind: 'face', face: axis === 'x' ? 'left' : 'front' }, -5.01)),
  rowOf('zeroing', {
    ...presetDone({ kind: 'face', face: axis === 'x' ? 'left' : 'front' }, axis, -5, id),
    id,
    at,
  }),
];
const both = [...set('x', 'set-x', '2026-11-24T09:20:00.000Z'), ...set('y', 'set-y', '2026-11-24T09:30:00.000Z')];
const looked = (item: string, there: boolean) =>
  rowOf('check', {
    id: `look-${item}`,
    item,
    text: 'At X 0 and Y 0 the spindle is over the front left corner.',
    action: there ? 'tick' : 'clear',
    reason: there ? '' : ELSEWHERE,
    at: '2026-11-24T09:31:00.000Z',
  });

const after = (entries: Parameters<typeof bookOf>[1], snapshot: Snapshot = plateSnapshot) => {
  const book = bookOf(snapshot, entries);
  return { book, look: zeroCheck(book) };
};

test('nothing to look at until X and Y are both set, nor on a machine that has only one of them', () => {
  expect(after(set('x', 'set-x', '2026-11-24T09:20:00.000Z')).look).toBeUndefined();
  const machine = { ...plateSnapshot.machine, without: ['x' as const] };
  expect(after(both, { ...plateSnapshot, machine }).look).toBeUndefined();
});

test('a corner is named, with what a finder’s half and whole would do', () => {
  const { book, look } = after(both);
  if (!look) throw new Error('both are set');
  expect(look).toMatchObject({ item: 'over-zero-set-x-set-y', seen: undefined, radius: { x: 5, y: 5 } });
  expect(lookWords(book, look)).toBe(
    'Raise the tool, go to X 0 and Y 0, and stop the spindle. Check: is it over the front left corner.',
  );
  expect(elsewhereWords(look, 'mm')).toMatch(
    /about 5\.0 mm: half the finder was left out, or the whole used\. By 10\.0 mm: half the finder with the wrong sign\. Touch that face again\.$/,
  );
});

test('a middle is told by a rule', () => {
  const { book, look } = after(both, { ...plateSnapshot, setup: { ...plateSnapshot.setup, partZero: 'centre' } });
  if (!look) throw new Error('both are set');
  expect(lookWords(book, look)).toMatch(/by a rule 92\.0 mm from the left face and 58\.0 mm from the front\.$/);
});

test('what was seen stands until an axis is set again', () => {
  expect(after([...both, looked('over-zero-set-x-set-y', true)]).look?.seen).toBe('there');
  expect(after([...both, looked('over-zero-set-x-set-y', false)]).look?.seen).toBe('elsewhere');
  const again = set('x', 'set-x-again', '2026-11-24T09:40:00.000Z');
  expect(after([...both, looked('over-zero-set-x-set-y', true), ...again]).look).toMatchObject({
    item: 'over-zero-set-x-again-set-y',
    seen: undefined,
  });
  // By a device whose clock is behind, too.
  const behind = set('x', 'set-x-behind', '2026-11-24T09:25:00.000Z');
  expect(after([...both, looked('over-zero-set-x-set-y', true), ...behind]).look?.item).not.toBe(
    'over-zero-set-x-set-y',
  );
});
