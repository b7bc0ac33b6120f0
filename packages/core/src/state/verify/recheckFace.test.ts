import { withEntries } from '../../records/kinds/merge';
import type { Snapshot } from '../../records/snapshots/snapshot';
import { deriveState } from '../basis/setupState';
import { faceAnswer } from '../datum/face';
import { plateSnapshot, caseReading, rowOf, settingBody } from '../basis/snapshot.case';
import { recheckUse, expectedReading } from './recheckFace';

const NOW = '2026-11-26T12:00:00.000Z';

const expectedOf = (snapshot: Snapshot, face: 'left' | 'right', id: string) => {
  const book = deriveState({ ...snapshot, setup: { ...snapshot.setup, id } });
  return expectedReading(book, { kind: 'face', face }, recheckUse(book), NOW);
};

const { x: width } = plateSnapshot.part.size;
const set = withEntries(plateSnapshot, [rowOf('zeroing', settingBody({ form: 'work-offset', value: 0 }))]);

test('half the finder before the face, on the side it comes from', () => {
  expect(expectedOf(set, 'left', 'left')?.reading).toBeCloseTo(-5, 9);
  expect(expectedOf(set, 'right', 'right')?.reading).toBeCloseTo(width + 5, 9);
});

test('what it should show is what makes the same answer: a finder that runs out touches by its high side', () => {
  const gauges = plateSnapshot.gauges.map((gauge) => (gauge.id === 'spring' ? { ...gauge, tir: 0.03 } : gauge));
  const runsOut = { ...set, gauges };
  const shows = expectedOf(runsOut, 'left', 'tir')?.reading ?? NaN;
  const again = withEntries(runsOut, [rowOf('reading', caseReading({ kind: 'face', face: 'left' }, shows))]);
  const answer = faceAnswer(deriveState({ ...again, setup: { ...again.setup, id: 'tir-again' } }), 'left');
  expect(answer?.result.edge).toBeCloseTo(0, 9);
});

test('on dials a face touched going toward minus shows the backlash less', () => {
  const { machine } = plateSnapshot;
  const at = '2026-01-01T00:00:00.000Z';
  const dials = {
    ...set,
    machine: { ...machine, kind: 'dials' as const },
    calibrations: [
      {
        id: 'lost',
        of: { kind: 'axis' as const, machineId: machine.id, axis: 'x' as const },
        found: { what: 'backlash' as const, value: 0.2, U: 0.01, fromMinus: [], fromPlus: [] },
        from: at,
        at,
        seq: 1,
        receivedAt: at,
      },
    ],
  } satisfies Snapshot;
  expect(expectedOf(dials, 'left', 'dials-left')?.reading).toBeCloseTo(-5, 9);
  expect(expectedOf(dials, 'right', 'dials-right')?.reading).toBeCloseTo(width + 5 - 0.2, 9);
});

test('nothing is expected of an axis that is not set', () => {
  expect(expectedOf(plateSnapshot, 'left', 'not-set')).toBeUndefined();
});
