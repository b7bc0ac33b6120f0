import {
  bookOf,
  plateBook,
  plateSnapshot,
  presetDone,
  caseReading,
  rowOf,
  withTools,
} from '@zero-point/core/state/basis/snapshot.case';
import { allReadingsOf, currentEpoch } from '@zero-point/core/state/basis/activeRecords';
import { deriveState, type SetupState } from '@zero-point/core/state/basis/setupState';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { BODIES } from '@zero-point/core/records/kinds/schemas';
import { isRow, withEntries } from '@zero-point/core/records/kinds/merge';
import { FIRST_EPOCH } from '@zero-point/core/records/values/place';
import { useOutbox } from '../stores/outbox';
import { logDial, logLoss, logMeasured, logMend, logStrike, logTouch, logZeroing } from './logTouch';

const LEFT = { kind: 'face', face: 'left' } as const;
const touch = { subject: LEFT, axis: 'x', approach: 1, gaugeId: 'spring', feeler: 0, ticked: [] } as const;
const leftTouch = { ...touch, ticked: [] as string[] };

let entries: Entry[] = [];
beforeEach(() => {
  entries = [];
  useOutbox.setState({ log: (entry) => entries.push(entry) });
});

const only = (): Entry => {
  expect(entries).toHaveLength(1);
  const [entry] = entries;
  if (!entry) throw new Error('nothing was logged');
  return entry;
};

/** Whatever is logged is what the server takes. */
afterEach(() => {
  for (const entry of entries) if (isRow(entry)) expect(BODIES[entry.kind].safeParse(entry.body).error).toBeUndefined();
});

const machine = (change: Partial<SetupState['machine']>): SetupState =>
  bookOf({ ...plateSnapshot, machine: { ...plateSnapshot.machine, ...change } });
const inMachine = machine({ scale: 'machine', workOffsets: ['G54', 'G55'] });
const after = (book: SetupState): SetupState => deriveState(withEntries(book, entries));

describe('a touch', () => {
  test.each([
    ['-5.012', -5.012],
    ['  -5.012 ', -5.012],
    ['-0.197in', -5.0038],
    ['184 + 5', 189],
    ['-5,0125', -5.0125],
    ['-5,01', -5.01],
  ])('typed as “%s” is kept as typed and as %d mm', (text, value) => {
    expect(logTouch(plateBook, leftTouch, text)).toBeUndefined();
    const { body } = only();
    expect(body).toMatchObject({
      on: 'scale',
      source: { by: 'typed', text: text.trim(), unit: 'mm' },
      place: { scale: 'readout' },
    });
    expect((body as { value: number }).value).toBeCloseTo(value, 9);
  });

  test.each([
    ['', /^Type what it shows, then log it\.$/],
    ['1,234.5', /place/],
    ['five', /place/],
    ['5..2', /place/],
  ])('typed as “%s” logs nothing and says what is wrong', (text, wrong) => {
    expect(logTouch(plateBook, leftTouch, text)).toMatch(wrong);
    expect(entries).toEqual([]);
  });

  test('with the other axis missing says which, and logs nothing', () => {
    expect(logTouch(plateBook, leftTouch, '-5', '')).toBe('Type what Y shows, then log it.');
    expect(entries).toEqual([]);
    expect(logTouch(plateBook, leftTouch, '-5', '20')).toBeUndefined();
    expect(only().body).toMatchObject({ across: { text: '20', value: 20 } });
  });

  test('on dials counts turns and lines of that axis', () => {
    const axis = { step: 0.025, travel: 330, dial: { perTurn: 3, lines: 120, countsUp: 'clockwise' as const } };
    const dials = machine({ scale: 'dial', axes: { x: axis, y: axis, z: axis } });
    expect(logTouch(dials, leftTouch, '5t 40')).toBeUndefined();
    expect(only().body).toMatchObject({ value: 16, place: { scale: 'dial' }, source: { text: '5t 40' } });
  });

  test('names the cutter that stood in the spindle, so that a number given to another later moves nothing', () => {
    const tools = withTools([{ number: 3, id: 'mill-10', name: 'Mill', diameter: 10 }]);
    expect(logTouch(bookOf({ ...plateSnapshot, ...tools }), { ...leftTouch, tool: 3 }, '-5')).toBeUndefined();
    expect(only().body).toMatchObject({ tool: 3, cutterId: 'mill-10' });
  });

  test('is of the epoch in force of its axis alone', () => {
    const set = bookOf(plateSnapshot, [rowOf('zeroing', presetDone(LEFT, 'x', -5, 'x-2'))]);
    logTouch(set, leftTouch, '-5');
    logTouch(set, { ...leftTouch, subject: { kind: 'face', face: 'front' }, axis: 'y' }, '-5');
    expect(entries.map(({ body }) => (body as { epoch: string }).epoch)).toEqual(['x-2', FIRST_EPOCH]);
  });

  test('says so where the device has no room, and is not taken for logged', () => {
    useOutbox.setState({
      log: () => {
        throw new Error('full');
      },
    });
    expect(logTouch(plateBook, leftTouch, '-5')).toMatch(/no room left/);
  });
});

test('a dial and a size have no axis, no scale and no epoch', () => {
  const dial = { subject: { kind: 'alignment', task: 'vise', place: 0, pass: 1 } as const, gaugeId: 'pin', ticked: [] };
  expect(logDial(plateBook, dial, '-.02')).toBeUndefined();
  expect(
    logMeasured(plateBook, { subject: { kind: 'bore-size', of: 'bearing' }, gaugeId: 'pin', ticked: [] }, '184.1'),
  ).toBeUndefined();
  for (const { body } of entries) expect(Object.keys(body)).not.toEqual(expect.arrayContaining(['approach']));
  expect(entries.map(({ body }) => (body as { on: string; value: number }).on)).toEqual(['dial', 'gauge']);
  expect(logDial(plateBook, dial, 'x')).toMatch(/place 1/);
  expect(entries).toHaveLength(2);
});

describe('setting an axis', () => {
  test.each(['preset', 'move'] as const)('by %s gives the DRO a new zero', (form) => {
    logZeroing(plateBook, LEFT, 'x', form, -5);
    expect(only().body).toMatchObject({ form, value: -5, began: FIRST_EPOCH, place: { scale: 'readout' } });
    expect(currentEpoch(after(plateBook), 'x')).toBe((only().body as { opens?: string }).opens);
    expect(currentEpoch(after(plateBook), 'y')).toBe(FIRST_EPOCH);
  });

  test('by a work offset leaves the scale as it is, and says which offset', () => {
    logZeroing(inMachine, LEFT, 'x', 'work-offset', -262.2, 'G55');
    expect(only().body).toMatchObject({ place: { scale: 'machine', workOffset: 'G55' }, value: -262.2 });
    expect(only().body).not.toHaveProperty('opens');
    expect(currentEpoch(after(inMachine), 'x')).toBe(FIRST_EPOCH);
  });

  test('in machine coordinates nothing opens an epoch', () => {
    logZeroing(inMachine, LEFT, 'x', 'preset', -5);
    expect(only().body).not.toHaveProperty('opens');
  });

  test('a zero that was lost opens one whatever the scale', () => {
    logLoss(inMachine, 'x', 're-homed');
    expect(only().body).toMatchObject({ form: 'lost', subject: { kind: 'lost', why: 're-homed' }, value: 0 });
    expect(currentEpoch(after(inMachine), 'x')).not.toBe(FIRST_EPOCH);
  });
});

test('Z set at the touch-off point keeps the lift it was set with, whatever was asked for since', () => {
  const heights = (lift: number) => ({ ...plateSnapshot.datumPlan, heights: { surface: 0, lift } });
  const lifted = { ...presetDone({ kind: 'z-zero', tool: 1 }, 'z', 0, 'z-set'), lift: 10 };
  const book = bookOf({ ...plateSnapshot, datumPlan: heights(0) }, [rowOf('zeroing', lifted)]);
  logZeroing(book, { kind: 'tool-spot', tool: 2 }, 'z', 'preset', -3.41);
  expect(only().body).toMatchObject({ lift: 10, value: -3.41 });
  // Set on the part again it is what is asked for.
  entries = [];
  logZeroing(book, { kind: 'z-zero', tool: 1 }, 'z', 'preset', 10);
  expect(only().body).toMatchObject({ lift: 0 });
});

describe('what was wrong', () => {
  const touched = bookOf(plateSnapshot, [rowOf('reading', caseReading(LEFT, 5.01, { id: 'slip' }))]);
  const [slip] = touched.readings;
  if (!slip) throw new Error('no reading');

  test('struck out and taken back in leaves it in force, with both in the log', () => {
    logStrike(touched, slip, 'strike', 'bumped');
    expect(after(touched).readings[0]?.struckBy).not.toBeNull();
    logStrike(touched, slip, 'restore', '');
    expect(after(touched).readings[0]?.struckBy).toBeNull();
    expect(entries.map(({ kind }) => kind)).toEqual(['strike', 'strike']);
  });

  test('mended is struck out with the slip’s name, and logged beside it as it should have been', () => {
    if (slip.on !== 'scale') throw new Error('not a touch');
    const source = { by: 'typed' as const, text: '-5.01', unit: 'mm' as const };
    logMend(
      touched,
      { slip: 'sign', strike: [slip], again: [{ from: slip, change: { source, value: -5.01 } }] },
      'minus left out',
    );
    const all = allReadingsOf(after(touched), LEFT);
    expect(all.map(({ value, struckReason }) => [value, struckReason])).toEqual([
      [5.01, 'minus left out'],
      [-5.01, null],
    ]);
    expect(all[1]?.id).not.toBe('slip');
    // The same touch: of the day it was taken on, and still before what was set from it.
    expect(all[1]?.takenAt).toBe(slip.takenAt);
    expect(all[1]).toMatchObject({ axis: 'x', approach: 1, epoch: FIRST_EPOCH, gaugeId: 'spring' });
  });
});
