import { bookOf, withTools } from '../../state/basis/snapshot.case';
import { AFTER, happened, keeping, measured, set, tools, touch } from '../../state/zAndTools/lengths.case';
import type { SetupState } from '../../state/basis/setupState';
import { lengthAtChange } from './lengthAtToolChange';

const atEveryChange = (book: SetupState): SetupState =>
  bookOf({
    ...book,
    machine: { ...book.machine, habits: { ...book.machine.habits, toolLengthSchool: 'touch-every-change' } },
  });

const third = (book: SetupState): SetupState =>
  bookOf({ ...book, ...withTools([...tools, { id: 't3', number: 3, name: 'Tool 3', diameter: 6 }]) });

test('nothing of a tool that was touched off, nor of any before Z is set here', () => {
  expect(lengthAtChange(measured(set('z', 10)), 2)).toBeUndefined();
  expect(lengthAtChange(measured(set('z', 10)), 1)).toBeUndefined();
  expect(lengthAtChange(third(measured()), 3)).toBeUndefined();
});

test('that it has no length, before it goes down by another’s', () => {
  expect(lengthAtChange(third(measured(set('z', 10))), 3)).toEqual({
    grave: false,
    said: 'Tool 3 has no length now: touch it off in Z & tools.',
  });
});

test('that it is not what it was, and when it was touched again nothing more', () => {
  const said = 'Tool 2 was re-clamped, ground or exchanged: touch it off again in Z & tools.';
  const ground = [set('z', 10), happened('t2', AFTER)];
  expect(lengthAtChange(measured(...ground), 2)).toEqual({ grave: true, said });
  expect(lengthAtChange(measured(...ground), 1)).toBeUndefined();
  const again = touch({ kind: 'tool-length', tool: 2 }, -2.5, 't2', '2026-03-02T11:00:00.000Z');
  expect(lengthAtChange(measured(happened('t2', AFTER), again), 2)).toBeUndefined();
});

test('of every tool, where the one that Z was set with is not what it was', () => {
  const ground = measured(set('z', 10), happened('t1', AFTER));
  const said = 'Z was set with tool 1, which was re-clamped, ground or exchanged since. Set Z again in Z & tools.';
  expect([1, 2].map((tool) => lengthAtChange(ground, tool))).toEqual([
    { grave: true, said },
    { grave: true, said },
  ]);
});

test('of a kept length that the tool, or the reference tool, was changed since', () => {
  const kept = (...entries: Parameters<typeof keeping>[1][]) => keeping({ against: 't1' }, set('z', 10), ...entries);
  expect(lengthAtChange(kept(), 2)).toBeUndefined();
  expect(lengthAtChange(kept(happened('t2', AFTER)), 2)).toMatchObject({ grave: true });
  expect(lengthAtChange(kept(happened('t1', AFTER)), 2)).toEqual({
    grave: true,
    said: 'Tool 2 was compared with the reference tool before it changed. Touch it again.',
  });
});

test('whose Z it is, where no lengths are kept', () => {
  const one = atEveryChange(measured(set('z', 10)));
  expect(lengthAtChange(one, 1)).toBeUndefined();
  expect(lengthAtChange(one, 2)).toEqual({
    grave: false,
    said: 'Z is by tool 1: touch tool 2 in Z & tools, and set Z again.',
  });
});
