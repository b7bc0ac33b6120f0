import { bookOf, plateSnapshot, caseReading } from '@zero-point/core/state/basis/snapshot.case';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { featureOf } from '@zero-point/core/datum/feature';
import { CORNERS, FACES, PART_ZEROS } from '@zero-point/core/records/values/faces';
import type { DatumPlan } from '@zero-point/core/records/setup/datumPlan';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { askWords } from '@zero-point/core/messages/basis/grammar';
import { slotsOf, type Slot } from './touchSlots';

/** A plate with a pocket, a bore and a boss on it. */
const part: Snapshot['part'] = {
  ...plateSnapshot.part,
  holes: [{ x: 62, y: 58, diameter: 26 }],
  shapes: [
    { kind: 'pocket', id: 'pocket', name: 'the pocket', from: { x: 100, y: 20 }, to: { x: 140, y: 60 } },
    { kind: 'boss', id: 'boss', name: 'the boss', at: { x: 160, y: 90 }, diameter: 12 },
  ],
};
const drilled: Snapshot = { ...plateSnapshot, part };

const bookWith = (ways: DatumPlan['ways'] = {}, change: Partial<Snapshot> = {}): SetupState =>
  bookOf({ ...drilled, ...change, datumPlan: { ...plateSnapshot.datumPlan, ways } });

function slots(book: SetupState, key: string): Slot[] {
  const feature = featureOf(book.part, key);
  if (!feature) throw new Error(`no ${key}`);
  return slotsOf(book, feature);
}

const said = ({ ask, lead = '' }: Slot): string => askWords(ask, { lead });

/** The side a tool stands on, and where it then goes, as its approach has it. */
const COMES = {
  'x 1': { from: 'the left', going: 'right' },
  'x -1': { from: 'the right', going: 'left' },
  'y 1': { from: 'the front', going: 'away from you' },
  'y -1': { from: 'the back', going: 'toward you' },
} as const;

const comes = ({ axis, approach }: Slot) => COMES[`${axis} ${approach}`];

describe('a touch says the way its sign goes', () => {
  test.each(PART_ZEROS.flatMap((zero) => FACES.map((face) => [zero, face] as const)))(
    'zero at the %s, the %s face from outside',
    (partZero, face) => {
      const book = bookWith({}, { setup: { ...plateSnapshot.setup, partZero } });
      const [slot] = slots(book, `face.${face}`);
      if (!slot) throw new Error('no slot');
      expect(said(slot)).toBe(`Touch the ${face} face, coming from ${comes(slot).from}.`);
      expect(slot.toward[slot.axis]).toBe(slot.approach);
      expect(Math.abs(slot.toward[slot.axis === 'x' ? 'y' : 'x'])).toBe(0);
    },
  );

  test.each(FACES)('the %s wall of a pocket is touched from inside, the other way', (face) => {
    const [outside] = slots(bookWith(), `face.${face}`);
    const [inside] = slots(bookWith(), `face.${face}.pocket`);
    if (!outside || !inside) throw new Error('no slot');
    expect(inside).toMatchObject({ axis: outside.axis, approach: -outside.approach });
    expect(said(inside)).toBe(`Touch the ${face} wall of the pocket, from inside.`);
  });

  test('walls of a bore are gone to, sides of a boss are come at from beyond', () => {
    const bore = slots(bookWith({ 'round.hole-1': 'pairs' }), 'round.hole-1');
    const boss = slots(bookWith({ 'round.boss': 'pairs' }), 'round.boss');
    expect(bore.map(({ axis, approach }) => `${axis} ${approach}`)).toEqual(['x 1', 'x -1', 'y 1', 'y -1']);
    for (const slot of bore)
      expect(said(slot)).toMatch(new RegExp(`^In hole 1, touch the .* wall, going ${comes(slot).going}\\.$`));
    for (const slot of boss)
      expect(said(slot)).toMatch(new RegExp(`^Touch the boss on its .* side, coming from ${comes(slot).from}\\.$`));
  });

  test.each([
    ['hole-1', 1],
    ['boss', -1],
  ] as const)('%s: the tool stands where it will touch, within the wall or beyond it', (id, inside) => {
    const round = id === 'boss' ? { x: 160, y: 90, r: 6 } : { x: 62, y: 58, r: 13 };
    for (const { at, toward } of slots(bookWith({ [`round.${id}`]: 'pairs' }), `round.${id}`)) {
      const out = (at.x - round.x) * toward.x + (at.y - round.y) * toward.y;
      expect(out).toBeCloseTo(inside * round.r, 9);
    }
  });
});

describe('which touches a way takes', () => {
  test.each(CORNERS)('the %s corner: one of each face along the axes', (corner) => {
    const [y, x] = corner.split('-');
    expect(slots(bookWith({ [`corner.${corner}`]: 'axes' }), `corner.${corner}`).map(({ id }) => id)).toEqual([y, x]);
  });

  test('a corner of a turned part takes two places on the first face, and two on both to tell its angle', () => {
    const key = 'corner.front-left';
    const square = slots(bookWith({ [key]: 'square' }), key);
    const measured = slots(bookWith({ [key]: 'measured' }), key);
    expect(square.map(({ id }) => id)).toEqual(['front 1', 'front 2', 'left 1']);
    expect(measured.map(({ id }) => id)).toEqual(['front 1', 'front 2', 'left 1', 'left 2']);
    expect(measured.every(({ across }) => across)).toBe(true);
    expect(said(measured[0] as Slot)).toBe('Touch the front face near its left end, coming from the front.');
    expect(said(measured[1] as Slot)).toBe('Touch the front face near its right end, coming from the front.');
  });

  test('points round a bore: three at least, a fourth offered, and always one more than were taken', () => {
    const ways = { 'round.hole-1': 'points' } as const;
    const none = slots(bookWith(ways), 'round.hole-1');
    expect(none.map(({ optional }) => optional)).toEqual([false, false, false, true]);
    expect(said(none[0] as Slot)).toBe('Point 1: in hole 1, touch the right wall, going right.');
    const rows = [1, 2, 3, 4].map((i) => ({
      kind: 'reading' as const,
      setupId: 'plate-setup',
      body: caseReading({ kind: 'round', of: 'hole-1' }, i, {
        axis: 'x',
        approach: 1,
        across: { text: `${i}`, value: i },
      }),
    }));
    const book = bookOf({ ...drilled, datumPlan: { ...plateSnapshot.datumPlan, ways } }, rows);
    const taken = slots(book, 'round.hole-1');
    expect(taken).toHaveLength(5);
    expect(taken.map(({ readings }) => readings.length)).toEqual([1, 1, 1, 1, 0]);
  });

  test('a sweep reads four places and may say where the spindle stands; a plug says only that', () => {
    const sweep = slots(bookWith({ 'round.hole-1': 'sweep' }), 'round.hole-1');
    expect(sweep.map(({ name, dial, optional }) => [name, dial, optional])).toEqual([
      ['0°', true, false],
      ['90°', true, false],
      ['180°', true, false],
      ['270°', true, false],
      ['what X shows', false, true],
      ['what Y shows', false, true],
    ]);
    expect(sweep.slice(0, 4).map(said)).toEqual([
      'Read the dial to the right (0°). Pressed counts plus.',
      'Read the dial at the back (90°). Pressed counts plus.',
      'Read the dial to the left (180°). Pressed counts plus.',
      'Read the dial at the front (270°). Pressed counts plus.',
    ]);
    const plug = slots(bookWith({ 'round.hole-1': 'plug' }), 'round.hole-1');
    expect(plug.map(said)).toEqual([
      'Log what X shows, with the plug seated and the table locked.',
      'Log what Y shows, with the plug seated and the table locked.',
    ]);
  });

  test('a line of two holes has none of its own', () => {
    const book = bookWith({}, { part: { ...part, holes: [...part.holes, { x: 20, y: 58, diameter: 8 }] } });
    expect(slots(book, 'line.hole-1.hole-2')).toEqual([]);
  });
});
