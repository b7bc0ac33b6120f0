import { BODIES } from './schemas';
import fc from 'fast-check';
import { plateSnapshot, presetDone, caseReading } from '../../state/basis/snapshot.case';
import type { Entry } from './entry';
import { FIRST_VERSION } from './kind';
import { KINDS } from './kinds';
import { toCachedSnapshot } from '../snapshots/cachedSnapshot';
import { fromCachedSnapshot } from '../snapshots/readCachedSnapshot';
import { fromOutboxEntry } from './readOutboxEntry';
import { UNSENT, versionOf, withEntries } from './merge';
import { toOutboxEntry } from './outboxEntry';

const setupId = plateSnapshot.setup.id;
const touch = (id: string): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading({ kind: 'face', face: 'left' }, -5, { id }),
});

describe('the kinds there are', () => {
  test('each stands under its own name, field and part of an address', () => {
    for (const [name, kind] of Object.entries(KINDS)) expect(kind.name).toBe(name);
    const places = Object.values(KINDS).map(({ of, collection }) => `${of} ${collection}`);
    expect(new Set(places).size).toBe(places.length);
    const fields = Object.values(KINDS).map(({ field }) => field);
    expect(new Set(fields).size).toBe(fields.length);
  });
});

describe('entries merged into a setup', () => {
  test('whatever the order and however often they come, end in the same rows', () => {
    const all = ['a', 'b', 'c', 'd'].map((id, i) => ({
      ...touch(id),
      seq: i + 10,
      receivedAt: '2026-11-24T10:00:00.000Z',
    }));
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...all), { maxLength: 12 }), (some) => {
        const merged = withEntries(plateSnapshot, [...some, ...all]);
        expect(merged.readings.map(({ id }) => id)).toEqual(['a', 'b', 'c', 'd']);
        expect(merged.seq).toBe(13);
      }),
    );
  });

  test('what this device logged stands behind everything until the record gives it a place', () => {
    const waiting = withEntries(plateSnapshot, [touch('mine')]);
    expect(waiting.readings[0]?.seq).toBe(UNSENT);
    const kept = { ...touch('mine'), seq: 40, receivedAt: '2026-11-24T10:00:00.000Z' };
    expect(withEntries(waiting, [kept]).readings).toMatchObject([{ id: 'mine', seq: 40 }]);
  });

  test('a saved document takes the version of its save, and another machine’s is not shown', () => {
    const { machine } = plateSnapshot;
    const save = (id: string): Entry => ({
      kind: 'machine',
      setupId: '',
      version: 'v2',
      began: FIRST_VERSION,
      body: { ...machine, id, name: 'Renamed' },
    });
    const own = withEntries(plateSnapshot, [save('knee')]);
    expect(own.machine.name).toBe('Renamed');
    expect(versionOf(own.versions, 'machine', 'knee')).toBe('v2');
    expect(withEntries(plateSnapshot, [save('other')]).machine).toBe(machine);
  });
});

describe('entries that wait on a device', () => {
  test('come back as they went', () => {
    const entries: Entry[] = [
      touch('a'),
      { kind: 'zeroing', setupId, body: presetDone({ kind: 'face', face: 'left' }, 'x', -5, 'x-2') },
      { kind: 'cutPlan', setupId, version: 'b', began: 'a', body: { bores: [] } },
    ];
    for (const entry of entries)
      expect(fromOutboxEntry(JSON.parse(JSON.stringify(toOutboxEntry(entry))))).toEqual(entry);
  });

  test.each([
    ['spoiled', { format: 2, kindVersion: 1, entry: { kind: 'check', setupId, body: { id: 7 } } }],
    ['of an unknown kind', { format: 2, kindVersion: 1, entry: { kind: 'hologram', setupId, body: {} } }],
    ['of a program never released', { ...toOutboxEntry(touch('a')), kindVersion: 1 }],
    ['of a newer program', { ...toOutboxEntry(touch('a')), kindVersion: 99 }],
    ['nothing', 'hello'],
  ])('%s are refused, not guessed at', (_, stored) => {
    expect(() => fromOutboxEntry(stored)).toThrow();
  });
});

describe('a copy of a setup kept on a device', () => {
  test('comes back the same', () => {
    const snapshot = withEntries(plateSnapshot, [touch('a')]);
    expect(fromCachedSnapshot(JSON.parse(JSON.stringify(toCachedSnapshot(snapshot))))).toEqual(snapshot);
  });

  test('gets a new field with its default', () => {
    const { purpose: _, ...setup } = plateSnapshot.setup;
    const old = { ...toCachedSnapshot(plateSnapshot), snapshot: { ...plateSnapshot, setup } };
    expect(fromCachedSnapshot(JSON.parse(JSON.stringify(old)))?.setup.purpose).toBe('work');
  });

  test('that is no longer understood is not read', () => {
    expect(fromCachedSnapshot({ kinds: {}, snapshot: { setup: 7 } })).toBeUndefined();
    expect(fromCachedSnapshot(null)).toBeUndefined();
  });
});

test('what a calibration is of and what it found go together', () => {
  const schema = BODIES.calibration;
  const body = { id: 'c', of: { kind: 'gauge', gaugeId: 'g' }, found: { what: 'size', value: 10 }, from: '2026-11-24T09:10:00.000Z', at: '2026-11-24T09:10:00.000Z' }; // prettier-ignore
  expect(schema.safeParse(body).success).toBe(true);
  const backlash = { what: 'backlash', value: 0.1, U: 0.01, fromMinus: [1], fromPlus: [1] };
  expect(schema.safeParse({ ...body, found: backlash }).success).toBe(false);
});
