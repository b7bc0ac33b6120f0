import { bookOf, plateSnapshot, caseReading, withTools } from '../../state/basis/snapshot.case';
import type { Cutter } from '../../records/shop/cutter';
import { runOutDoubts } from './runOut';

const cutter = (id: string, diameter: number): Cutter => ({ id, name: id, kind: 'end-mill', diameter, teeth: 2 });
const tool = { ...cutter('small', 1), number: 2 };

const book = (tolerance?: number, touched = false) =>
  bookOf(
    {
      ...plateSnapshot,
      ...withTools([{ ...cutter('large', 20), number: 1 }, tool]),
      datumPlan: {
        ...plateSnapshot.datumPlan,
        ...(tolerance !== undefined && {
          heights: { surface: 0, lift: 0, runOut: { measureOnly: false, tolerance } },
        }),
      },
    },
    touched
      ? [
          { kind: 'reading', setupId: 'plate-setup', body: caseReading({ kind: 'z-zero', tool: 1 }, 30) },
          { kind: 'reading', setupId: 'plate-setup', body: caseReading({ kind: 'tool-length', tool: 2 }, 20) },
        ]
      : [],
  );

test('a tool without a true length is touched off before its height is counted from its tip', () => {
  expect(runOutDoubts(book(), tool)).toEqual([
    expect.stringMatching(/^Tool 2 has no true length yet.* Touch it off first\.$/),
  ]);
  expect(runOutDoubts(book(undefined, true), tool)).toEqual([]);
});

test('a limit that was set for a larger cutter is told beside what is usual for this one', () => {
  expect(runOutDoubts(book(0.1, true), tool)).toEqual([
    expect.stringMatching(/^0\.100 mm is more than the 0\.0\d\d mm usual for a cutter of 1\.000 mm/),
  ]);
  expect(runOutDoubts(book(0.001, true), tool)).toEqual([]);
});
