import type { Part } from '../../records/shop/part';
import { withEntries } from '../../records/kinds/merge';
import type { Snapshot } from '../../records/snapshots/snapshot';
import { recheckShiftText, recheckSentence, recheckRefusal } from '../../messages/verify/recheck';
import { recheckTargets, wallSide } from './recheckTargets';
import { deriveState, type SetupState } from '../basis/setupState';
import { plateSnapshot, presetDone, caseReading, rowOf, settingBody } from '../basis/snapshot.case';

const NOW = '2026-11-26T12:00:00.000Z';

type Shape = NonNullable<Part['shapes']>[number];
const BORE: Shape = { kind: 'bore', id: 'bearing', name: 'bearing bore', at: { x: 62, y: 58 }, diameter: 26 };
const BOSS: Shape = { ...BORE, kind: 'boss', id: 'hub', name: 'hub' };

const withShapes = (...shapes: Shape[]): Snapshot => ({
  ...plateSnapshot,
  part: { ...plateSnapshot.part, shapes },
});

const SET = [
  rowOf('zeroing', settingBody({ opens: 'x-set' })),
  rowOf('zeroing', settingBody({ id: 'y-set', axis: 'y', opens: 'y-set' })),
];

const thingOf = (book: SetupState, key: string) => {
  const thing = recheckTargets(book, NOW).find((one) => one.key === key);
  if (!thing) throw new Error(`no ${key}`);
  return thing;
};

const wall = (
  value: number,
  approach: 1 | -1,
  of = 'bearing',
  change: Partial<Parameters<typeof caseReading>[2]> = {},
) =>
  rowOf(
    'reading',
    caseReading({ kind: 'return-round', after: 'x-set', of }, value, {
      axis: 'x',
      approach,
      gaugeId: 'spring',
      epoch: 'x-set',
      ...change,
    }),
  );

describe('a bore', () => {
  const set = withEntries(withShapes(BORE, BOSS), SET);

  test('should show half the finder before each wall, from inside', () => {
    const { touches } = thingOf(deriveState(set), 'round bearing');
    expect(touches.map(({ axis, approach, expected }) => [axis, approach, expected.reading])).toEqual([
      ['x', -1, 54],
      ['x', 1, 70],
      ['y', -1, 50],
      ['y', 1, 66],
    ]);
  });

  test('and a boss from outside, the left wall going right', () => {
    const book = deriveState(set);
    const { touches } = thingOf(book, 'round hub');
    expect(touches.slice(0, 2).map(({ approach, expected }) => [approach, expected.reading])).toEqual([
      [-1, 80],
      [1, 44],
    ]);
    expect(wallSide(book, 'hub', { axis: 'x', approach: 1 })).toBe('left');
    expect(wallSide(book, 'bearing', { axis: 'x', approach: 1 })).toBe('right');
    expect(wallSide(book, 'bearing', { axis: 'y', approach: -1 })).toBe('front');
  });

  test('one wall tells nothing yet; two tell how far its middle is off, whatever its diameter', () => {
    const one = deriveState(withEntries(set, [wall(54.03, -1)]));
    expect(thingOf(one, 'round bearing').shifts).toEqual([]);
    // 0.04 wider than drawn, and 0.011 to the right.
    const both = deriveState(withEntries(set, [wall(53.991, -1), wall(70.031, 1)]));
    const thing = thingOf(both, 'round bearing');
    expect(thing.shifts).toHaveLength(1);
    expect(thing.shifts[0]?.off).toBeCloseTo(0.011, 9);
    expect(thing.shifts[0]?.stands).toBe(true);
    expect(thing.touches.map(({ times }) => times)).toEqual([1, 1, 0, 0]);
  });

  test('more than the job allows a quarter of, and than both touches leave open: the zero does not stand', () => {
    const book = deriveState(withEntries(set, [wall(54.2, -1), wall(70.2, 1)]));
    const thing = thingOf(book, 'round bearing');
    const [shift] = thing.shifts;
    expect(shift?.stands).toBe(false);
    expect(shift && recheckShiftText(book, thing, shift)).toMatch(
      /^✗ Bearing bore in X: \+0\.200 mm ±0\.\d+ mm from where it was\. Set X again, or find what moved\.$/,
    );
  });

  test('touches of another zero do not count', () => {
    const book = deriveState(withEntries(set, [wall(54.2, -1, 'bearing', { epoch: 'first' }), wall(70.2, 1)]));
    expect(thingOf(book, 'round bearing').shifts).toEqual([]);
  });

  test('into a bore that is narrower than the finder nothing goes', () => {
    const narrow = deriveState(withEntries(withShapes({ ...BORE, diameter: 9 }), SET));
    expect(thingOf(narrow, 'round bearing').touches).toEqual([]);
  });

  test('holes that are only drawn are not asked for: they may not be made yet', () => {
    const holes = [{ x: 10, y: 10, diameter: 4.2 }];
    const drawn = withEntries({ ...plateSnapshot, part: { ...plateSnapshot.part, holes } } as Snapshot, SET);
    expect(recheckTargets(deriveState(drawn), NOW).map(({ key }) => key)).toEqual([
      'face left',
      'face right',
      'face front',
      'face back',
      'z',
    ]);
  });
});

describe('Z', () => {
  const touched = withEntries(plateSnapshot, [rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, 37.42))]);
  const preset = (value: number, change = {}) =>
    rowOf('zeroing', presetDone({ kind: 'z-zero', tool: 1 }, 'z', value, 'z-set', { id: 'z-set', ...change }));
  const again = (value: number, epoch = 'z-set') =>
    rowOf('reading', caseReading({ kind: 'return-z', after: 'z-set', tool: 1 }, value, { epoch }));

  test('set on the gauge, it should show the gauge again', () => {
    const book = deriveState(withEntries(touched, [preset(10)]));
    const thing = thingOf(book, 'z');
    const [touch] = thing.touches;
    expect(touch).toMatchObject({
      axis: 'z',
      approach: 1,
      expected: { reading: 10 },
      use: { gaugeId: 'block', tool: 1 },
    });
    expect(touch && recheckSentence(book, thing, touch)).toMatch(
      /^Raise tool 1 past the same gauge block again, until it just slides under: Z should show 10\.000 mm ±/,
    );
  });

  test('what it showed since does not change what it should show', () => {
    const since = rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, 10.3, { epoch: 'z-set' }));
    const book = deriveState(withEntries(touched, [preset(10), since]));
    expect(thingOf(book, 'z').touches[0]?.expected.reading).toBe(10);
  });

  test('set again with another tool, the first tells nothing of it: said, and not asked for', () => {
    const other = presetDone({ kind: 'tool-length', tool: 5 }, 'z', 12.4, 'z-other', { id: 'z-other', began: 'z-set' });
    const book = deriveState(withEntries(touched, [preset(10), rowOf('zeroing', other)]));
    const thing = thingOf(book, 'z');
    expect(thing.touches).toEqual([]);
    expect(recheckRefusal(book, thing, true)).toMatch(/^Z was set with tool 5 since\. Touch tool 5/);
  });

  test('lifted for a pass in the air, it should show that much less', () => {
    const datumPlan = { ...touched.datumPlan, heights: { surface: 0, lift: 5 } };
    const book = deriveState(withEntries({ ...touched, datumPlan }, [preset(5, { lift: 5 })]));
    expect(thingOf(book, 'z').touches[0]?.expected.reading).toBe(5);
  });

  test('a lift that is only asked for has moved nothing yet, nor has one that is to be put back', () => {
    const moved = (asked: number, set: number) => {
      const datumPlan = { ...touched.datumPlan, heights: { surface: 0, lift: asked } };
      const entry = preset(0, { form: 'move', lift: set });
      return thingOf(deriveState(withEntries({ ...touched, datumPlan }, [entry])), 'z').touches[0]?.expected.reading;
    };
    expect(moved(5, 0)).toBe(10);
    expect(moved(0, 5)).toBe(5);
    expect(moved(5, 5)).toBe(5);
  });

  test('kept as a work offset, the scale is the same and shows what it showed', () => {
    const entry = preset(27.42, { form: 'work-offset' });
    const { opens: _, ...body } = entry.body as { opens?: string };
    const book = deriveState(withEntries(touched, [{ ...entry, body } as typeof entry]));
    expect(thingOf(book, 'z').touches[0]?.expected.reading).toBeCloseTo(37.42, 9);
  });

  test('a little higher than it was stands; a paper’s thickness does not', () => {
    const shiftOf = (value: number) => {
      const book = deriveState(withEntries(touched, [preset(10), again(value)]));
      return thingOf(book, 'z').shifts[0];
    };
    expect(shiftOf(10.008)?.off).toBeCloseTo(0.008, 9);
    expect(shiftOf(10.008)?.stands).toBe(true);
    expect(shiftOf(10.11)?.stands).toBe(false);
  });

  test('the size of the gauge is in neither: it is the same gauge', () => {
    const unsure = {
      ...touched,
      calibrations: [
        ...touched.calibrations,
        {
          id: 'block-size',
          of: { kind: 'gauge' as const, gaugeId: 'block' },
          found: { what: 'size' as const, value: 10, U: 0.5 },
          from: '2026-01-01T00:00:00.000Z',
          at: '2026-01-01T00:00:00.000Z',
          seq: 2,
          receivedAt: '2026-01-01T00:00:00.000Z',
        },
      ],
    };
    const book = deriveState(withEntries(unsure, [preset(10)]));
    expect(thingOf(book, 'z').touches[0]?.expected.U).toBeLessThan(0.1);
  });

  test('not touched, or not set, there is nothing to hold it against', () => {
    expect(thingOf(deriveState(plateSnapshot), 'z').touches).toEqual([]);
    expect(thingOf(deriveState(touched), 'z').touches).toEqual([]);
  });
});
