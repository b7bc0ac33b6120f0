import { openBook } from '../../book/book';
import { withEntries } from '../../record/merge';
import { handAt, raise, raisePast, standBefore, standOver, touchesOf } from '../hands/hand';
import { BAD_DAY } from './badDay';
import { foundOf } from './found';
import { TROUBLES, troublesOf, type Trouble } from './troubles';
import { troubleWords } from './words';

const AT = '2026-11-27T07:00:00.000Z';

const dayOf = (seed: number) => {
  const day = BAD_DAY.before?.(seed, 'practice-bad-day-1', AT);
  if (!day) throw new Error('a bad day has a morning');
  return day;
};

const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length;

/** What is surely no scatter, mm; and what surely no part is off by. */
const MOVED = 0.08;
const TOO_WIDE = 0.11;

/** Goes through the morning's settings by touching again, as a person does with Verify. */
function detect(seed: number): Trouble[] {
  const { mill, entries } = dayOf(seed);
  const hand = handAt(mill);
  hand.do({ do: 'hold', contact: 'spring-finder-10' });
  hand.do({ do: 'spin', rpm: 1000 });
  const at = (face: 'left' | 'right' | 'front') => {
    standBefore(hand, face);
    return mean(touchesOf(hand, face, 3));
  };
  const [left, right, front] = [at('left'), at('right'), at('front')];
  raise(hand);
  hand.do({ do: 'spin', rpm: 0 });
  const onBlock = (contact: string) => {
    hand.do({ do: 'put', between: undefined });
    hand.do({ do: 'move', axis: 'z', by: 60 });
    hand.do({ do: 'hold', contact });
    standOver(hand, 8);
    hand.do({ do: 'put', between: 'block-10' });
    return raisePast(hand, 0.02);
  };
  const logged = (kind: string) =>
    entries.flatMap((entry) =>
      entry.kind === 'reading' && (entry.body as { subject: { kind: string } }).subject.kind === kind
        ? [(entry.body as { value: number }).value]
        : [],
    )[0] ?? NaN;
  const up = onBlock('end-mill-10') - 10;
  // Its figure was logged on the zero that Z was given then.
  const tool = onBlock('drill-4-2') - logged('tool-length');
  const seen: Record<Trouble, boolean> = {
    'moved-x': Math.abs(left + 5) > MOVED,
    'moved-y': Math.abs(front + 5) > MOVED,
    'came-up': up > MOVED,
    'tool-slipped': Math.abs(tool - up) > MOVED,
    'finder-off': Math.abs(right - left - 70) > TOO_WIDE,
  };
  return TROUBLES.filter((trouble) => seen[trouble]);
}

const SEEDS = Array.from({ length: 100 }, (_, i) => i + 1);

test('one to three things a day, each of the five on many a day', () => {
  const days = SEEDS.map(troublesOf);
  expect(new Set(days.map(({ length }) => length))).toEqual(new Set([1, 2, 3]));
  for (const trouble of TROUBLES) {
    const share = days.filter((day) => day.includes(trouble)).length / days.length;
    expect(share).toBeGreaterThan(0.25);
    expect(share).toBeLessThan(0.6);
  }
  expect(troublesOf(7)).toEqual(troublesOf(7));
});

test('whatever befell it is found by touching again, and nothing else is', () => {
  for (const seed of SEEDS) {
    const found = foundOf(seed, detect(seed));
    expect({ seed, missed: found.missed, wrong: found.wrong }).toEqual({ seed, missed: [], wrong: [] });
  }
});

test('the morning was in order: all was set, read back and logged, on any day', () => {
  for (const seed of SEEDS.slice(0, 20)) {
    const { entries, mill } = dayOf(seed);
    const book = openBook(withEntries(BAD_DAY.snapshot('practice-bad-day-1', AT), entries));
    expect(new Set(book.zeroings.map(({ axis }) => axis))).toEqual(new Set(['x', 'y', 'z']));
    expect(book.readBacks).toHaveLength(3);
    expect(book.readings.some(({ subject }) => subject.kind === 'tool-length')).toBe(true);
    expect(mill.held).toBeUndefined();
    expect(mill.broken).toBeUndefined();
    expect(mill.events).toEqual([]);
  }
});

test('what was named is held against what happened', () => {
  const seed = SEEDS.find((one) => troublesOf(one).length === 2) ?? 0;
  const [first = 'moved-x', second = 'moved-y'] = troublesOf(seed);
  const other = TROUBLES.find((one) => one !== first && one !== second) ?? 'came-up';
  expect(foundOf(seed, [first, other])).toEqual({ named: [first], missed: [second], wrong: [other] });
  expect(foundOf(seed, [])).toEqual({
    named: [],
    missed: TROUBLES.filter((one) => one === first || one === second),
    wrong: [],
  });
});

test.each(TROUBLES.map((one) => [one]))('%s has its words: what, by what it shows, what to do', (trouble) => {
  const { what, shows, mend } = troubleWords(trouble);
  for (const text of [what, shows, mend]) expect(text).toMatch(/^[A-Z].*\.$/);
});
