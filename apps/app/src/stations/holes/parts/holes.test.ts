import { pattern as patternSchema } from '@zero-point/core/records/setup/pattern.schema';
import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { driveStops, PLAIN_ORDER } from '@zero-point/core/state/holes/driveStops';
import { patternHoles } from '@zero-point/core/state/holes/holes';
import { plateBook } from '@zero-point/core/state/basis/snapshot.case';
import { patternPositions } from '@zero-point/core/holes/patterns/pattern';
import { proveList } from '@zero-point/core/messages/holes/proveList';
import { asPoints, copyOf, PATTERN_KINDS, startPattern } from './patterns/startPattern';
import { moveMode } from '@zero-point/core/state/holes/driveMode';
import { dialLegs, moveModes, type MoveView } from './moves/moveModes';
import { orderFigures, orderOf, sequenceOf } from './order/orderChoices';

const dial = { perTurn: 3, lines: 120, countsUp: 'clockwise' as const };
const { machine } = plateBook;
const onDials: SetupState = {
  ...plateBook,
  machine: {
    ...machine,
    scale: 'dial',
    axes: { ...machine.axes, x: { ...machine.axes.x, dial }, y: { ...machine.axes.y, dial } },
  },
};

const row: Pattern = {
  id: 'row',
  name: 'Row',
  kind: 'row',
  holeDiameter: 3,
  row: { start: { x: 40, y: 5 }, pitch: -10, holes: 4, angle: 0 },
};

describe('a new pattern', () => {
  test.each(PATTERN_KINDS)('%s is one the server takes, on the part wherever its zero is', (kind) => {
    for (const partZero of ['front-left', 'front-right', 'back-left', 'back-right', 'centre'] as const) {
      const book = { ...plateBook, setup: { ...plateBook.setup, partZero } };
      const made = startPattern(book, kind);
      expect(patternSchema.safeParse(made).error).toBeUndefined();
      const { x, y } = book.part.size;
      const left = partZero.endsWith('right') ? -x : partZero === 'centre' ? -x / 2 : 0;
      const bottom = partZero.startsWith('back') ? -y : partZero === 'centre' ? -y / 2 : 0;
      for (const hole of patternPositions(made)) {
        expect(hole.x).toBeGreaterThan(left);
        expect(hole.x).toBeLessThan(left + x);
        expect(hole.y).toBeGreaterThan(bottom);
        expect(hole.y).toBeLessThan(bottom + y);
      }
    }
  });

  test('a copy is the same a little aside; taken apart it stays where it was', () => {
    const [first] = patternPositions(copyOf(copyOf(row, 5), 5));
    expect(first).toMatchObject({ x: 50, y: 15 });
    const moved: Pattern = { ...row, depth: 9, moved: { mirror: { axis: 'x', at: 20 } } };
    expect(patternPositions(asPoints(moved)).map(({ x }) => x)).toEqual(patternPositions(moved).map(({ x }) => x));
    expect(asPoints(moved)).toMatchObject({ depth: 9, kind: 'points' });
    expect(asPoints(moved)).not.toHaveProperty('moved');
  });
});

describe('the order', () => {
  const book: SetupState = { ...onDials, patterns: [row] };
  const holes = patternHoles(book, row);

  test('says what it takes: reversals, turns and travel', () => {
    // 40, 30, 20, 10: each but the first against the approach.
    expect(orderFigures(book, holes)).toMatchObject({ dials: { reversals: 3 } });
    expect(orderFigures(book, [...holes].reverse())).toMatchObject({ dials: { reversals: 0 } });
    expect(orderFigures({ ...plateBook, patterns: [row] }, holes).dials).toBeNull();
    expect(orderFigures(book, [...holes].reverse()).dials?.turns).toBeCloseTo((40 + 5) / 3, 1);
  });

  test('found for other patterns, it says nothing of this one', () => {
    const order = { way: 'by-hand' as const, grouping: 'hole' as const, patterns: ['other'], sequence: [[0, 1]] as [number, number][] }; // prettier-ignore
    const other = { ...book, cutPlan: { bores: [], order } };
    expect(orderOf(other, 'row')).toEqual({ way: 'as-numbered', grouping: 'hole' });
    expect(orderOf(other, 'other')).toBe(order);
    expect(sequenceOf(holes, ['other', 'row'])).toEqual([[1, 1], [1, 2], [1, 3], [1, 4]]); // prettier-ignore
  });
});

describe('driving', () => {
  const book: SetupState = { ...onDials, patterns: [row] };
  const stops = driveStops(book, PLAIN_ORDER, 'row');
  const at = (index: number, change: Partial<MoveView> = {}): MoveView => ({
    stops,
    index,
    stop: stops[index],
    from: stops[index - 1]?.target ?? { x: 0, y: 0 },
    fromWords: '',
    toGo: { x: 0, y: 0 },
    done: 0,
    standAt: () => undefined,
    taken: true,
    lastDone: undefined,
    stands: undefined,
    ...change,
  });

  test('the machine decides how it is told, until the person does', () => {
    expect(moveMode(onDials)).toBe('dials');
    expect(moveMode(plateBook)).toBe('readout');
    expect(moveMode({ ...onDials, cutPlan: { bores: [], mode: 'cnc' } })).toBe('cnc');
    expect(moveModes(plateBook)).not.toContain('dials');
  });

  test('on dials each axis is told by itself, the second hole past and back', () => {
    expect(dialLegs(book, at(0)).map(({ axis, words }) => [axis, words])).toEqual([
      ['X', ['13 turns clockwise, then on to line 40']],
      ['Y', ['1 turn clockwise, then on to line 80']],
    ]);
    const [x, y] = dialLegs(book, at(1));
    expect(x?.move.reversal).toBe(true);
    expect(y?.words).toEqual([]);
  });

  test('where nobody knows how it got there, even a place ahead is come to with the backlash taken up', () => {
    const [x] = dialLegs(book, at(0, { from: { x: 39, y: 0 }, taken: false }));
    expect(x?.move.reversal).toBe(true);
  });

  test('what proves it is measured from the faces of the part', () => {
    const proofs = proveList(plateBook, row, patternHoles(plateBook, row));
    expect(proofs[0]?.text).toContain('40.0 mm from the left face and 5.0 mm from the front');
    expect(new Set(proofs.map(({ id }) => id)).size).toBe(proofs.length);
    const centred = { ...plateBook, setup: { ...plateBook.setup, partZero: 'centre' as const } };
    expect(proveList(centred, row, patternHoles(centred, row))[0]?.text).toContain(
      `${(40 + plateBook.part.size.x / 2).toFixed(1)} mm from the left face`,
    );
  });
});
