import type { Entry } from '../../records/kinds/entry';
import type { Snapshot } from '../../records/snapshots/snapshot';
import { lengthAtChange } from '../../messages/zAndTools/lengthAtToolChange';
import { movedWords, spotMissing } from '../../messages/zAndTools/toolChange';
import { toolsInOrder, toolToGoIn } from './toolChangeOrder';
import { gaugeInSpindle } from '../gauges/gaugeInSpindle';
import { happened, set, touch, tools } from '../zAndTools/lengths.case';
import { bookOf, plateSnapshot, presetDone, caseReading, withTools } from '../basis/snapshot.case';
import { programSetting } from '../verify/programContext';
import { spotGauges } from '../gauges/spotGauge';
import { toolDepth } from './toolDepth';
import { changeU, spotMoved, touchOffPoint } from './touchOffPoint';

const setupId = plateSnapshot.setup.id;
const EVERY_CHANGE = {
  ...plateSnapshot.machine,
  habits: { ...plateSnapshot.machine.habits, toolLengthSchool: 'touch-every-change' as const },
};
const PROBE = { id: 'probe', name: 'Probe 4', kind: 'probe' as const, nominal: 4 };
const shop = (heights: object = {}): Snapshot => ({
  ...plateSnapshot,
  ...withTools([...tools, { id: 't3', number: 3, name: 'Tool 3', diameter: 12 }]),
  machine: EVERY_CHANGE,
  gauges: [...plateSnapshot.gauges, PROBE],
  datumPlan: { ...plateSnapshot.datumPlan, heights: { surface: 0, lift: 0, ...heights } },
});

/** Part zero by tool 1 on the block. */
const BY_PART = [touch({ kind: 'z-zero', tool: 1 }, -40, 't1'), set('z', 10)];

/** A tool on the spot; without one the probe. */
const spot = (tool: number | undefined, value: number, epoch: string, gaugeId = 'block'): Entry => ({
  kind: 'reading',
  setupId,
  body: caseReading({ kind: 'tool-spot', ...(tool !== undefined && { tool }) }, value, {
    axis: 'z',
    gaugeId,
    epoch,
    takenAt: '2026-03-02T09:10:00.000Z',
  }),
});
const setAt = (tool: number, value: number, opens: string): Entry => ({
  kind: 'zeroing',
  setupId,
  body: { ...presetDone({ kind: 'tool-spot', tool }, 'z', value, opens), id: opens },
});

const never = (): never => {
  throw new Error('not there');
};

const done = (...entries: Entry[]) => bookOf(shop(), [...BY_PART, ...entries]);

describe('the spot where tools are touched off', () => {
  test('tool 1, which set Z, shows +23.410 there: every later tool sets Z to +23.410, whatever it showed itself', () => {
    const book = done(spot(1, 23.41, 'z set'), spot(2, -8.5, 'z set'));
    expect(touchOffPoint(book)).toMatchObject({ setter: 1, touches: 0, kept: { figure: 23.41, by: 1, touches: 1 } });
    const changed = done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2'));
    expect(touchOffPoint(changed)).toMatchObject({ setter: 2, touches: 2, kept: { figure: 23.41, by: 1 } });
  });

  test('the figure kept serves every tool: two touches, however many changes', () => {
    const twice = done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2'), setAt(3, 23.41, 'by 3'));
    expect(touchOffPoint(twice)).toMatchObject({ setter: 3, touches: 2 });
    expect(changeU(twice)).toBeCloseTo(changeU(done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2'))), 9);
  });

  test('touched again by the old tool at each change: two touches more each time', () => {
    const chain = done(
      spot(1, 23.41, 'z set'),
      setAt(2, 23.41, 'by 2'),
      spot(2, 23.42, 'by 2'),
      setAt(3, 23.42, 'by 3'),
    );
    expect(touchOffPoint(chain)).toMatchObject({ setter: 3, touches: 4, kept: { figure: 23.42, by: 2, touches: 3 } });
    const short = done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2'));
    expect(changeU(chain) / changeU(short)).toBeCloseTo(Math.SQRT2, 1);
  });

  test('readings are of the figure only where the tool that set Z made them, on its zero; struck ones are not', () => {
    expect(touchOffPoint(done(spot(2, -8.5, 'z set'))).kept).toBeUndefined();
    expect(touchOffPoint(done(spot(1, 23.41, 'first'))).kept).toBeUndefined();
    expect(touchOffPoint(done(spot(1, 23.4, 'z set'), spot(1, 23.42, 'z set'))).kept?.figure).toBeCloseTo(23.41, 9);
  });

  test('Z set again from the part: the figure of before is void, and that is said', () => {
    const again = done(spot(1, 23.41, 'z set'), {
      kind: 'zeroing',
      setupId,
      body: { ...presetDone({ kind: 'z-zero', tool: 1 }, 'z', 10, 'again'), id: 'again' },
    });
    expect(touchOffPoint(again)).toMatchObject({ kept: undefined, beforeNewZero: true });
    expect(spotMissing(again)).toBe('Z was set again since the spot was touched. Touch it again with T1.');
  });

  test('Z lost, or never set: nothing is kept', () => {
    expect(touchOffPoint(bookOf(shop(), []))).toMatchObject({
      setter: undefined,
      kept: undefined,
      beforeNewZero: false,
    });
    expect(spotMissing(bookOf(shop(), []))).toMatch(/^Set Z with T1/);
  });

  test('the spot shows 0.4 more with the old tool than it did: moved, by how much', () => {
    const at = (figure: number) => done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2'), spot(2, figure, 'by 2'));
    expect(spotMoved(at(23.81))).toMatchObject({ moved: true, by: expect.closeTo(0.4, 9) });
    expect(movedWords(at(23.81))).toMatch(/\+0\.400 mm ±.*Part, spot or tool has moved/);
    expect(spotMoved(at(23.415))).toMatchObject({ moved: false });
    expect(spotMoved(done(spot(1, 23.41, 'z set')))).toBeUndefined();
    // The same tool before any change: no mean of two places.
    const again = done(spot(1, 23.41, 'z set'), spot(1, 23.81, 'z set'));
    expect(touchOffPoint(again).kept?.figure).toBe(23.81);
    expect(spotMoved(again)).toMatchObject({ moved: true, by: expect.closeTo(0.4, 9) });
  });
});

test('the shop’s own scatter of its spot takes the place of what is usual; void, it does no more', () => {
  const found = (what: object, from: string): Entry => ({
    kind: 'calibration',
    setupId: '',
    body: { id: from, of: { kind: 'spot', machineId: EVERY_CHANGE.id }, found: what, from, at: from } as never,
  });
  const good = found({ what: 'touch', value: 0.001, U: 0.001, approaches: 10 }, '2026-03-01T09:00:00.000Z');
  const crash = found({ what: 'void', why: 'crash' }, '2026-03-01T10:00:00.000Z');
  const U = (...entries: Entry[]) => touchOffPoint(done(spot(1, 23.41, 'z set'), ...entries)).kept?.U ?? NaN;
  expect(U(good)).toBeLessThan(U() / 2);
  expect(U(good, crash)).toBe(U());
});

test('another spot chosen since: the figure of the one before is none, whatever the tool', () => {
  const since = (moment: string) =>
    touchOffPoint(
      bookOf(shop({ spot: { where: 'off-part', gaugeId: 'block', since: moment } }), [
        ...BY_PART,
        spot(1, 23.41, 'z set'),
      ]),
    );
  expect(since('2026-03-02T09:00:00.000Z').kept?.figure).toBe(23.41);
  expect(since('2026-03-02T09:11:00.000Z')).toMatchObject({ kept: undefined, setter: 1, beforeNewZero: false });
});

describe('depths after a change', () => {
  const before = toolDepth(done(spot(1, 23.41, 'z set')), 1, 6);
  const changed = done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2'));

  test('nothing is added for the tool that went in, and its ± has both touches', () => {
    const after = toolDepth(changed, 2, 6);
    expect(after).toMatchObject({ kind: 'shown', setter: 2, deepest: -6, shift: 0 });
    if (after.kind !== 'shown' || before.kind !== 'shown') throw new Error('no figure');
    expect(after.U ?? 0).toBeGreaterThan(before.U ?? 0);
    expect((after.U ?? 0) ** 2 - (before.U ?? 0) ** 2).toBeCloseTo(changeU(changed) ** 2, 9);
  });

  test('the old tool, back in the spindle, has no depth until it sets Z there again', () => {
    expect(toolDepth(changed, 1, 6)).toEqual({ kind: 'touch-off', tool: 1, setter: 2 });
    expect(
      toolDepth(done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2'), setAt(1, 23.41, 'by 1')), 1, 6),
    ).toMatchObject({
      deepest: -6,
    });
  });

  test('ground since it set Z there: no depth', () => {
    const later = happened('t2', '2026-12-02T10:00:00.000Z');
    expect(toolDepth(done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2'), later), 2, 6).kind).toBe('touch-off');
  });
});

describe('the probe is one more tool at the spot', () => {
  const heights = { sits: 'spindle' as const };
  const topByProbe = [touch({ kind: 'z-zero', tool: 1 }, -40, 't1', undefined, 'probe'), set('z', 0)];
  const byProbe = (...entries: Entry[]) => bookOf(shop(heights), [...topByProbe, ...entries]);

  test('top by probe, spot by probe: no depth for a cutter until it has touched there', () => {
    const book = byProbe(spot(undefined, 12.5, 'z set', 'probe'));
    expect(touchOffPoint(book)).toMatchObject({ setter: 'probe', kept: { figure: 12.5, by: 'probe' } });
    expect(toolDepth(book, 1, 6)).toEqual({ kind: 'by-probe', tool: 1 });
    // Nor does a program's first tool run by it, the reference no more than another.
    expect(programSetting(book).zSetWith).toBe(0);
    expect(lengthAtChange(book, 1)).toEqual({
      grave: true,
      said: 'Z counts with the probe. Touch off tool 1 in Z & tools first.',
    });
  });

  test('a cycle of a control without a table set the probe’s Z; with one it has taken the probe’s length off', () => {
    const [first, ...rest] = topByProbe;
    const byCycle =
      first?.kind === 'reading'
        ? { ...first, body: { ...first.body, source: { by: 'control', text: '0', unit: 'mm' } as const } }
        : never();
    const of = (school: 'touch-every-change' | 'reference-tool') =>
      bookOf(
        {
          ...shop(heights),
          machine: { ...EVERY_CHANGE, habits: { ...EVERY_CHANGE.habits, toolLengthSchool: school } },
        },
        [byCycle, ...rest],
      );
    expect(touchOffPoint(of('touch-every-change')).setter).toBe('probe');
    expect(touchOffPoint(of('reference-tool')).setter).toBe(1);
  });

  test('a cutter on the same spot sets Z to the probe’s figure: its depths count from the top', () => {
    const book = byProbe(spot(undefined, 12.5, 'z set', 'probe'), setAt(2, 12.5, 'by 2'));
    expect(toolDepth(book, 2, 6)).toMatchObject({ kind: 'shown', deepest: -6, setter: 2 });
    expect(programSetting(book).zSetWith).toBe(2);
    expect(lengthAtChange(book, 2)).toBeUndefined();
  });

  test('the probe is in the spindle until a tool has set Z there', () => {
    const touched = spot(undefined, 12.5, 'z set', 'probe');
    expect(gaugeInSpindle(byProbe(touched))?.name).toBe('Probe 4');
    const set = setAt(2, 12.5, 'by 2');
    const later = set.kind === 'zeroing' ? { ...set, body: { ...set.body, at: '2026-03-02T09:20:00.000Z' } } : never();
    expect(gaugeInSpindle(byProbe(touched, later))).toBeUndefined();
  });

  test('a probe and a cutter meet a plate alike: not a sprung setter, nor a block that is slid under', () => {
    const setter = { id: 'setter', name: 'Setter 50', kind: 'setter' as const, nominal: 50 };
    const plate = { id: 'plate', name: 'Plate', kind: 'touch-plate' as const, nominal: 12.7 };
    const book = { ...byProbe(), gauges: [...byProbe().gauges, setter, plate] };
    const kinds = (by: 'probe' | 1) => spotGauges(book, by).map(({ kind }) => kind);
    expect(kinds('probe')).toEqual(['touch-plate']);
    expect(kinds(1)).toEqual(expect.arrayContaining(['setter', 'block', 'touch-plate']));
  });
});

describe('which tool goes in next', () => {
  test('the program checked last says, on a machine that runs one', () => {
    const check = {
      id: 'check',
      file: 'plate.nc',
      size: 10,
      lines: 3,
      checkedTo: 3,
      tools: [1, 3, 2],
      stops: 0,
      minds: 0,
      at: '2026-03-02T09:00:00.000Z',
    };
    const book = done();
    const router = {
      ...book,
      machine: { ...book.machine, kind: 'router' as const },
      programChecks: [{ ...check, seq: 1, receivedAt: check.at }],
    };
    expect(toolsInOrder(router)).toEqual([1, 3, 2]);
    expect(toolToGoIn(router)).toBe(3);
  });

  test('else the holes’ steps do, and where nothing says, another tool of the shop', () => {
    expect(toolToGoIn(done())).toBe(2);
    expect(toolToGoIn(done(spot(1, 23.41, 'z set'), setAt(2, 23.41, 'by 2')))).not.toBe(2);
  });
});
