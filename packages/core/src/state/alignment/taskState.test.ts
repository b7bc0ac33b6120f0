import { alignmentShop as shop, configured, readPass } from './alignment.case';
import { alignmentDone, skipItem, taskState } from './taskState';
import type { SetupState } from '../basis/setupState';
import { bookOf } from '../basis/snapshot.case';

const vise = configured(shop, 'vise');

const said = (book: SetupState, action: 'skip' | 'clear'): SetupState =>
  bookOf(book, [
    {
      kind: 'check',
      setupId: book.setup.id,
      body: {
        id: `head-${action}`,
        item: skipItem('head'),
        text: 'Head tram',
        action,
        reason: action === 'skip' ? 'indicated since it was last moved or bumped' : '',
        at: action === 'skip' ? '2026-11-24T10:00:00.000Z' : '2026-11-24T10:05:00.000Z',
      },
    },
  ]);

test('a task goes from open to begun, off and in line', () => {
  expect(taskState(shop, 'vise')).toBe('open');
  expect(taskState(readPass(shop, vise, [0]), 'vise')).toBe('begun');
  expect(taskState(readPass(shop, vise, [0, 0.06]), 'vise')).toBe('off');
  expect(taskState(readPass(readPass(shop, vise, [0, 0.06]), vise, [0, 0.002], 2), 'vise')).toBe('in line');
});

test('a skipped task is done with, until it is opened again', () => {
  const skipped = said(shop, 'skip');
  expect([taskState(skipped, 'head'), alignmentDone(skipped)]).toEqual(['skipped', true]);
  const open = said(skipped, 'clear');
  expect([taskState(open, 'head'), alignmentDone(open)]).toEqual(['open', false]);
});

test('what was read counts before what was skipped', () => {
  const head = configured(shop, 'head');
  expect(taskState(readPass(said(shop, 'skip'), head, [0, 0.1, 0, 0]), 'head')).toBe('off');
});

test('one thing in line does not make up for another that was begun and left', () => {
  const inLine = readPass(shop, vise, [0, 0.002]);
  expect(alignmentDone(inLine)).toBe(true);
  expect(alignmentDone(readPass(inLine, configured(shop, 'head'), [0]))).toBe(false);
});
