import { holding } from '../../records/shop/workholdingList.schema';
import type { NewCheck } from '../../records/log/checklistTick';
import type { SetupState } from '../basis/setupState';
import { bookOf, plateSnapshot } from '../basis/snapshot.case';
import { DEFAULT_WORKHOLDING } from '../../workholding/defaultHoldings';
import { checkItem, holdingSteps, lastCheck } from './workholdingSteps';

const plate = bookOf(plateSnapshot);

let made = 0;

function withCheck(book: SetupState, stepId: string, action: NewCheck['action'], reason = ''): SetupState {
  made += 1;
  const item = checkItem(book.setup.holdingId, stepId);
  return bookOf(book, [
    {
      kind: 'check',
      setupId: book.setup.id,
      body: { id: `check-${made}`, item, text: stepId, action, reason, at: '2026-11-24T10:00:00.000Z' },
    },
  ]);
}

const state = (book: SetupState, stepId: string) => holdingSteps(book).find(({ step }) => step.id === stepId)?.state;

describe('the lists a shop starts with', () => {
  test.each(DEFAULT_WORKHOLDING.map((list) => [list.name, list] as const))('%s keeps the contract', (_, list) => {
    expect(holding.safeParse(list).success).toBe(true);
    expect(new Set(list.steps.map(({ id }) => id)).size).toBe(list.steps.length);
  });

  test.each(DEFAULT_WORKHOLDING.map((list) => [list.name, list] as const))(
    '%s ends with keys out and guards on, to be ticked by hand',
    (_, list) => {
      expect(list.steps.slice(-2).map(({ id, hurts }) => [id, hurts])).toEqual([
        ['keys-out', true],
        ['guards', true],
      ]);
    },
  );

  test('every machine meets exactly one way of putting the tool in', () => {
    for (const kind of ['dials', 'readout', 'router', 'machining-centre'] as const) {
      for (const list of DEFAULT_WORKHOLDING) {
        const own = list.steps.filter(({ machines }) => machines?.includes(kind));
        expect(own.filter(({ hurts }) => hurts)).toHaveLength(1);
        // Homing and the dust shoe are each machine's own as well; missing them hurts nobody.
        const homes = kind === 'router' || kind === 'machining-centre';
        expect(own.some(({ id }) => id === 'homed')).toBe(homes);
        expect(own.some(({ id }) => id === 'dust-shoe')).toBe(kind === 'router');
      }
    }
  });
});

describe('a step of the list', () => {
  test('is open until it is ticked, and opens again', () => {
    expect(state(plate, 'clean')).toBe('open');
    const ticked = withCheck(plate, 'clean', 'tick');
    expect(state(ticked, 'clean')).toBe('ticked');
    expect(state(withCheck(ticked, 'clean', 'clear'), 'clean')).toBe('open');
    expect(ticked.checks).toHaveLength(1);
  });

  test('keeps why it was skipped', () => {
    const skipped = withCheck(plate, 'deburr', 'skip', 'cast edges stay');
    expect(holdingSteps(skipped).find(({ step }) => step.id === 'deburr')).toMatchObject({
      state: 'skipped',
      reason: 'cast edges stay',
    });
  });

  test('ticked for one way of holding is asked again for another', () => {
    const ticked = withCheck(plate, 'clean', 'tick');
    const clamped = bookOf({ ...ticked, setup: { ...ticked.setup, holdingId: 'clamps' } });
    expect(state(clamped, 'clean')).toBe('open');
  });

  test('that does not apply to this machine is not shown', () => {
    const ids = holdingSteps(plate).map(({ step }) => step.id);
    expect(ids).toContain('collet');
    expect(ids).not.toContain('collet-nut');
    expect(ids).not.toContain('holder');
  });

  test('a list nobody knows is empty, not an error', () => {
    expect(holdingSteps(bookOf({ ...plate, setup: { ...plate.setup, holdingId: 'gone' } }))).toEqual([]);
    expect(lastCheck(plate, 'nothing')).toBeUndefined();
  });
});
