import { deriveState, type SetupState } from '../state/basis/setupState';
import { AFTER, happened, keeping, measured, REFERENCE, set as setTo } from '../state/zAndTools/lengths.case';
import { plateSnapshot, caseReading, rowOf, settingBody } from '../state/basis/snapshot.case';
import type { NewCalibration } from '../records/shop/calibration';
import type { RowEntry } from '../records/kinds/entry';
import { withEntries } from '../records/kinds/merge';
import { sheetOf } from './sheetOf';

const NOW = '2026-11-26T10:00:00.000Z';

const ring = {
  id: 'ring',
  name: 'Ring',
  kind: 'points' as const,
  holeDiameter: 4.2,
  points: [
    { x: 20, y: 20 },
    { x: 160, y: 90 },
  ],
};

const set = settingBody();

const withX = withEntries({ ...plateSnapshot, patterns: [ring] }, [
  rowOf('reading', caseReading({ kind: 'face', face: 'left' }, -5.01)),
  rowOf('zeroing', set),
]);

const sheet = sheetOf(deriveState(withX), NOW);
const section = (title: RegExp, of = sheet) => of.sections.find((one) => title.test(one.title));

test('what is not done stands first, and says what', () => {
  expect(sheet.sections[0]?.title).toBe('Still open');
  expect(sheet.sections[0]?.tone).toBe('warn');
  expect(sheet.sections[0]?.lines).toEqual(expect.arrayContaining(['Y, Z not set.', 'X not read back.']));
});

test('an axis as it was set: from where, how, its figure with sign, and that nobody read it back', () => {
  const row = section(/^Zero/)?.rows.find(([axis]) => axis === 'X');
  expect(row?.slice(0, 4)).toEqual(['X', 'left face', 'set to', '−5.000']);
  expect(row?.[4]).toMatch(/^±0\.0\d\d mm$/);
  expect(row?.[5]).toBe('not yet');
  expect(section(/^Zero/)?.rows.find(([axis]) => axis === 'Z')?.[1]).toBe('not set');
});

test('read back, it says so', () => {
  const back = rowOf('readBack', {
    id: 'back',
    of: { kind: 'setting', zeroingId: 'x-set' },
    shown: -5,
    source: { by: 'typed', text: '-5', unit: 'mm' },
    at: '2026-11-26T09:01:00.000Z',
  });
  const read = sheetOf(deriveState(withEntries(withX, [back])), NOW);
  expect(section(/^Zero/, read)?.rows[0]?.[5]).toBe('agrees');
  expect(section(/open/, read)?.lines).not.toContain('X not read back.');
});

test('of more holes than paper should list the first two thousand are listed, and where all are is said', () => {
  const points = Array.from({ length: 2001 }, (_, i) => ({ x: 1 + (i % 100), y: 1 + Math.floor(i / 100) }));
  const many = { ...withX, patterns: [{ ...ring, points }] };
  const holes = section(/^Holes/, sheetOf(deriveState(many), NOW));
  expect(holes?.rows).toHaveLength(2000);
  expect(holes?.lines).toEqual([
    'The first 2000 of 2001 are listed. Save all of them as CSV on the setup sheet’s page.',
  ]);
  expect(section(/^Holes/)?.lines).toEqual([]);
});

test('holes stand in machining order, with the coordinates of the drive', () => {
  const holes = section(/^Holes/);
  expect(holes?.rows.map((row) => [row[0], row[1], row[4], row[5]])).toEqual([
    ['1', 'Ring 1', '20.000', '20.000'],
    ['2', 'Ring 2', '160.000', '90.000'],
  ]);
  expect(sheet.drawing.holes.map(({ number }) => number)).toEqual([1, 2]);
});

test('on dials each hole has its turns and its line', () => {
  const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' as const };
  const { machine } = plateSnapshot;
  const dials = sheetOf(
    deriveState({
      ...withX,
      setup: { ...withX.setup, id: 'on-dials' },
      cutPlan: { bores: [], mode: 'dials' },
      machine: {
        ...machine,
        scale: 'dial',
        kind: 'dials',
        axes: { ...machine.axes, x: { ...machine.axes.x, dial }, y: { ...machine.axes.y, dial } },
      },
    }),
    NOW,
  );
  const row = section(/^Holes/, dials)?.rows[0];
  expect(row?.slice(6, 8)).toEqual(['line 80, 6 turns 80 lines past zero', 'line 80, 6 turns 80 lines past zero']);
});

test('a pass in the air cannot be missed', () => {
  const z = rowOf('zeroing', {
    ...set,
    id: 'z-set',
    axis: 'z',
    subject: { kind: 'z-zero', tool: 1 },
    value: 10,
    lift: 5,
  });
  const lifted = section(/^Zero/, sheetOf(deriveState(withEntries(withX, [z])), NOW));
  expect(lifted?.tone).toBe('warn');
  expect(lifted?.lines.join(' ')).toContain('AIR CUT: Z zero is lifted by 5.000 mm');
});

test('the tapes add up to what is said, and every gauge used says when it was measured', () => {
  expect(sheet.tapes.map(({ title }) => title)).toEqual(['X of part zero']);
  expect(sheet.tapes[0]?.sections.length).toBeGreaterThan(0);
  expect(section(/^Gauges/)?.rows).toHaveLength(1);
});

test('inches throughout where the setup has inches', () => {
  const inches = sheetOf(deriveState({ ...withX, setup: { ...withX.setup, id: 'inches', units: 'in' } }), NOW);
  const text = JSON.stringify({ ...inches, drawing: undefined });
  expect(text).not.toMatch(/\d mm\b/);
  expect(section(/^Holes/, inches)?.rows[0]?.[4]).toBe('0.7874');
});

test('a gauge that is overdue or was in a crash stands among what is open, and beside its figures', () => {
  const kept = (found: NewCalibration['found'], at: string, id: string) =>
    ({
      kind: 'calibration',
      setupId: '',
      body: { id, of: { kind: 'gauge', gaugeId: 'spring' }, found, from: at, at },
    }) as const;
  const old = kept({ what: 'size', value: 10.004, U: 0.004 }, '2020-01-02T09:00:00.000Z', 'old');
  const crash = kept({ what: 'void', why: 'crash' }, '2026-11-20T09:00:00.000Z', 'crash');
  const sheetWith = (...rows: RowEntry[]) => sheetOf(deriveState(withEntries(withX, rows)), NOW);
  const overdue = sheetWith(old);
  expect(section(/open/, overdue)?.lines.join(' ')).toMatch(/is overdue since/);
  expect(section(/^Gauges/, overdue)?.rows[0]?.[3]).toBe('2 Jan 2020');
  const voided = sheetWith(old, crash);
  expect(section(/open/, voided)?.lines.join(' ')).toMatch(/is no longer valid since a crash on 20 Nov 2026/);
  expect(section(/^Gauges/, voided)?.rows[0]?.[3]).toBe('not since');
});

test('every index has its angles and its offset, and says what is not known yet', () => {
  const turned = sheetOf(
    deriveState({
      ...withX,
      setup: { ...withX.setup, id: 'turned' },
      machine: { ...withX.machine, rotary: [{ name: 'A', sense: 1 }] },
      indexPlan: { school: 'per-index', indices: [{ id: 'front', name: 'Front', A: -90, workOffset: 'G55' }] },
    }),
    NOW,
  );
  const indices = section(/^Faces that come up/, turned);
  expect(indices?.rows[0]?.slice(0, 3)).toEqual(['Front', '-90.000°'.replace('-', '−'), 'G55']);
  expect(indices?.lines).toEqual(['Not every figure is known yet: see the page of the indices.']);
  expect(section(/^Faces that come up/)).toBeUndefined();
});

describe('lengths of tools', () => {
  const toolRow = (book: SetupState, tool: string) =>
    section(/^Tools/, sheetOf(book, NOW))?.rows.find(([number]) => number === tool);
  const open = (book: SetupState) => section(/open/, sheetOf(book, NOW))?.lines ?? [];

  test('with sign and words, and none where it was changed since', () => {
    expect(toolRow(measured(setTo('z', 10)), '2')?.slice(2, 4)).toEqual(['−12.310', 'shorter']);
    expect(toolRow(keeping({}), '2')?.slice(2, 4)).toEqual(['−12.300', 'shorter']);
    expect(toolRow(keeping({}, happened('t2', AFTER)), '2')?.slice(2, 4)).toEqual(['', 'changed: touch again']);
    expect(toolRow(keeping({}, REFERENCE), '1')?.slice(2, 4)).toEqual(['0.000', 'reference']);
    expect(toolRow(keeping({ number: 1 }, happened('t1', AFTER)), '1')?.[3]).toBe('changed: touch again');
    expect(toolRow(keeping({}, happened('t1', AFTER)), '2')?.slice(2, 4)).toEqual(['', 'reference changed']);
  });

  test('the tool Z was set with, ground since, stands among what is open', () => {
    const line = 'Z was set with tool 1, which was re-clamped, ground or exchanged since.';
    expect(open(measured(setTo('z', 10)))).not.toContain(line);
    expect(open(measured(setTo('z', 10), happened('t1', AFTER)))).toContain(line);
  });
});
