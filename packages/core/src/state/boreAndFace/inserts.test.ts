import type { Entry } from '../../records/kinds/entry';
import { insertsWords } from '../../messages/boreAndFace/inserts';
import { insertsOf } from './inserts';
import { AFTER, BEFORE, happened, measured, TOUCHED } from '../zAndTools/lengths.case';
import { plateSnapshot } from '../basis/snapshot.case';

const { item } = insertsOf(measured(), 't2');

const looked = (action: 'tick' | 'clear', at: string): Entry => ({
  kind: 'check',
  setupId: plateSnapshot.setup.id,
  body: { id: `${action} ${at}`, item, text: 'All inserts turned together.', action, reason: '', at },
});

test('nobody said yet that they were turned, and nobody looked', () => {
  expect(insertsOf(measured(), 't2')).toEqual({ item, turnedAt: undefined, ticked: false });
  expect(insertsWords(insertsOf(measured(), 't2'))).toBe('No record of its inserts being indexed.');
});

test('the last turn counts, of this cutter, and a crash is none', () => {
  const book = measured(
    happened('t2', BEFORE),
    happened('t1', TOUCHED),
    happened('t2', AFTER, { what: 'void', why: 'crash' }),
  );
  expect(insertsOf(book, 't2').turnedAt).toBe(BEFORE);
  expect(insertsWords(insertsOf(book, 't2'))).toBe('Its inserts were indexed on 2026-03-02.');
});

test('a look counts until they are turned again or in a crash, or it is taken back', () => {
  expect(insertsOf(measured(happened('t2', BEFORE), looked('tick', TOUCHED)), 't2').ticked).toBe(true);
  expect(insertsOf(measured(looked('tick', TOUCHED), happened('t2', AFTER)), 't2').ticked).toBe(false);
  expect(insertsOf(measured(looked('tick', TOUCHED), looked('clear', AFTER)), 't2').ticked).toBe(false);
  const crash = happened('t2', AFTER, { what: 'void', why: 'crash' });
  expect(insertsOf(measured(looked('tick', TOUCHED), crash), 't2').ticked).toBe(false);
});
