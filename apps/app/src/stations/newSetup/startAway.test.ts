/** @jest-environment node */
import { deriveState } from '@zero-point/core/state/basis/setupState';
import { NO_VERSION } from '@zero-point/core/records/kinds/kind';
import { startsSetup, withEntries } from '@zero-point/core/records/kinds/merge';
import { startSnapshot, type ShopSummary } from '@zero-point/core/records/snapshots/startSnapshot';
import { startEntries } from './startAway';
import { makeSetup } from './startSetup';

const EMPTY: ShopSummary = { machines: [], parts: [], gauges: [], calibrations: [], repeatability: [], versions: {} };

test('what is new goes first, and the plan that names it last: that one starts the setup', () => {
  const made = makeSetup({ kind: 'readout' }, undefined, { gauges: [] }, 'mm');
  const entries = startEntries(made);
  expect(entries.map(({ kind, setupId }) => [kind, setupId])).toEqual([
    ['machine', ''],
    ['part', ''],
    ['gauge', ''],
    ['gauge', ''],
    ['plan', made.setup.id],
  ]);
  expect(entries.map(startsSetup)).toEqual([undefined, undefined, undefined, undefined, made.setup.id]);
  expect(entries.at(-1)).toMatchObject({ began: NO_VERSION, body: { name: 'Part on the manual mill with DRO' } });
});

test('of a shop with nothing in it a setup begins that can be worked in, and its next save goes on from its plan', () => {
  const made = makeSetup({ kind: 'router' }, undefined, { gauges: [] }, 'in');
  const entries = startEntries(made);
  const bare = startSnapshot({ ...made.setup, changedAt: made.setup.createdAt }, EMPTY);
  const book = deriveState(withEntries(bare, entries));
  expect(book.machine).toMatchObject({ id: made.machine?.id, kind: 'router' });
  expect(book.part.untold).toEqual(['x', 'y', 'z']);
  expect(book.gauges.map(({ id }) => id)).toEqual(made.gauges.map(({ id }) => id));
  expect(book.setup).toMatchObject({ id: made.setup.id, units: 'in' });
  const plan = entries.at(-1);
  expect(book.versions.plan).toBe(plan && 'version' in plan ? plan.version : undefined);
});
