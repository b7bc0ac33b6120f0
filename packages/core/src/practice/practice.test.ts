import fc from 'fast-check';
import { deriveState } from '../state/basis/setupState';
import { doLesson, type Clumsy } from './hands/perfectHand';
import { lessonById, LESSONS } from './lessons/lessons';
import type { Lesson } from './lessons/lesson';
import { mark } from './marking/mark';
import { MILL_MISTAKES, type MillMistake } from './marking/millMistakes';
import { act } from './mill/reduceMill';
import { feel, nearest } from './mill/contact';
import { tipOf } from './mill/toolTip';
import { hide, trueRadius } from './mill/hiddenTruth';
import { createMill, type Mill } from './mill/mill';
import { shows } from './mill/scaleReading';
import { BETWEENS, kneeMill, TRAY } from './lessons/practiceShop';

const lesson = (id: string): Lesson => {
  const found = lessonById(id);
  if (!found) throw new Error(`no lesson ${id}`);
  return found;
};

const seeds = (count: number) => Array.from({ length: count }, (_, i) => i + 1);

/** Of so many cases that are each within with 0.95, as few as come once in thirty thousand. */
const fewest = (cases: number): number => 0.95 * cases - 4 * Math.sqrt(cases * 0.95 * 0.05);

describe('each lesson done right', () => {
  test.each(LESSONS.map(({ id }) => id))(
    '%s: as often within its stated ± as that says, and no slip is named',
    (id) => {
      const CASES = 60;
      let [within, axes] = [0, 0];
      for (const seed of seeds(CASES)) {
        const { marks } = doLesson(lesson(id), seed);
        expect({ seed, slips: marks.slips, passed: marks.passed }).toEqual({ seed, slips: [], passed: true });
        const things = marks.things.flatMap(({ is, said = NaN, U }) =>
          U === undefined ? [] : { error: said - is, U },
        );
        for (const { error, U } of [...marks.axes, ...marks.tools, ...things]) {
          axes += 1;
          if (error !== undefined && U !== undefined && Math.abs(error) <= U) within += 1;
        }
      }
      expect(axes).toBeGreaterThanOrEqual(CASES);
      expect(within).toBeGreaterThanOrEqual(fewest(axes));
    },
  );
});

const CASES: readonly (readonly [MillMistake, string, Clumsy])[] = [
  ['finder-still', 'left-edge', { rpm: 0, drivesOn: 0.8 }],
  ['finder-too-fast', 'left-edge', { rpm: 2500 }],
  ['hand-at-turning', 'second-tool', { rpm: 600 }],
  ['spindle-turning', 'pin-feeler', { rpm: 600 }],
  ['spindle-turning', 'paper', { rpm: 600 }],
  ['touched-turning', 'plug', { rpm: 600 }],
  ['lowered-onto-block', 'block', { lowersOnto: 0.1 }],
  ['drove-in', 'left-edge', { drivesOn: 9 }],
  ['not-raised', 'two-zeros', { raises: false }],
  ['backed-into', 'dials', { backsInto: 0.4 }],
  ['half-left-out', 'left-edge', { sets: () => 0 }],
  ['half-wrong-way', 'left-edge', { sets: (said) => -said }],
  ['half-twice', 'left-edge', { sets: (said) => 2 * said }],
  ['half-left-out', 'paper', { sets: (said) => said + 5 }],
  ['between-left-out', 'pin-feeler', { sets: (said) => said + 0.05 }],
  ['between-left-out', 'paper', { sets: (said) => said + 0.1 }],
  ['between-left-out', 'block', { sets: () => 0 }],
  ['between-left-out', 'plate', { sets: () => 0 }],
  ['plate-by-marking', 'plate', { byMarking: true }],
  ['clip-left-on', 'plate', { clipOn: true }],
  ['half-left-out', 'bore', { sets: (said) => said - 5 }],
  ['moved-for-set', 'left-edge', { moves: true }],
  ['moved-for-set', 'block', { moves: true }],
  ['whole-for-half', 'chuck', { taps: 2 }],
  ['not-read-again', 'vise', { bolts: 'not-read' }],
  ['left-loose', 'vise', { bolts: 'loose' }],
  ['plug-in-chuck', 'plug', { plug: 'in-chuck' }],
  ['not-read-again', 'plug', { plug: 'not-swept' }],
  ['not-seated', 'parallels', { seats: false }],
  ['quill-moved', 'quill', { quill: 'loose' }],
  ['parallels-left-in', 'chuck', { parallels: true }],
  ['swung-into', 'tilt', { tilts: 'low' }],
  ['lock-not-read', 'bore-to-size', { unlocked: true }],
  ['indicator-left-on', 'bore-to-size', { leavesOn: true }],
  ['sensor-left-in', 'face', { leavesOn: true }],
  ['too-deep', 'face', { onePass: true }],
  ['whole-ball', 'face', { sets: (said) => 2 * said }],
  ['radius-for-diameter', 'two-circles', { circles: 0.5 }],
  ['second-over-first', 'second-zero', { overFirst: true }],
  ['clip-left-on', 'lamp', { rpm: 600 }],
  ['clip-left-on', 'same-spot', { clipOn: true }],
  ['read-back-skipped', 'left-edge', { readBack: false }],
  ['read-back-skipped', 'block', { readBack: false }],
];

test('every job has its lesson', () => {
  const jobs = Array.from({ length: 21 }, (_, i) => `J${i + 1}`);
  expect(jobs.filter((job) => !LESSONS.some((one) => one.job === job))).toEqual([]);
  expect(new Set(LESSONS.map(({ id }) => id)).size).toBe(LESSONS.length);
});

test('every slip there is can be made, and is named in one lesson at least', () => {
  expect(MILL_MISTAKES.filter((slip) => !CASES.some(([named]) => named === slip))).toEqual([]);
});

test('what is tapped in two goes is judged as one, and a tap too far that is taken back is none', () => {
  const { mill } = lesson('chuck');
  const start = createMill(mill, hide(mill, 3));
  const out = start.work?.kind === 'chuck' ? start.work.off[0] : 0;
  const marked = (...by: number[]) => {
    const tapped = by.reduce((now, one) => act(now, { do: 'tap', by: one * out }), act(start, { do: 'parallels', in: false })); // prettier-ignore
    const book = deriveState(lesson('chuck').snapshot('practice-chuck-3', '2026-11-27T09:00:00.000Z'));
    const now = mark(lesson('chuck'), tapped, book, 0).slips.map(({ slip }) => slip);
    expect(mark(lesson('chuck'), act(tapped, { do: 'index', by: 90 }), book, 0).slips.map(({ slip }) => slip)).toEqual(now); // prettier-ignore
    return now;
  };
  expect(marked(1, 1)).toEqual(['whole-for-half']);
  expect(marked(2, -1)).toEqual([]);
  expect(marked(1)).toEqual([]);
});

test('a free pass at the same setting, logged or not, is no slide that moved', () => {
  const right = doLesson(lesson('bore-to-size'), 3);
  // The last pass is fed through once more before it is measured.
  const again = act(act(right.mill, { do: 'spin', rpm: 100 }), { do: 'cut' });
  const marks = mark(lesson('bore-to-size'), again, right.book, 0);
  expect(again.events.filter(({ kind }) => kind === 'cut').length).toBeGreaterThan(
    right.mill.events.filter(({ kind }) => kind === 'cut').length,
  );
  const [first, ...rest] = right.mill.events.filter(({ kind }) => kind === 'cut');
  if (!first) throw new Error('nothing was cut');
  const early = mark(lesson('bore-to-size'), { ...right.mill, events: [first, first, ...rest] }, right.book, 0);
  expect([marks.slips, early.slips]).toEqual([[], []]);
});

describe('each slip is named where it is made', () => {
  test.each(CASES)('%s in %s', (slip, id, clumsy) => {
    const COUNT = 40;
    const named = seeds(COUNT).filter((seed) =>
      doLesson(lesson(id), seed, clumsy).marks.slips.some((one) => one.slip === slip),
    );
    expect(named.length).toBeGreaterThanOrEqual(0.99 * COUNT);
  });
});

/** A mill with its finder beside the middle of the left face, low, so far from true contact. */
function beside(gap: number, { contact = 'spring-finder-10', between = '', seed = 7 } = {}): Mill {
  const spec = kneeMill(Object.values(TRAY), Object.values(BETWEENS));
  const mill = act(createMill({ ...spec, play: { x: 0, y: 0, z: 0 } }, hide(spec, seed)), { do: 'hold', contact });
  const { hidden, held } = mill;
  const radius = held ? trueRadius(hidden, held) : 0;
  const at = { x: hidden.corner.x - radius - gap, y: hidden.corner.y + 20, z: hidden.top - 4 + (held?.length ?? 0) };
  const there = { ...mill, at, screw: at };
  return between === '' ? there : act(there, { do: 'put', between });
}

const moved = (mill: Mill, by: number) => act(mill, { do: 'move', axis: 'x', by });

describe('the mill', () => {
  test('a gap is plain geometry: beside a face, round a corner, over the top', () => {
    expect(nearest(beside(2.5))).toMatchObject({ surface: 'left', gap: expect.closeTo(2.5, 9) });
    const mill = beside(0);
    const { corner, top, size } = mill.hidden;
    const radius = trueRadius(mill.hidden, TRAY.springFinder);
    // Three left and four before the corner is five from it.
    const diagonal = { ...mill, at: { ...mill.at, x: corner.x - 9, y: corner.y - 12 } };
    expect(nearest(diagonal)?.gap).toBeCloseTo(15 - radius, 9);
    const over = { ...mill, at: { x: corner.x + 1, y: corner.y + 1, z: top + 30 + 80 } };
    expect(nearest(over)).toEqual({ surface: 'top', gap: expect.closeTo(30, 9) });
    expect(nearest({ ...over, at: { ...over.at, x: corner.x + size.x + 20 } })).toBeUndefined();
    expect(tipOf(over)).toBeCloseTo(top + 30, 9);
  });

  test('in a bore the wall is as far as the circle is wide; over it there is nothing to touch', () => {
    const spec = { ...kneeMill([TRAY.springFinder]), bore: { x: 30, y: 20, diameter: 26 } };
    const start = act(createMill(spec, hide(spec, 11)), { do: 'hold', contact: 'spring-finder-10' });
    const { corner, top, bore = { x: 0, y: 0, diameter: 0 } } = start.hidden;
    const radius = trueRadius(start.hidden, TRAY.springFinder);
    const at = (dx: number, dy: number, above: number): Mill => ({
      ...start,
      at: { x: corner.x + bore.x + dx, y: corner.y + bore.y + dy, z: top + above + 80 },
    });
    // Three one way and four the other are five from the middle.
    expect(nearest(at(3, 4, -4))).toEqual({
      surface: 'bore-back',
      gap: expect.closeTo(bore.diameter / 2 - 5 - radius, 9),
    });
    expect(nearest(at(-4, 3, -4))?.surface).toBe('bore-left');
    expect(nearest(at(0, 0, 5))).toBeUndefined();
    expect(nearest(at(9, 0, 5))).toEqual({ surface: 'top', gap: expect.closeTo(5, 9) });
  });

  test('a finder that turns jumps at the face, one that stands never does', () => {
    const spun = act(beside(0.3), { do: 'spin', rpm: 1000 });
    expect(feel(spun)).toBe('near');
    expect(feel(moved(spun, 0.4))).toBe('found');
    expect(feel(moved(beside(0.3), 0.4))).toBe('near');
  });

  test('a feeler drags just before it is stuck, and its thickness is in the gap', () => {
    const free = beside(0.15, { contact: 'pin-6', between: 'feeler-005' });
    expect(nearest(free)?.gap).toBeCloseTo(0.1, 1);
    expect(feel(free)).toBe('near');
    expect(feel(moved(free, 0.2))).toBe('past');
  });

  test('it trips again only after it was backed off, and at one face the same way on average', () => {
    const at = (mill: Mill): number => {
      let now = mill;
      for (let i = 0; feel(now) !== 'found' && i < 2000; i += 1) now = moved(now, 0.001);
      return now.at.x - now.hidden.corner.x;
    };
    const spun = act(beside(0.4), { do: 'spin', rpm: 1000 });
    const first = at(spun);
    // Not backed off: where it jumped it jumps again.
    expect(at(spun)).toBe(first);
    const places = Array.from({ length: 30 }, (_, i) => at({ ...spun, arms: i }));
    const mean = places.reduce((sum, one) => sum + one, 0) / places.length;
    expect(new Set(places).size).toBeGreaterThan(5);
    expect(Math.max(...places.map((one) => Math.abs(one - mean)))).toBeLessThan(0.02);
  });

  test('a block that does not pass stands beside the tool; lowered onto, it is told, and then it digs in', () => {
    const spec = kneeMill([TRAY.cutter], [BETWEENS.block]);
    const start = act(createMill(spec, hide(spec, 3)), { do: 'hold', contact: 'end-mill-10' });
    const { corner, top } = start.hidden;
    const at = { x: corner.x + 30, y: corner.y + 20, z: top + 8 + 65 };
    const low = act({ ...start, at, screw: at }, { do: 'put', between: 'block-10' });
    expect(feel(low)).toBe('past');
    const up = act(low, { do: 'move', axis: 'z', by: 2.02 });
    expect(up.broken).toBeUndefined();
    expect(feel(act(low, { do: 'move', axis: 'z', by: 2.2 }))).toBe('near');
    const onto = act(act(low, { do: 'move', axis: 'z', by: 2.2 }), { do: 'move', axis: 'z', by: -0.4 });
    expect(onto.events.map(({ kind }) => kind)).toContain('lowered-onto');
    expect(act(onto, { do: 'move', axis: 'z', by: -0.5 }).broken).toBe('dug-in');
  });

  test('a table follows its screw only once the play is used up; a scale on the table sees none of it', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 1, maxLength: 30 }), (moves) => {
        const spec = { ...kneeMill([]), play: { x: 0.2, y: 0, z: 0 } };
        let mill = createMill(spec, hide(spec, 1));
        for (const by of moves) {
          const before = mill;
          mill = act(mill, { do: 'move', axis: 'x', by });
          expect(Math.abs(mill.at.x - mill.screw.x)).toBeLessThanOrEqual(0.1 + 1e-9);
          if (Math.abs(by) < 1e-12) expect(mill.at.x).toBeCloseTo(before.at.x, 9);
          else expect(Math.sign(mill.at.x - before.at.x) * Math.sign(by)).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });

  test('a scale shows whole steps from where it was set, and never less than nothing by a sign', () => {
    const spec = kneeMill([]);
    const mill = act(createMill(spec, hide(spec, 1)), { do: 'set', axis: 'x', value: -5 });
    expect(shows(mill, 'x')).toBe(-5);
    expect(shows(act(mill, { do: 'move', axis: 'x', by: 5.0921 }), 'x')).toBeCloseTo(0.05, 9);
    expect(Object.is(shows(act(mill, { do: 'move', axis: 'x', by: 4.999 + 0.04 }), 'x'), -0)).toBe(false);
  });

  test('the same seed is the same mill, another seed another', () => {
    const spec = kneeMill([TRAY.springFinder]);
    expect(hide(spec, 5)).toEqual(hide(spec, 5));
    expect(hide(spec, 5).corner).not.toEqual(hide(spec, 6).corner);
  });

  test('a hand at a turning spindle is noticed; at one that stands, or leaving it, it is not', () => {
    const kinds = (mill: Mill) => mill.events.map(({ kind }) => kind);
    const spun = act(beside(5), { do: 'spin', rpm: 600 });
    expect(kinds(act(spun, { do: 'hold', contact: 'pin-6' }))).toEqual(['hand-at-turning']);
    expect(kinds(act(spun, { do: 'hold', contact: undefined }))).toEqual(['hand-at-turning']);
    expect(kinds(act(spun, { do: 'put', between: 'feeler-005' }))).toEqual(['hand-at-turning']);
    const stopped = act(spun, { do: 'spin', rpm: 0 });
    expect(kinds(act(stopped, { do: 'hold', contact: 'pin-6' }))).toEqual([]);
  });

  test('what is broken does nothing more', () => {
    const broken = act(act(beside(5), { do: 'spin', rpm: 1000 }), { do: 'move', axis: 'x', by: 9 });
    expect(broken.broken).toBe('bent');
    expect(moved(broken, -5)).toBe(broken);
    expect(act(act(beside(5), { do: 'spin', rpm: 4000 }), { do: 'spin', rpm: 0 }).broken).toBe('flew-apart');
  });
});
