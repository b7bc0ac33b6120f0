import { bookOf, plateSnapshot } from '@zero-point/core/state/basis/snapshot.case';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { useOutbox } from '../../stores/outbox';
import { planView } from './view';
import { caliperSizes, savePlan } from '../../commands/savePlan';

let entries: Entry[] = [];
beforeEach(() => {
  entries = [];
  useOutbox.setState({ log: (entry) => entries.push(entry) });
});

const retired = (id: string): Snapshot['gauges'] =>
  plateSnapshot.gauges.map((gauge) => (gauge.id === id ? { ...gauge, retiredOn: '2026-11-01' } : gauge));

test('zero may stand on each corner and in the middle, in the part’s own frame', () => {
  const { places, sentence } = planView(bookOf(plateSnapshot));
  expect(places.map(({ zero, at }) => [zero, at.x, at.y])).toEqual(
    expect.arrayContaining([
      ['front-left', 0, 0],
      ['front-right', 184, 0],
      ['back-left', 0, 116],
      ['back-right', 184, 116],
      ['centre', 92, 58],
    ]),
  );
  expect(places).toHaveLength(5);
  expect(sentence).toMatch(/^Zero is the front left corner, on top/);
});

describe('what is offered', () => {
  test('a gauge that was measured is offered by what it measures', () => {
    const { finders } = planView(bookOf(plateSnapshot));
    expect(finders).toContainEqual({ value: 'pin', label: 'Pin, 6.002 mm' });
  });

  test('a retired gauge is offered no more, unless it is the one in use', () => {
    const values = (gauges: Snapshot['gauges']) =>
      planView(bookOf({ ...plateSnapshot, gauges })).finders.map(({ value }) => value);
    expect(values(retired('pin'))).toEqual(['spring']);
    expect(values(retired('spring'))).toEqual(['spring', 'pin']);
  });

  test('sizes are said in the setup’s unit', () => {
    const inches = { ...plateSnapshot, setup: { ...plateSnapshot.setup, units: 'in' as const } };
    const { facts, heightGauges } = planView(bookOf(inches));
    expect(facts).toContain('7.2441 in × 4.5669 in × 0.3740 in');
    expect(heightGauges.map(({ label }) => label)).toContain('Block, 0.3937 in');
  });
});

describe('a change', () => {
  test('is saved whole, from the version that is shown', () => {
    savePlan(bookOf({ ...plateSnapshot, versions: { plan: 'phone-3' } }), { tolerance: 0.05 });
    expect(entries).toHaveLength(1);
    expect(entries[0]).toMatchObject({
      kind: 'plan',
      setupId: 'plate-setup',
      began: 'phone-3',
      body: { name: 'Base plate on the knee mill', tolerance: 0.05, partZero: 'front-left', purpose: 'work' },
    });
    // What the server says of it is not sent back.
    expect(Object.keys(entries[0]?.body ?? {})).not.toEqual(expect.arrayContaining(['createdAt']));
  });

  test('of a plan that nobody saved yet begins from the first', () => {
    savePlan(bookOf(plateSnapshot), { feeler: 0.1 });
    expect(entries[0]).toMatchObject({ began: 'first', body: { feeler: 0.1 } });
  });
});

test('only sizes that were measured are kept of the caliper', () => {
  expect(caliperSizes({ x: 184.02, y: undefined })).toEqual({ x: 184.02 });
  expect(caliperSizes({})).toEqual({});
});
