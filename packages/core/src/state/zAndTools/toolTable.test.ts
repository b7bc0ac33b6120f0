import type { TouchedSubject } from '../../records/values/subject';
import type { SetupState } from '../basis/setupState';
import type { LengthMethod } from '../../zAndTools/schools';
import type { Entry } from '../../records/kinds/entry';
import { zZeroAnswer } from './zZero';
import { bookOf, plateSnapshot, presetDone, caseReading, withTools } from '../basis/snapshot.case';
import { closingCheck, tableAnswer } from './toolTable';

const setupId = plateSnapshot.setup.id;
const tools = [1, 2, 3].map((number) => ({ id: `t${number}`, number, name: `Tool ${number}`, diameter: 6 }));

const shop = (school: LengthMethod): SetupState =>
  bookOf({
    ...plateSnapshot,
    ...withTools(tools),
    gauges: [...plateSnapshot.gauges, { id: 'master', name: 'Master 100', kind: 'master-tool', nominal: 100 }],
    machine: { ...plateSnapshot.machine, habits: { answerFirst: 'preset', toolLengthSchool: school } },
  });

const touch = (subject: TouchedSubject, value: number, change: Parameters<typeof caseReading>[2] = {}): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading(subject, value, { axis: 'z', gaugeId: 'block', ...change }),
});

const REFERENCE: TouchedSubject = { kind: 'z-zero', tool: 1 };
const SECOND: TouchedSubject = { kind: 'tool-length', tool: 2 };

const measured = (school: LengthMethod, ...more: Entry[]): SetupState =>
  bookOf(shop(school), [touch(REFERENCE, -40), touch(SECOND, -52.31), ...more]);

const lengths = (book: SetupState) => tableAnswer(book).rows.map(({ length }) => length);

test('tools the holes call for that have no length are named, once a table is begun', () => {
  const pattern = { id: 'p', name: 'Spots', kind: 'points' as const, holeDiameter: 3, points: [{ x: 1, y: 2 }] };
  const drills = tools.map((tool, i) => ({ ...tool, kind: 'drill' as const, diameter: i + 1 }));
  const kinds = (book: SetupState) =>
    tableAnswer(bookOf({ ...book, ...withTools(drills), patterns: [pattern] })).findings.map(({ kind, tools: of }) => [
      kind,
      of,
    ]);
  expect(kinds(measured('reference-tool'))).toEqual([['missing', [3]]]);
  expect(kinds(shop('reference-tool'))).toEqual([]);
  expect(kinds(measured('reference-tool', touch({ kind: 'tool-length', tool: 3 }, -30)))).toEqual([]);
});

describe('the tool table in each school', () => {
  test('against the reference tool: it is 0, the others longer or shorter, those not touched open', () => {
    expect(lengths(measured('reference-tool'))).toEqual([0, expect.closeTo(-12.31, 9), null]);
    expect(tableAnswer(measured('reference-tool')).workOffset).toBeCloseTo(-50, 9);
  });

  test('touched off the part: from machine zero, the gauge taken off once', () => {
    expect(lengths(measured('touch-part'))).toEqual([expect.closeTo(-50, 9), expect.closeTo(-62.31, 9), null]);
    expect(tableAnswer(measured('touch-part')).workOffset).toBe(0);
  });

  test('true length: asked for a master first, then from the gauge line', () => {
    const open = tableAnswer(measured('true-length'));
    expect(open.rows.every(({ length }) => length === null)).toBe(true);
    expect(open.missing).toMatch(/master tool of known length/);
    const mastered = measured('true-length', touch({ kind: 'master', master: 'master' }, 10));
    // The bare gauge line would touch at 10 - 100 = -90.
    expect(lengths(mastered)).toEqual([expect.closeTo(50, 9), expect.closeTo(37.69, 9), null]);
  });

  test('with Z set on the gauge the numbers are of the new zero', () => {
    const set: Entry = { kind: 'zeroing', setupId, body: presetDone(REFERENCE, 'z', 10, 'z-2') };
    const after = bookOf(shop('reference-tool'), [touch(REFERENCE, -40), set, touch(SECOND, -2.31, { epoch: 'z-2' })]);
    expect(lengths(after)).toEqual([0, expect.closeTo(-12.31, 9), null]);
    expect(tableAnswer(after).workOffset).toBeCloseTo(0, 9);
  });
});

describe('lengths kept for the machine', () => {
  const kept = (length: number, refittedAt?: string): SetupState =>
    bookOf({
      ...measured('reference-tool', touch({ kind: 'tool-length', tool: 3 }, -35.8)),
      toolTable: {
        id: 'knee',
        school: 'reference-tool',
        rows: [2, 3].map((number) => ({
          number,
          name: '',
          length: number === 2 ? length : 4.2,
          keptAt: '2026-11-20T09:00:00.000Z',
          ...(refittedAt && { refittedAt }),
        })),
      },
    });

  test('agree with what is measured again, or the slip is named', () => {
    expect(tableAnswer(kept(-12.3)).findings).toEqual([]);
    expect(tableAnswer(kept(12.31)).findings).toMatchObject([{ kind: 'one-off', tools: [2], slip: 'sign' }]);
    expect(tableAnswer(kept(-22.31)).findings).toMatchObject([{ kind: 'one-off', tools: [2], slip: 'gauge-once' }]);
  });

  test('of a tool that was re-clamped are compared no more, and said to be stale', () => {
    const answer = tableAnswer(kept(12.31, '2026-11-21T09:00:00.000Z'));
    expect(answer.findings).toEqual([]);
    expect(answer.rows[1]).toMatchObject({ kept: null, stale: true, changed: 'tool' });
  });
});

test('tools touched on two gauges are said not to compare', () => {
  const mixed = measured('reference-tool', touch({ kind: 'tool-length', tool: 3 }, -30, { gaugeId: 'spring' }));
  expect(tableAnswer(mixed).findings).toMatchObject([{ kind: 'two-gauges', tools: [3] }]);
});

test('the gauge on another surface, a search in steps and an air cut go into Z', () => {
  const heights = (change: object): SetupState => {
    const base = measured('reference-tool');
    return bookOf({ ...base, datumPlan: { ...base.datumPlan, heights: { surface: 0, lift: 0, ...change } } });
  };
  expect(zZeroAnswer(heights({}))?.result.setZ).toBe(10);
  expect(zZeroAnswer(heights({ surface: -9.5 }))?.result.setZ).toBe(0.5);
  expect(zZeroAnswer(heights({ lift: 5 }))?.result.setZ).toBe(5);
  const stepped = zZeroAnswer(heights({ step: 0.1 }))?.result.uncertainty.parts;
  expect(stepped).toContainEqual({ name: 'step of the search', u: 0.1 / Math.sqrt(12), shape: 'uniform' });
});

describe('the closing check', () => {
  test('asks for the reference again once others were touched, and tells whether it came back', () => {
    expect(closingCheck(bookOf(shop('reference-tool'), [touch(REFERENCE, -40)]))).toBeUndefined();
    expect(closingCheck(measured('reference-tool'))).toMatchObject({ expected: -40, shown: null, agrees: null });
    expect(closingCheck(measured('reference-tool', touch(REFERENCE, -40.01)))).toMatchObject({ agrees: true });
    expect(closingCheck(measured('reference-tool', touch(REFERENCE, -40.2)))).toMatchObject({
      shown: expect.closeTo(-40.2, 9),
      agrees: false,
    });
  });
});

test('a probe puts nothing under itself, a corner plate what it adds on Z', () => {
  const withGauge = (gauge: SetupState['gauges'][number], ...calibrations: SetupState['calibrations']): SetupState => {
    const base = shop('reference-tool');
    return bookOf(
      { ...base, gauges: [...base.gauges, gauge], calibrations, setup: { ...base.setup, heightGaugeId: gauge.id } },
      [touch(REFERENCE, -40, { gaugeId: gauge.id })],
    );
  };
  expect(zZeroAnswer(withGauge({ id: 'probe', name: 'Probe', kind: 'probe', nominal: 4 }))?.result.setZ).toBe(0);
  const plate = {
    id: 'plate',
    name: 'Plate',
    kind: 'touch-plate' as const,
    nominal: 9,
  };
  const at = '2026-11-01T09:00:00.000Z';
  const measured: SetupState['calibrations'][number] = {
    id: 'plate-offsets',
    of: { kind: 'gauge', gaugeId: 'plate' },
    found: { what: 'offsets', x: 10, y: 10, z: 9.02 },
    from: at,
    at,
    seq: 1,
    receivedAt: at,
  };
  expect(zZeroAnswer(withGauge(plate))?.result.setZ).toBe(9);
  expect(zZeroAnswer(withGauge(plate, measured))?.result.setZ).toBe(9.02);
});

test('the reference touched by another gauge afterwards is no closing check', () => {
  const other = touch(REFERENCE, -37, { gaugeId: 'spring' });
  expect(closingCheck(measured('reference-tool', other))).toMatchObject({ shown: null, agrees: null });
  expect(closingCheck(measured('reference-tool', touch(REFERENCE, -37)))).toMatchObject({ shown: -37, agrees: false });
});
