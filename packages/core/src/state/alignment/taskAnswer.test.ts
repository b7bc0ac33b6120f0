import { alignmentOf } from './plan';
import { alignmentPlaces } from '../../alignment/places';
import type { Alignment, AlignmentOf } from '../../records/setup/alignment';
import type { AlignmentTask } from '../../records/values/subject';
import type { SetupState } from '../basis/setupState';
import { fileHoles } from '../holes/holes';
import { rotate } from '../../geometry/rotate';
import { alignmentPass, isInLine, latestPass } from './taskAnswer';
import type { Entry } from '../../records/kinds/entry';
import { carriedRotation } from '../datum/partRotation';
import { bookOf, dialRead, plateSnapshot, caseReading } from '../basis/snapshot.case';

const shop = bookOf({
  ...plateSnapshot,
  gauges: [
    ...plateSnapshot.gauges,
    { id: 'lever', name: 'Lever indicator', kind: 'indicator', nominal: 0, resolution: 0.002, range: 0.4 },
  ],
});

const read = (task: AlignmentTask, pass: number, place: number, value: number): Entry => ({
  kind: 'reading',
  setupId: shop.setup.id,
  body:
    task === 'skew'
      ? caseReading({ kind: 'alignment', task, place, pass }, value, { gaugeId: 'lever', axis: 'y' })
      : dialRead({ kind: 'alignment', task, place, pass }, value, 'lever'),
});

/** Logs a whole pass, in the order of its places. */
function withPass(book: SetupState, task: AlignmentTask, pass: number, values: number[]): SetupState {
  const places = alignmentPlaces(alignment(book, task));
  return bookOf(
    book,
    values.map((value, i) => read(task, pass, places[i] ?? NaN, value)),
  );
}

function alignment(book: SetupState, task: AlignmentTask): Alignment {
  const found = alignmentOf(book, task);
  if (!found) throw new Error(`no ${task}`);
  return found;
}

describe('a pass of an alignment', () => {
  test('asks for one place after the other, then answers', () => {
    const vise = alignment(shop, 'vise');
    expect(alignmentPass(shop, vise, 1).next).toBe(0);
    const half = withPass(shop, 'vise', 1, [0]);
    expect(alignmentPass(half, vise, 1)).toMatchObject({ next: 120, answer: undefined });
    const { next, answer } = alignmentPass(withPass(shop, 'vise', 1, [0, 0.06]), vise, 1);
    expect(next).toBeUndefined();
    expect(answer).toMatchObject({ task: 'vise', result: { tap: expect.closeTo(0.06, 12), state: 'off' } });
    expect(isInLine(answer)).toBe(false);
  });

  test('a second pass stands alone, and a struck reading is asked for again', () => {
    const two = withPass(withPass(shop, 'vise', 1, [0, 0.06]), 'vise', 2, [0.002, 0]);
    expect(latestPass(two, 'vise')).toBe(2);
    expect(isInLine(alignmentPass(two, alignment(two, 'vise'), 2).answer)).toBe(true);
    const last = two.readings.at(-1);
    const struck = bookOf(two, [
      {
        kind: 'strike',
        setupId: shop.setup.id,
        body: { id: 's', readingId: last?.id ?? '', action: 'strike', reason: 'slip', at: '2026-11-24T10:00:00.000Z' },
      },
    ]);
    expect(alignmentPass(struck, alignment(two, 'vise'), 2)).toMatchObject({ next: 120, answer: undefined });
  });

  test('what cannot be reckoned says why and loses no reading', () => {
    const far = alignmentPass(withPass(shop, 'vise', 1, [0, 0.9]), alignment(shop, 'vise'), 1);
    expect(far.refusal?.code).toBe('beyond-range');
    expect(far.readings).toHaveLength(2);
  });

  test('the head needs both planes in line', () => {
    const head = alignment(shop, 'head');
    expect(isInLine(alignmentPass(withPass(shop, 'head', 1, [0, 0, 0, 0.002]), head, 1).answer)).toBe(true);
    const { answer } = alignmentPass(withPass(shop, 'head', 1, [0, 0.002, 0, 0.08]), head, 1);
    expect(answer).toMatchObject({ result: { state: 'within' }, other: { state: 'off' } });
    expect(isInLine(answer)).toBe(false);
  });

  test('a sweep from a file stands in for readings one by one', () => {
    const points = Array.from({ length: 36 }, (_, i) => ({
      angle: i * 10,
      reading: 0.05 * Math.cos((i * Math.PI) / 18) - 0.03 * Math.sin((i * Math.PI) / 18),
    }));
    const swept = bookOf(shop, [
      {
        kind: 'sweep',
        setupId: shop.setup.id,
        body: { id: 'sweep-1', pass: 1, name: 'bore.csv', points, at: '2026-11-24T10:00:00.000Z' },
      },
    ]);
    const { answer } = alignmentPass(swept, alignment(swept, 'centre'), latestPass(swept, 'centre'));
    expect(answer).toMatchObject({ result: { move: { x: expect.closeTo(-0.05, 9), y: expect.closeTo(0.03, 9) } } });
  });

  test('a plug is read again beside a sweep of the same pass', () => {
    const swept = withPass(shop, 'centre', 1, [0.06, -0.02, -0.04, 0.04]);
    const plug = { ...alignment(swept, 'centre'), school: 'plug' } as AlignmentOf<'centre'>;
    expect(alignmentPass(swept, plug, 1)).toMatchObject({ next: 0, readings: [] });
  });

  test('a shop without an indicator has no way to line up a vise, but can still touch a face', () => {
    expect(alignmentOf(bookOf(plateSnapshot), 'vise')).toBeUndefined();
    expect(alignmentOf(bookOf(plateSnapshot), 'skew')?.task).toBe('skew');
  });
});

describe('a part that lies turned', () => {
  const skew: AlignmentOf<'skew'> = {
    task: 'skew',
    face: 'front',
    from: 15,
    to: 155,
    points: 2,
    pivot: 0,
    loose: 184,
    carriedPass: 1,
    allowed: 0.025,
  };
  const turned = withPass(bookOf({ ...shop, alignments: [skew] }), 'skew', 1, [-3.8121, -2.9568]);

  test('carries its angle until it is put back', () => {
    expect(carriedRotation(turned)?.angle).toBeCloseTo(0.35, 3);
    expect(carriedRotation(bookOf({ ...turned, alignments: [{ ...skew, carriedPass: null }] }))).toBeUndefined();
  });

  test('turns every position about part zero', () => {
    expect(rotate({ x: 10, y: 0 }, 90)).toEqual({ x: 0, y: 10 });
    const circle = { centre: { x: 100, y: 0 }, diameter: 10, holes: 1, firstAngle: 0, direction: 'clockwise' as const };
    const pattern = { id: 'p', name: 'P', kind: 'bolt-circle' as const, circle, holeDiameter: 3 };
    const [hole] = fileHoles(turned, [pattern]);
    // 105 mm out at the angle that is carried, which is 0.35 degrees.
    expect(Math.hypot(hole?.x ?? 0, hole?.y ?? 0)).toBeCloseTo(105, 9);
    expect(hole?.angle).toBeCloseTo(0.35, 3);
  });
});
