import type { Entry } from '../record/entry';
import type { Found, NewCalibration } from '../record/calibration';
import type { TouchedSubject } from '../record/subject';
import type { Axis } from '../schema/quantities';
import type { Book } from './book';
import { progressOf, STATION_DONE } from './progress';
import { bookOf, plateSnapshot, presetDone, reading, withTools } from './snapshot.case';
import { lengthIsOver, toolLengthAnswer, zZeroAnswer } from './subjects/heights';
import { tableAnswer } from './toolTable';

const setupId = plateSnapshot.setup.id;
const tools = [1, 2].map((number) => ({ id: `t${number}`, number, name: `Tool ${number}`, diameter: 6 }));
const BEFORE = '2026-03-02T08:00:00.000Z';
const TOUCHED = '2026-03-02T09:00:00.000Z';
const AFTER = '2026-03-02T10:00:00.000Z';

const touch = (
  subject: TouchedSubject,
  value: number,
  cutterId: string,
  takenAt = TOUCHED,
  gaugeId = 'block',
): Entry => ({
  kind: 'reading',
  setupId,
  body: reading(subject, value, { axis: 'z', gaugeId, cutterId, takenAt }),
});

const happened = (cutterId: string, from: string, found: Found = { what: 'void', why: 'repaired' }): Entry => ({
  kind: 'calibration',
  setupId: '',
  body: { id: `${cutterId} ${from}`, of: { kind: 'cutter', cutterId }, found, from, at: from } satisfies NewCalibration,
});

const REFERENCE = touch({ kind: 'z-zero', tool: 1 }, -40, 't1');
const SECOND = touch({ kind: 'tool-length', tool: 2 }, -52.31, 't2');

const set = (axis: Axis, value: number): Entry => ({
  kind: 'zeroing',
  setupId,
  body: presetDone({ kind: 'z-zero', tool: 1 }, axis, value, `${axis} set`),
});

const measured = (...more: Entry[]): Book =>
  bookOf({ ...plateSnapshot, ...withTools(tools) }, [REFERENCE, SECOND, ...more]);

const offset = (book: Book) => toolLengthAnswer(book, 2)?.result.offset;

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
    const untold: Entry = {
      kind: 'reading',
      setupId,
      body: reading({ kind: 'tool-length', tool: 2 }, -52.31, { axis: 'z', gaugeId: 'block', takenAt: TOUCHED }),
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

test('what a machine keeps of a tool counts only for the cutter it was kept of, until that is ground', () => {
  const kept = (cutterId?: string, keptAt = TOUCHED): Book =>
    bookOf(
      {
        ...plateSnapshot,
        ...withTools(tools),
        toolTable: {
          id: plateSnapshot.machine.id,
          school: 'reference-tool',
          rows: [{ number: 2, name: 'Tool 2', length: -12.3, keptAt, ...(cutterId !== undefined && { cutterId }) }],
        },
      },
      [happened('t2', AFTER)],
    );
  const row = (book: Book) => tableAnswer(book).rows.find(({ number }) => number === 2);
  expect(row(kept('t2'))).toMatchObject({ kept: null, stale: true });
  expect(row(kept('t2', '2026-03-03T08:00:00.000Z'))).toMatchObject({ kept: -12.3, stale: false });
  expect(row(kept('other', '2026-03-03T08:00:00.000Z'))).toMatchObject({ kept: null, stale: true });
  expect(row(kept(undefined, '2026-03-03T08:00:00.000Z'))).toMatchObject({ kept: -12.3, stale: false });
});
