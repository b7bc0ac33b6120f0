import { STATION_NAMES } from '@zero-point/core/records/values/stations';
import type { SetupSummary } from '@zero-point/core/records/snapshots/snapshot';
import type { SetupStatus } from '@zero-point/core/messages/status/setupStatus';
import { benchView } from './view';

const summary = (id: string, change: Partial<SetupSummary> = {}): SetupSummary => ({
  id,
  name: `Setup ${id}`,
  machine: 'Knee mill',
  part: 'Base plate',
  purpose: 'work',
  changedAt: '2026-11-24T09:00:00.000Z',
  readings: 1,
  set: ['x'],
  patterns: 0,
  ...change,
});

const standing = (id: string, change: Partial<SetupStatus> = {}): SetupStatus => ({
  id,
  part: { size: { x: 100, y: 50 }, zero: { x: 0, y: 0 }, holes: [] },
  zero: 'front left corner',
  state: 'under-way',
  done: ['plan'],
  next: { station: 'datum', words: 'Find Y.' },
  ...change,
});

test('a card says where zero is, what is set, and goes on where the next thing is', () => {
  const [card] = benchView([summary('a')], [standing('a')], '', 'newest').open;
  expect(card).toMatchObject({
    set: 'Zero at the front left corner. X set, Y and Z not yet.',
    next: 'Find Y.',
    path: '/setup/a/datum',
    here: 3,
  });
  expect(card?.stations.map(({ done }) => done)).toEqual(STATION_NAMES.map((name) => name === 'plan'));
});

test('a slip opens the feature it is at, a tool the tool', () => {
  const slip = standing('a', { next: { station: 'datum', words: 'No.', feature: 'face.right' } });
  const tool = standing('b', { next: { station: 'heights', words: 'Touch tool 3.', tool: 3 } });
  expect(benchView([summary('a'), summary('b')], [slip, tool], '', 'newest').open.map(({ path }) => path)).toEqual([
    '/setup/a/datum?f=face.right',
    '/setup/b/heights?tool=3',
  ]);
});

test('finished ones stand apart; without their standing setups are still there', () => {
  const bench = [summary('a'), summary('b', { readings: 0 }), summary('c')];
  const view = benchView(bench, [standing('c', { state: 'finished' })], '', 'newest');
  expect(view.open.map(({ id, path }) => [id, path])).toEqual([
    ['a', '/setup/a/datum'],
    ['b', '/setup/b/plan'],
  ]);
  expect(view.finished.map(({ id }) => id)).toEqual(['c']);
});

test('from ten on one is found by any words of its name, part or machine, and they sort by name', () => {
  const bench = Array.from({ length: 10 }, (_, i) => summary(String(9 - i), i === 4 ? { part: 'Plinth' } : {}));
  expect(benchView(bench, [], '', 'newest').searched).toBe(true);
  expect(benchView(bench.slice(1), [], '', 'newest').searched).toBe(false);
  expect(benchView(bench, [], 'plinth KNEE', 'newest').open.map(({ id }) => id)).toEqual(['5']);
  expect(benchView(bench, [], '', 'name').open.map(({ id }) => id)).toEqual([...'0123456789']);
});
