import { progressOf, STATION_DONE } from '../status/setupProgress';
import type { SetupState } from '../basis/setupState';
import {
  AFTER,
  BEFORE,
  happened,
  keeping,
  measured,
  REFERENCE,
  SECOND,
  set,
  tools,
  touch,
  TOUCHED,
} from './lengths.case';
import { bookOf, plateSnapshot, caseReading, withTools } from '../basis/snapshot.case';
import { lengthIsOver, toolLengthAnswer, zZeroAnswer } from './zZero';
import { tableAnswer } from './toolTable';

const offset = (book: SetupState) => toolLengthAnswer(book, 2)?.result.offset;

describe('a length is of one cutter, as it was when it was touched', () => {
  test('it stands while nothing happened to it, or happened before', () => {
    expect(offset(measured())).toBeCloseTo(-12.31, 9);
    expect(offset(measured(happened('t2', BEFORE)))).toBeCloseTo(-12.31, 9);
  });

  test.each(['repaired', 'crash'] as const)('after %s it is open until it is touched again', (why) => {
    const ground = happened('t2', AFTER, { what: 'void', why });
    expect(offset(measured(ground))).toBeUndefined();
    expect([1, 2].map((tool) => lengthIsOver(measured(ground), tool))).toEqual([false, true]);
    expect(STATION_DONE.heights(bookOf(measured(ground), [set('z', 10)]))).toBe(false);
    const again = touch({ kind: 'tool-length', tool: 2 }, -52.11, 't2', '2026-03-02T11:00:00.000Z');
    expect(offset(measured(ground, again))).toBeCloseTo(-12.11, 9);
    expect(lengthIsOver(measured(ground, again), 2)).toBe(false);
  });

  test('a diameter that was measured takes no length away', () => {
    expect(offset(measured(happened('t2', AFTER, { what: 'size', value: 5.99 })))).toBeCloseTo(-12.31, 9);
  });

  test('another cutter under the number has not its length', () => {
    const swapped = bookOf({
      ...plateSnapshot,
      ...withTools([...tools.slice(0, 1), { id: 'drill', number: 2, name: 'Drill 4.2', diameter: 4.2 }]),
    });
    expect(offset(bookOf(swapped, [REFERENCE, SECOND]))).toBeUndefined();
  });

  test('a reading of before anybody told the cutter still counts', () => {
    const untold = {
      kind: 'reading' as const,
      setupId: plateSnapshot.setup.id,
      body: caseReading({ kind: 'tool-length', tool: 2 }, -52.31, { axis: 'z', gaugeId: 'block', takenAt: TOUCHED }),
    };
    const book = bookOf({ ...plateSnapshot, ...withTools(tools) }, [REFERENCE, untold]);
    expect(offset(book)).toBeCloseTo(-12.31, 9);
  });
});

describe('the reference tool, ground since it set Z', () => {
  const ground = measured(set('z', 10), happened('t1', AFTER));

  test('has no length any more, nor has any tool that was held against it', () => {
    expect(zZeroAnswer(ground)).toBeUndefined();
    expect(offset(ground)).toBeUndefined();
    expect(tableAnswer(ground).rows.map(({ length }) => length)).toEqual([null, null]);
  });

  test('is what is to be touched next', () => {
    expect(STATION_DONE.heights(ground)).toBe(false);
    const found = bookOf(ground, [set('x', 0), set('y', 0)]);
    expect(progressOf(found).next).toMatchObject({ station: 'heights', what: 'set-z', tool: 1 });
  });
});

describe('what a machine keeps of a tool counts', () => {
  const LATER = '2026-03-03T08:00:00.000Z';
  const row = (book: SetupState) => tableAnswer(book).rows.find(({ number }) => number === 2);
  const counts = { kept: -12.3, stale: false };
  const ofTool = { kept: null, stale: true, changed: 'tool' };
  const ofReference = { kept: null, stale: true, changed: 'reference' };

  test('only for the cutter it was kept of, until that is ground', () => {
    const ground = happened('t2', AFTER);
    expect(row(keeping({ cutterId: 't2' }, ground))).toMatchObject(ofTool);
    expect(row(keeping({ cutterId: 't2', keptAt: LATER }, ground))).toMatchObject(counts);
    expect(row(keeping({ cutterId: 'other', keptAt: LATER }, ground))).toMatchObject(ofTool);
    expect(row(keeping({ keptAt: LATER }, ground))).toMatchObject(counts);
  });

  test('only while the reference tool is the one it was held against, as it was', () => {
    expect(row(keeping({ against: 't1' }))).toMatchObject(counts);
    expect(row(keeping({ against: 'other' }))).toMatchObject(ofReference);
    expect(row(keeping({ against: 't1' }, happened('t1', AFTER)))).toMatchObject(ofReference);
    expect(row(keeping({ against: 't1' }, happened('t1', BEFORE)))).toMatchObject(counts);
    expect(row(keeping({}, happened('t1', AFTER)))).toMatchObject(ofReference);
  });

  test('of a school that counts from no tool, whatever becomes of the reference tool', () => {
    const one = keeping({}, happened('t1', AFTER));
    const habits = { ...one.machine.habits, toolLengthSchool: 'true-length' as const };
    const { toolTable } = one;
    const kept = toolTable && { ...toolTable, school: 'true-length' as const };
    expect(row(bookOf({ ...one, machine: { ...one.machine, habits }, toolTable: kept }))).toMatchObject(counts);
  });

  test('again when it is kept again after it was put back, and a touch of before then does not', () => {
    expect(row(keeping({ refittedAt: AFTER }))).toMatchObject(ofTool);
    expect(row(keeping({ refittedAt: AFTER, keptAt: LATER }))).toMatchObject(counts);
    const touched = keeping({ refittedAt: AFTER, keptAt: LATER }, REFERENCE, SECOND);
    expect(row(touched)).toMatchObject({ length: null, ...counts });
    expect(lengthIsOver(touched, 2)).toBe(true);
    const before = keeping({ refittedAt: BEFORE }, REFERENCE, SECOND);
    expect(row(before)?.length).toBeCloseTo(-12.31, 9);
  });
});
