import type { CutPlan } from '../../records/setup/cutPlan';
import type { NewCheck } from '../../records/log/checklistTick';
import type { Pattern } from '../../records/setup/pattern';
import { bookOf, plateSnapshot, presetDone, caseReading } from '../basis/snapshot.case';
import type { SetupState } from '../basis/setupState';
import { dialAxis, driveStops, orderedHoles, PLAIN_ORDER, zeroApproach } from './driveStops';
import { doneSteps, holeItem, patternHoles, patternsInHand } from './holes';

const ring: Pattern = {
  id: 'ring',
  name: 'Ring',
  kind: 'bolt-circle',
  holeDiameter: 4.2,
  steps: ['drill', 'spot'],
  circle: { centre: { x: 62, y: 58 }, diameter: 48, holes: 3, firstAngle: 0, direction: 'counter-clockwise' },
};

const spots: Pattern = {
  id: 'spots',
  name: 'Spots',
  kind: 'points',
  holeDiameter: 3,
  depth: 9.5,
  points: [
    { x: 10, y: 20 },
    { x: 30, y: 40, diameter: 4.2, depth: 5, note: 'shallow' },
  ],
};

const shop = bookOf({ ...plateSnapshot, patterns: [ring, spots] });
const with_ = (change: Partial<CutPlan>): SetupState => bookOf({ ...shop, cutPlan: { ...shop.cutPlan, ...change } });
const told = (stops: readonly { step: string; pattern: Pattern; hole: number }[]) =>
  stops.map(({ step, pattern, hole }) => `${step} ${pattern.id} ${hole}`);

describe('holes of a setup', () => {
  test('carry size, depth and note, their own before the pattern’s', () => {
    expect(patternHoles(shop, spots)).toMatchObject([
      { x: 10, y: 20, diameter: 3, depth: 9.5, note: undefined, steps: ['drill'] },
      { x: 30, y: 40, diameter: 4.2, depth: 5, note: 'shallow' },
    ]);
  });

  test('of a local datum are counted from it; one that is gone counts as part zero', () => {
    const local = [{ id: 'bore', name: 'Bore', at: { x: 62, y: 58 } }];
    const onBore = bookOf({ ...shop, datumPlan: { ...shop.datumPlan, local } });
    expect(patternHoles(onBore, { ...spots, datum: 'bore' })[0]).toMatchObject({ x: 72, y: 78 });
    expect(patternHoles(shop, { ...spots, datum: 'bore' })[0]).toMatchObject({ x: 10, y: 20 });
  });

  test('laid aside are not in hand', () => {
    expect(patternsInHand({ patterns: [{ ...ring, laidAside: true }, spots] })).toEqual([spots]);
  });
});

describe('the drive', () => {
  test('step by step, size by size, each in the order done; the tool is changed before each', () => {
    const stops = driveStops(shop, { ...PLAIN_ORDER, patterns: ['spots', 'ring'] });
    expect(told(stops)).toEqual([
      'spot ring 1',
      'spot ring 2',
      'spot ring 3',
      'drill spots 1',
      'drill spots 2',
      'drill ring 1',
      'drill ring 2',
      'drill ring 3',
    ]);
    expect(stops.map(({ changeTool }) => changeTool)).toEqual([true, false, false, true, true, false, false, false]);
  });

  test('or everything at one hole before the next', () => {
    expect(told(driveStops(shop, { ...PLAIN_ORDER, grouping: 'hole' }, 'ring')).slice(0, 4)).toEqual([
      'spot ring 1',
      'drill ring 1',
      'spot ring 2',
      'drill ring 2',
    ]);
  });

  test('in the order found or fixed; holes it does not know come behind', () => {
    const holes = patternHoles(shop, ring);
    const order = { ...PLAIN_ORDER, way: 'by-hand' as const, patterns: ['ring'], sequence: [[0, 3], [0, 1], [0, 9]] as [number, number][] }; // prettier-ignore
    expect(orderedHoles(holes, order).map(({ hole }) => hole)).toEqual([3, 1, 2]);
    expect(orderedHoles(holes, { ...order, way: 'as-numbered' }).map(({ hole }) => hole)).toEqual([1, 2, 3]);
  });

  test('what is done is in the log, and can be taken back', () => {
    const [first] = driveStops(shop, PLAIN_ORDER, 'ring');
    if (!first) throw new Error('the ring has holes');
    const check = (id: string, action: NewCheck['action']): NewCheck => ({ id, item: first.item, text: 'Spot', action, reason: '', at: '2026-11-25T09:00:00.000Z' }); // prettier-ignore
    const ticked = bookOf(shop, [{ kind: 'check', setupId: shop.setup.id, body: check('a', 'tick') }]);
    expect(driveStops(ticked, PLAIN_ORDER, 'ring').map(({ done }) => done)).toEqual([
      true,
      false,
      false,
      false,
      false,
      false,
    ]);
    const back = bookOf(ticked, [{ kind: 'check', setupId: shop.setup.id, body: check('b', 'clear') }]);
    expect(doneSteps(back).size).toBe(0);
  });

  test('the name of a step fits the log whatever the pattern is called, and no two are the same', () => {
    const long = { ...ring, id: '019f9dc1-7b1e-7c3a-9d55-0123456789ab' };
    const names = [1, 10_000].flatMap((hole) =>
      (['spot', 'drill'] as const).map((step) => holeItem({ pattern: long, hole }, step)),
    );
    expect(new Set(names).size).toBe(4);
    for (const name of names) expect(name).toMatch(/^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/);
  });
});

describe('on dials', () => {
  const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' as const };
  const { machine } = shop;
  const onDials = (from: SetupState): SetupState =>
    bookOf({ ...from, machine: { ...machine, axes: { ...machine.axes, x: { ...machine.axes.x, dial } } } });

  test('an axis arrives as its zero was touched, until the person says otherwise', () => {
    const right = { kind: 'face', face: 'right' } as const;
    const entries = [
      { kind: 'reading' as const, setupId: shop.setup.id, body: caseReading(right, 189, { approach: -1 }) },
      { kind: 'zeroing' as const, setupId: shop.setup.id, body: presetDone(right, 'x', 189, 'x-2') },
    ];
    expect(zeroApproach(shop, 'x')).toBe(1);
    expect(zeroApproach(bookOf(shop, entries), 'x')).toBe(-1);
    expect(dialAxis(onDials(bookOf(shop, entries)), 'x')).toMatchObject({ dial, approach: -1 });
    expect(dialAxis(onDials(with_({ approach: { x: 1, y: 1 } })), 'x')?.approach).toBe(1);
    expect(dialAxis(shop, 'x')).toBeUndefined();
  });
});
