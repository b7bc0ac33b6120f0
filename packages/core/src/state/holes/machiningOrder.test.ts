import type { Cutter } from '../../records/shop/cutter';
import type { CutPlan } from '../../records/setup/cutPlan';
import type { Pattern } from '../../records/setup/pattern';
import { Refusal } from '../../problem/problem';
import { deriveState, type SetupState } from '../basis/setupState';
import { driveStops } from './driveStops';
import { cutOf, depthOfStop, machiningOf, programSections, toolOfStop } from './machiningOrder';
import { neededTools } from './neededTools';
import { plateSnapshot, withTools } from '../basis/snapshot.case';

const CUTTERS: (Cutter & { number: number })[] = [
  { id: 'spot', number: 3, name: 'Spot drill 6', diameter: 6, kind: 'spot-drill' },
  { id: 'd25', number: 4, name: 'Drill 2.5', diameter: 2.5, kind: 'drill' },
  { id: 'd29', number: 6, name: 'Drill 2.9', diameter: 2.9, kind: 'drill' },
  { id: 'd42', number: 2, name: 'Drill 4.2', diameter: 4.2, kind: 'drill' },
  { id: 'r3', number: 7, name: 'Reamer 3', diameter: 3, kind: 'reamer', lead: 1.2 },
  { id: 'm3', number: 8, name: 'Tap M3', diameter: 3, kind: 'tap', pitch: 0.5, lead: 1.5 },
  { id: 'm3fine', number: 9, name: 'Tap M3 × 0.35', diameter: 3, kind: 'tap', pitch: 0.35 },
];

const holes = (change: Partial<Pattern>): Pattern =>
  ({
    id: 'p',
    name: 'Pivots',
    kind: 'points',
    points: [
      { x: 10, y: 20 },
      { x: 30, y: 20 },
    ],
    holeDiameter: 4.2,
    through: true,
    ...change,
  }) as Pattern;

const FORM: NonNullable<CutPlan['program']> = {
  distance: 'absolute',
  workOffset: 'G54',
  clear: 25,
  feedFrom: 2,
  breakThrough: 0.5,
  cuts: [],
};

const bookOf = (patterns: Pattern[], program: Partial<typeof FORM> = {}, part = {}): SetupState =>
  deriveState({
    ...plateSnapshot,
    ...withTools(CUTTERS),
    patterns,
    part: { ...plateSnapshot.part, ...part },
    cutPlan: { bores: [], program: { ...FORM, ...program } },
  });

const stopsOf = (book: SetupState, ids = book.patterns.map(({ id }) => id)) =>
  driveStops(book, { way: 'as-numbered', grouping: 'step', patterns: ids });

const toolsOf = (book: SetupState): [string, number | undefined][] =>
  machiningOf(book, stopsOf(book)).map(({ step, tool }) => [step, tool?.number]);

const refused = (work: () => unknown): Refusal => {
  try {
    work();
  } catch (error) {
    if (error instanceof Refusal) return error;
    throw error;
  }
  throw new Error('it was not refused');
};

describe('the tool of a step', () => {
  test('before a reamer the drill is smaller, and the reamer of the hole’s size', () => {
    expect(toolsOf(bookOf([holes({ holeDiameter: 3, steps: ['spot', 'drill', 'ream'] })]))).toEqual([
      ['spot', 3],
      ['drill', 6],
      ['ream', 7],
    ]);
  });

  test('a tap is found by its size and pitch, coarse where nobody said, its drill by both', () => {
    const tapped = (pitch?: number) =>
      toolsOf(bookOf([holes({ holeDiameter: 3, steps: ['drill', 'tap'], ...(pitch !== undefined && { pitch }) })]));
    expect(tapped()).toEqual([
      ['drill', 4],
      ['tap', 8],
    ]);
    expect(tapped(0.35)).toEqual([
      ['drill', undefined],
      ['tap', 9],
    ]);
  });

  test('two sizes are two tools, and a drill that serves both is one', () => {
    const plain = holes({ id: 'a', holeDiameter: 2.5 });
    const tapped = holes({ id: 'b', holeDiameter: 3, steps: ['drill', 'tap'] });
    expect(toolsOf(bookOf([plain, tapped]))).toEqual([
      ['drill', 4],
      ['tap', 8],
    ]);
    expect(toolsOf(bookOf([plain, holes({ id: 'c' })]))).toEqual([
      ['drill', 4],
      ['drill', 2],
    ]);
    expect(stopsOf(bookOf([plain, tapped])).filter(({ changeTool }) => changeTool)).toHaveLength(2);
  });

  test('the table is asked for every tool the holes call for', () => {
    expect(neededTools(bookOf([holes({ holeDiameter: 3, steps: ['spot', 'drill', 'ream'] })]))).toEqual([3, 6, 7]);
  });

  test('a size the shop has not is said, with the size', () => {
    const book = bookOf([holes({ holeDiameter: 5, steps: ['drill', 'ream'] })], {
      under: { what: 'free', room: 10 },
    });
    const [drill] = programSections(book, machiningOf(book, stopsOf(book)));
    expect(drill?.tool).toMatchObject({ number: undefined, name: 'a tool of 4.900 mm' });
  });
});

describe('how deep', () => {
  const depth = (book: SetupState) => stopsOf(book).map((stop) => depthOfStop(book, stop).tip);

  test('through: thickness, point, break-through', () => {
    expect(depth(bookOf([holes({})]))[0]).toBeCloseTo(9.5 + 1.2618 + 0.5, 4);
    expect(depth(bookOf([holes({})], { breakThrough: 1 }))[0]).toBeCloseTo(9.5 + 1.2618 + 1, 4);
  });

  test('a depth of the part’s thickness goes through; less is blind, with its point', () => {
    expect(depth(bookOf([holes({ through: false, depth: 9.5 })]))[0]).toBeCloseTo(11.2618, 4);
    expect(depth(bookOf([holes({ through: false, depth: 5 })]))[0]).toBeCloseTo(6.2618, 4);
  });

  test('the point before a reamer is the smaller drill’s, the reamer’s its lead', () => {
    const [spot, , drill, , ream] = depth(bookOf([holes({ holeDiameter: 3, steps: ['spot', 'drill', 'ream'] })]));
    expect(spot).toBeCloseTo(1.65, 9);
    expect(drill).toBeCloseTo(9.5 + 0.8713 + 0.5, 3);
    expect(ream).toBeCloseTo(9.5 + 1.2 + 0.5, 9);
  });

  test('a blind hole is drilled deep enough that reamer and tap never meet its bottom', () => {
    const reamed = bookOf([holes({ holeDiameter: 3, steps: ['drill', 'ream'], through: false, depth: 5 })]);
    const [drill, , ream] = stopsOf(reamed).map((stop) => depthOfStop(reamed, stop));
    // Reamed to 5 at full size, its end 1.2 lower; drilled at full diameter half a millimetre beyond that.
    expect(ream?.tip).toBeCloseTo(6.2, 9);
    expect((drill?.tip ?? 0) - (drill?.point ?? 0)).toBeCloseTo(6.7, 9);
  });

  test('the point of a blind hole that comes out underneath is told, and asked room for', () => {
    const book = bookOf([holes({ through: false, depth: 9 })]);
    const [drill] = stopsOf(book).map((stop) => depthOfStop(book, stop));
    expect(drill?.below).toBeCloseTo(9 + 1.2618 - 9.5, 4);
    expect(refused(() => programSections(book, machiningOf(book, stopsOf(book)))).code).toBe('under-unknown');
  });

  test('what nobody said is asked for by its field', () => {
    const none = bookOf([holes({ through: false })]);
    expect(refused(() => depth(none))).toMatchObject({ field: 'depth', code: 'no-depth' });
    const untold = bookOf([holes({})], {}, { untold: ['z'] });
    expect(refused(() => depth(untold))).toMatchObject({ code: 'no-thickness' });
  });
});

describe('what lies under the part', () => {
  const write = (program: Partial<typeof FORM>, change: Partial<Pattern> = {}) => {
    const book = bookOf([holes(change)], program);
    return programSections(book, machiningOf(book, stopsOf(book)));
  };

  test('is asked before anything is drilled through', () => {
    expect(refused(() => write({}))).toMatchObject({ field: 'under', code: 'under-unknown' });
    expect(write({}, { through: false, depth: 5 })).toHaveLength(1);
  });

  test('must leave room for the point and the break-through, and a little to spare over metal', () => {
    expect(refused(() => write({ under: { what: 'solid', room: 0 } })).message).toMatch(/comes out 1\.762 mm under/);
    expect(refused(() => write({ under: { what: 'free', room: 1.8 } })).code).toBe('no-room');
    expect(write({ under: { what: 'free', room: 2 } })).toHaveLength(1);
    expect(write({ under: { what: 'board', room: 1.8 } })).toHaveLength(1);
  });
});

test('speed and feed are those said for the step and tool, else what to start from within the limits', () => {
  const book = bookOf([holes({})], { cuts: [{ step: 'drill', tool: 2, rpm: 900, feed: 40 }] });
  const [drill] = machiningOf(book, stopsOf(book));
  expect(drill && cutOf(book, drill)).toEqual({ rpm: 900, feed: 40 });
  const limited = { ...bookOf([holes({})]), machine: { ...book.machine, limits: { mostRpm: 1000 } } };
  expect(drill && cutOf(limited, drill).rpm).toBe(1000);
});

test('a stop without a tool of its size has none', () => {
  const book = bookOf([holes({ holeDiameter: 7 })]);
  expect(stopsOf(book).map((stop) => toolOfStop(book, stop))).toEqual([undefined, undefined]);
});
