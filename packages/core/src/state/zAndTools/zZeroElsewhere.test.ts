import type { Snapshot } from '../../records/snapshots/snapshot';
import { zZeroWords } from '../../messages/zAndTools/zZero';
import { zZeroForms } from '../../messages/zAndTools/zZeroForms';
import type { SetupState } from '../basis/setupState';
import { isSet } from '../basis/activeRecords';
import { progressOf } from '../status/setupProgress';
import { bookOf, plateSnapshot, presetDone, caseReading, rowOf, withTools } from '../basis/snapshot.case';
import { toolLengthAnswer, zZeroAnswer } from './zZero';
import { tableAnswer } from './toolTable';
import { topAboveZero } from './zZeroHeight';

type Heights = NonNullable<Snapshot['datumPlan']['heights']>;

/** A plate 9.5 thick, its reference tool touched at Z -40 on a block of 10. */
const touched = (heights: Partial<Heights>, part: Partial<Snapshot['part']> = {}): SetupState =>
  bookOf(
    {
      ...plateSnapshot,
      ...withTools([{ id: 'drill', number: 2, name: 'Drill', diameter: 4.2 }]),
      part: { ...plateSnapshot.part, ...part },
      datumPlan: { ...plateSnapshot.datumPlan, heights: { surface: 0, lift: 0, ...heights } },
    },
    [
      rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, -40)),
      rowOf('reading', caseReading({ kind: 'tool-length', tool: 2 }, -52)),
    ],
  );

const setZ = (book: SetupState) => zZeroAnswer(book)?.result.setZ;

describe('Z zero elsewhere than on the part’s top', () => {
  test('the part’s underside: the gauge on its top shows thickness and gauge', () => {
    const book = touched({ zero: { at: 'under' } });
    expect(setZ(book)).toBeCloseTo(19.5, 12);
    expect(zZeroWords(book)).toBe('Z zero is the part’s underside, 9.500 mm below the part’s top.');
  });

  test('and with the gauge on the surface under the part, the gauge alone', () => {
    expect(setZ(touched({ zero: { at: 'under' }, surface: -9.5 }))).toBeCloseTo(10, 12);
  });

  test('a named height, as the centre line of a bar', () => {
    const book = touched({ zero: { at: 'named', name: 'the centre line', above: 12.5 } });
    expect(setZ(book)).toBeCloseTo(22.5, 12);
    expect(zZeroForms(book, zZeroAnswer(book) ?? never(), { unit: 'mm' })[1]?.then).toBe(
      'the centre line on the current scale',
    );
  });

  test('above the top, as a step that was faced off later', () => {
    const book = touched({ zero: { at: 'named', name: 'the old face', above: -0.5 } });
    expect(setZ(book)).toBeCloseTo(9.5, 12);
    expect(zZeroWords(book)).toBe('Z zero is the old face, 0.500 mm above the part’s top.');
  });

  test('goes into the work offset of every school the same way', () => {
    const top = tableAnswer(touched({}));
    const under = tableAnswer(touched({ zero: { at: 'under' } }));
    expect((top.workOffset ?? NaN) - (under.workOffset ?? NaN)).toBeCloseTo(9.5, 12);
    expect(under.rows[0]?.length).toBe(top.rows[0]?.length);
  });

  test('is no answer while nobody told how thick the part is', () => {
    const book = touched({ zero: { at: 'under' } }, { untold: ['z'] });
    expect(topAboveZero(book)).toBeUndefined();
    expect(zZeroAnswer(book)).toBeUndefined();
    expect(zZeroWords(book)).toMatch(/the part’s thickness is not entered yet/);
  });

  test('on the top nothing needs saying', () => {
    expect(zZeroWords(touched({}))).toBeUndefined();
    expect(zZeroWords(touched({ zero: { at: 'top' } }))).toBeUndefined();
  });
});

function never(): never {
  throw new Error('no answer');
}

test('a machine with Y and Z only asks for Y, and is set by it', () => {
  const facing: Snapshot = { ...plateSnapshot, machine: { ...plateSnapshot.machine, without: ['x'] } };
  const front = rowOf('reading', caseReading({ kind: 'face', face: 'front' }, -5));
  expect(progressOf(bookOf(facing, [front])).next).toMatchObject({ what: 'find', axes: ['y'] });
  const set = rowOf('zeroing', presetDone({ kind: 'face', face: 'front' }, 'y', -5, 'one'));
  expect(isSet(bookOf(facing, [front, set]))).toBe(true);
  expect(isSet(bookOf(plateSnapshot, [front, set]))).toBe(false);
});

test('what the control’s cycle gives for Z is the surface: no gauge, no probe length, no half step again', () => {
  const heights = { surface: 0, lift: 0, step: 0.1, probeLonger: 3, zero: { at: 'under' as const } };
  const snapshot: Snapshot = {
    ...plateSnapshot,
    machine: { ...plateSnapshot.machine, kind: 'machining-centre', scale: 'machine' },
    datumPlan: { ...plateSnapshot.datumPlan, heights },
  };
  const surface = rowOf('reading', {
    ...caseReading({ kind: 'z-zero', tool: 1 }, -100, { scale: 'machine' }),
    source: { by: 'control', text: '-100', unit: 'mm' },
  });
  const book = bookOf(snapshot, [surface]);
  const answer = zZeroAnswer(book) ?? never();
  expect(answer.result.workOffset).toBeCloseTo(-109.5, 12);
  expect(zZeroForms(book, answer, { unit: 'mm' }).map(({ form }) => form)).toEqual(['work-offset']);
  // A tool on the gauge is nothing to hold against a surface.
  const length = rowOf('reading', caseReading({ kind: 'tool-length', tool: 2 }, -90, { scale: 'machine' }));
  expect(toolLengthAnswer(bookOf(snapshot, [surface, length]), 2)).toBeUndefined();
  expect(tableAnswer(book).workOffset).toBeCloseTo(-109.5, 12);
});
