import { AFTER, happened, keeping, measured, set, touch, TOUCHED, tools } from '../zAndTools/lengths.case';
import { bookOf, plateSnapshot, withTools } from '../basis/snapshot.case';
import { toolDepth } from './toolDepth';

const setWith = (tool: number, value: number, id: string) => {
  const entry = set('z', value);
  return entry.kind === 'zeroing'
    ? {
        ...entry,
        body: {
          ...entry.body,
          id,
          subject: tool === 1 ? { kind: 'z-zero' as const, tool } : { kind: 'tool-length' as const, tool },
        },
      }
    : entry;
};

const Z_SET = setWith(1, 10, 'z by 1');

describe('what Z shows with the tool in the spindle, on a manual mill', () => {
  test('Z set with tool 1, tool 2 is 12.310 shorter: the depth of 6 mm is at −18.310', () => {
    const depth = toolDepth(measured(Z_SET), 2, 6);
    expect(depth).toMatchObject({ kind: 'shown', setter: 1, byControl: false });
    if (depth.kind !== 'shown') throw new Error('no figure');
    expect(depth.start).toBeCloseTo(-12.31, 9);
    expect(depth.deepest).toBeCloseTo(-18.31, 9);
    expect(depth.shift).toBeCloseTo(-12.31, 9);
    // Of Z and of the length together: wider than either.
    expect(depth.U).toBeGreaterThan(0.01);
  });

  test('the tool that set Z has nothing added', () => {
    expect(toolDepth(measured(Z_SET), 1, 6)).toMatchObject({ kind: 'shown', start: 0, deepest: -6, shift: 0 });
  });

  test('Z set again with tool 2: tool 1 shows 12.310 more', () => {
    const depth = toolDepth(measured(Z_SET, setWith(2, 10, 'z by 2')), 1, 6);
    expect(depth.kind === 'shown' && depth.deepest).toBeCloseTo(6.31, 9);
  });

  test('a tool without a length has no figure', () => {
    expect(toolDepth(keeping({}, Z_SET), 3, 6)).toEqual({ kind: 'touch-off', tool: 3, setter: 1 });
  });

  test('a length kept for the machine gives one, with its own ±', () => {
    const depth = toolDepth(keeping({ U: 0.02 }, touch({ kind: 'z-zero', tool: 1 }, -40, 't1'), Z_SET), 2, 6);
    expect(depth.kind === 'shown' && depth.deepest).toBeCloseTo(-18.3, 9);
  });

  test('ground since it was touched: no figure', () => {
    expect(toolDepth(measured(Z_SET, happened('t2', AFTER)), 2, 6)).toMatchObject({ kind: 'touch-off', tool: 2 });
  });

  test('Z set with a tool that was ground since: no figure for any tool', () => {
    expect(toolDepth(measured(Z_SET, happened('t1', AFTER)), 2, 6)).toMatchObject({ kind: 'touch-off', tool: 2 });
  });

  test('Z never set: no figure', () => {
    expect(toolDepth(measured(), 2, 6)).toEqual({ kind: 'not-set' });
  });
});

test('touched off at every change: Z counts for the tool that set it alone', () => {
  const book = measured(Z_SET);
  const again = {
    ...book,
    machine: { ...book.machine, habits: { ...book.machine.habits, toolLengthSchool: 'touch-every-change' as const } },
  };
  expect(toolDepth(again, 1, 6)).toMatchObject({ kind: 'shown', deepest: -6 });
  expect(toolDepth(again, 2, 6)).toEqual({ kind: 'touch-off', tool: 2, setter: 1 });
  // Set at the spot with tool 2, to what it was set to with tool 1: two touches more in its ±.
  const changed = measured(Z_SET, setWith(2, 10, 'z by 2'));
  const { machine } = changed;
  const two = {
    ...changed,
    machine: { ...machine, habits: { ...machine.habits, toolLengthSchool: 'touch-every-change' as const } },
  };
  const [before, after] = [toolDepth(again, 1, 6), toolDepth(two, 2, 6)];
  expect(after).toMatchObject({ kind: 'shown', setter: 2, shift: 0, deepest: -6 });
  expect(after.kind === 'shown' && before.kind === 'shown' && (after.U ?? 0) > (before.U ?? 0)).toBe(true);
  expect(toolDepth(two, 1, 6)).toEqual({ kind: 'touch-off', tool: 1, setter: 2 });
});

test('Z found by a probe whose length nobody knows is no cutter’s', () => {
  const probe = { id: 'probe', name: 'Probe 4', kind: 'probe' as const, nominal: 4 };
  const by = (probeLonger?: number) => {
    const { datumPlan } = plateSnapshot;
    const heights = {
      surface: 0,
      lift: 0,
      sits: 'spindle' as const,
      ...(probeLonger !== undefined && { probeLonger }),
    };
    return bookOf(
      {
        ...plateSnapshot,
        ...withTools(tools),
        gauges: [...plateSnapshot.gauges, probe],
        setup: { ...plateSnapshot.setup, heightGaugeId: 'probe' },
        datumPlan: { ...datumPlan, heights },
      },
      [touch({ kind: 'z-zero', tool: 1 }, -40, 't1', TOUCHED, 'probe'), Z_SET],
    );
  };
  expect(toolDepth(by(), 1, 6)).toEqual({ kind: 'by-probe', tool: 1 });
  expect(toolDepth(by(12.5), 1, 6)).toMatchObject({ kind: 'shown', deepest: -6 });
});

test('a control with a table adds the length itself', () => {
  const book = measured(Z_SET);
  const control = { ...book, machine: { ...book.machine, kind: 'machining-centre' as const } };
  expect(toolDepth(control, 2, 6)).toMatchObject({ kind: 'shown', deepest: -6, shift: 0, byControl: true });
});
