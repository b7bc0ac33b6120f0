import type { Entry } from '../../records/kinds/entry';
import { withEntries } from '../../records/kinds/merge';
import { deriveState } from '../basis/setupState';
import { gaugeRepeats } from './repeatability';
import { plateSnapshot, caseReading } from '../basis/snapshot.case';

const setupId = plateSnapshot.setup.id;
const at = (second: number) => new Date(Date.parse('2026-11-24T09:10:00.000Z') + second * 1000).toISOString();
const take = (
  face: 'left' | 'right',
  value: number,
  second: number,
  change: Parameters<typeof caseReading>[2] = {},
): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading({ kind: 'face', face }, value, { takenAt: at(second), ...change }),
});
const open = (...entries: Entry[]) => deriveState(withEntries(plateSnapshot, entries));

test('each touch about its own mean, pooled; a pause is no touch', () => {
  const book = open(
    take('left', -5.0, 0),
    take('left', -5.01, 30),
    take('right', 189.0, 100),
    take('right', 189.02, 140),
    take('right', 189.01, 2000),
  );
  const found = gaugeRepeats(book, 'spring');
  expect(found.squares).toBeCloseTo(0.00005 + 0.0002, 12);
  expect(found).toMatchObject({ dof: 3, readings: 5, seconds: [30, 40] });
});

test('one reading of a thing says nothing, nor does another gauge, a wild one or what the control gave', () => {
  const book = open(
    take('left', -5, 0),
    take('right', 189, 10),
    take('right', 189.01, 20),
    take('right', 190.5, 30),
    take('right', 189.3, 40, { source: { by: 'control', text: '189.3', unit: 'mm' } }),
    take('left', -5, 50, { gaugeId: 'pin' }),
  );
  expect(gaugeRepeats(book, 'spring')).toMatchObject({ dof: 1, readings: 2 });
  expect(gaugeRepeats(book, 'none')).toMatchObject({ dof: 0, readings: 0, seconds: [] });
});
