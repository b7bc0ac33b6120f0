import { withEntries, type Entry } from '@zero-point/core/ledger/entry';
import { plateSnapshot } from '@zero-point/core/ledger/snapshot.case';
import { useOutbox } from '../../stores/outbox';
import { logStep, workholdingView } from './useWorkholding';

let logged: Entry[] = [];
beforeEach(() => {
  logged = [];
  useOutbox.setState({ log: (entry) => logged.push(entry) });
});

describe('workholding', () => {
  test('goes through the list from the top, counting what was done and what was skipped', () => {
    const { next, steps } = workholdingView(plateSnapshot);
    const [first, second] = steps;
    if (!first || !second) throw new Error('an empty list');
    expect(next).toBe(first);
    logStep(plateSnapshot, first, 'tick');
    logStep(plateSnapshot, second, 'skip', 'done at the saw');
    const after = workholdingView(withEntries(plateSnapshot, logged));
    expect([after.done, after.skipped]).toEqual([1, 1]);
    expect(after.next?.step.id).toBe(steps[2]?.step.id);
    expect(after.steps[1]?.reason).toBe('done at the saw');
  });

  test('keeps the step as it was worded when it was ticked', () => {
    const [first] = workholdingView(plateSnapshot).steps;
    if (!first) throw new Error('an empty list');
    logStep(plateSnapshot, first, 'tick');
    expect(logged).toMatchObject([
      { kind: 'check', setupId: plateSnapshot.setup.id, body: { item: 'vise--clean', text: first.step.text } },
    ]);
  });

  test('offers every way of holding the shop has', () => {
    expect(workholdingView(plateSnapshot).holdings.map(({ value }) => value)).toEqual([
      'vise',
      'clamps',
      'rotary-chuck',
      'tilting-table',
      'spoil-board',
    ]);
  });
});
