import { plateSnapshot, caseReading } from '@zero-point/core/state/basis/snapshot.case';
import type { KeptEntry } from '@zero-point/core/records/kinds/entry';
import { withNews } from './changeFeed';

const AT = '2026-11-24T10:00:00.000Z';
const touch = (id: string, seq: number): KeptEntry => ({
  kind: 'reading',
  setupId: plateSnapshot.setup.id,
  body: caseReading({ kind: 'face', face: 'left' }, -5, { id }),
  seq,
  receivedAt: AT,
});
const news = (seq: number, ...entries: KeptEntry[]) => ({ seq, entries, repeatability: [] });

describe('what the server tells', () => {
  test('joins the snapshot once, however often it is told', () => {
    const first = withNews(plateSnapshot, news(5, touch('a', 5)));
    expect(first?.readings).toHaveLength(1);
    expect(first && withNews(first, news(6, touch('a', 5), touch('b', 6)))?.readings.map(({ id }) => id)).toEqual([
      'a',
      'b',
    ]);
  });

  test('from a record that went back is fetched whole again', () => {
    const ahead = { ...plateSnapshot, seq: 90 };
    expect(withNews(ahead, news(3))).toBeUndefined();
  });

  test('of another machine is fetched whole again: it brings things of its own', () => {
    const { id: _, createdAt: _at, changedAt: _changed, ...plan } = plateSnapshot.setup;
    const moved: KeptEntry = { kind: 'plan', setupId: plateSnapshot.setup.id, version: 'b', began: 'first', body: { ...plan, machineId: 'router' }, seq: 7, receivedAt: AT }; // prettier-ignore
    expect(withNews(plateSnapshot, news(7, moved))).toBeUndefined();
    const renamed = { ...moved, body: { ...plan, name: 'Renamed' } } as KeptEntry;
    expect(withNews(plateSnapshot, news(7, renamed))?.setup.name).toBe('Renamed');
  });
});
