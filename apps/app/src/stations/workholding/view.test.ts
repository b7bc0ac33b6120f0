import type { Entry } from '@zero-point/core/records/kinds/entry';
import { bookOf, plateBook } from '@zero-point/core/state/basis/snapshot.case';
import { useOutbox } from '../../stores/outbox';
import { workholdingView } from './view';
import { logWorkholdingStep } from './commands';

let logged: Entry[] = [];
beforeEach(() => {
  logged = [];
  useOutbox.setState({ log: (entry) => logged.push(entry) });
});

describe('workholding', () => {
  test('goes through the list from the top, counting what was done and what was skipped', () => {
    const { next, steps } = workholdingView(plateBook);
    const [first, second] = steps;
    if (!first || !second) throw new Error('an empty list');
    expect(next).toBe(first);
    logWorkholdingStep(plateBook, first, 'tick');
    logWorkholdingStep(plateBook, second, 'skip', 'done at the saw');
    const after = workholdingView(bookOf(plateBook, logged));
    expect([after.done, after.skipped]).toEqual([1, 1]);
    expect(after.next?.step.id).toBe(steps[2]?.step.id);
    expect(after.steps[1]?.reason).toBe('done at the saw');
  });

  test('keeps the step as it was worded when it was ticked', () => {
    const [first] = workholdingView(plateBook).steps;
    if (!first) throw new Error('an empty list');
    logWorkholdingStep(plateBook, first, 'tick');
    expect(logged).toMatchObject([
      { kind: 'check', setupId: plateBook.setup.id, body: { item: 'vise--clean', text: first.step.text } },
    ]);
  });

  test('offers every way of holding the shop has', () => {
    expect(workholdingView(plateBook).holdings.map(({ value }) => value)).toEqual([
      'vise',
      'clamps',
      'rotary-chuck',
      'tilting-table',
      'spoil-board',
    ]);
  });
});
