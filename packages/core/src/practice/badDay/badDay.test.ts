import { deriveState } from '../../state/basis/setupState';
import type { Entry } from '../../records/kinds/entry';
import { withEntries } from '../../records/kinds/merge';
import {
  backOff,
  comeDownTo,
  handAt,
  raise,
  raisePast,
  standBefore,
  standOver,
  touchesOf,
  type Hand,
} from '../hands/hand';
import type { Surface } from '../mill/surface';
import { BAD_DAYS, type BadDay } from './badDay';
import { foundOf } from './found';
import { TROUBLES, type BadDayTrouble } from './trouble';
import { troublesOf } from './troubles';
import { badDayTroubleText } from './troubleText';

const AT = '2026-11-27T07:00:00.000Z';

const [KNEE, ROUTER] = BAD_DAYS as [BadDay, BadDay];

function dayOf(day: BadDay, seed: number) {
  const made = day.before?.(seed, `practice-${day.id}-1`, AT);
  if (!made) throw new Error('a bad day has a morning');
  return made;
}

const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length;

/** What is surely no scatter, mm; what surely no part is off by; and what no collet lets go. */
const MOVED = 0.08;
const TOO_WIDE = 0.11;
const SLIPPED = 2;

/** A side touched with what is in the spindle, so far along it; then everything clear. */
function at(hand: Hand, side: Exclude<Surface, 'top'>, along?: number): number {
  standBefore(hand, side, along);
  const found = mean(touchesOf(hand, side, 3));
  backOff(hand, side);
  raise(hand);
  return found;
}

/** Z on a gauge with a tool: past the block, or down onto the plate. */
function onGauge(hand: Hand, contact: string, gauge: 'block-10' | 'touch-plate'): number {
  hand.do({ do: 'put', between: undefined });
  hand.do({ do: 'move', axis: 'z', by: 60 });
  hand.do({ do: 'hold', contact });
  standOver(hand, gauge === 'block-10' ? 8 : 16);
  hand.do({ do: 'put', between: gauge });
  return gauge === 'block-10' ? raisePast(hand, 0.02) : comeDownTo(hand);
}

const logged = (entries: readonly Entry[], kind: string): number =>
  entries.flatMap((entry) =>
    entry.kind === 'reading' && (entry.body as { subject: { kind: string } }).subject.kind === kind
      ? [(entry.body as { value: number }).value]
      : [],
  )[0] ?? NaN;

type Seen = Partial<Record<BadDayTrouble, boolean>>;

/** Goes through the morning's settings at the knee mill by touching again, as a person does with Verify. */
function atKnee(seed: number): Seen {
  const { mill, entries } = dayOf(KNEE, seed);
  const hand = handAt(mill);
  hand.do({ do: 'hold', contact: 'spring-finder-10' });
  hand.do({ do: 'spin', rpm: 1000 });
  const [left, right, front] = [at(hand, 'left'), at(hand, 'right'), at(hand, 'front')];
  const ends = at(hand, 'front', 0.15) - at(hand, 'front', 0.85);
  hand.do({ do: 'spin', rpm: 0 });
  const up = onGauge(hand, 'end-mill-10', 'block-10') - 10;
  // Its figure was logged on the zero that Z was given then.
  const tool = onGauge(hand, 'drill-4-2', 'block-10') - logged(entries, 'tool-length') - up;
  return {
    'moved-x': Math.abs(left + 5) > MOVED,
    'moved-y': Math.abs(front + 5) > MOVED,
    'came-up': up > MOVED,
    'jaw-burr': Math.abs(ends) > MOVED,
    'tool-slipped': Math.abs(tool) > MOVED && Math.abs(tool) < SLIPPED,
    'tool-swapped': Math.abs(tool) >= SLIPPED,
    'finder-off': Math.abs(right - left - 70) > TOO_WIDE,
  };
}

/** The same at the router, which is homed once more on the way. */
function atRouter(seed: number): Seen {
  const hand = handAt(dayOf(ROUTER, seed).mill);
  hand.do({ do: 'hold', contact: 'probe-4' });
  const sides = () => ({ left: at(hand, 'left'), front: at(hand, 'front') });
  const before = sides();
  const right = at(hand, 'right');
  hand.do({ do: 'home' });
  const after = sides();
  const onPlate = onGauge(hand, 'end-mill-10', 'touch-plate') - 12.7;
  const onBlock = onGauge(hand, 'end-mill-10', 'block-10') - 10;
  return {
    'moved-x': Math.abs(after.left + 2) > MOVED,
    'moved-y': Math.abs(after.front + 2) > MOVED,
    'came-up': onPlate > MOVED,
    'finder-off': Math.abs(right - before.left - 64) > TOO_WIDE,
    'homing-shifted': Math.hypot(after.left - before.left, after.front - before.front) > MOVED,
    'plate-worn': Math.abs(onBlock - onPlate) > MOVED,
  };
}

const SEEDS = Array.from({ length: 100 }, (_, i) => i + 1);

test.each(BAD_DAYS.map((day) => [day.id, day] as const))(
  '%s: one to three things a day, each of them on many a day',
  (_, { troubles }) => {
    const days = SEEDS.map((seed) => troublesOf(seed, troubles));
    expect(new Set(days.map(({ length }) => length))).toEqual(new Set([1, 2, 3]));
    for (const trouble of troubles) {
      const share = days.filter((day) => day.includes(trouble)).length / days.length;
      expect({ trouble, often: share > 0.14 && share < 0.6 }).toEqual({ trouble, often: true });
    }
    expect(troublesOf(7, troubles)).toEqual(troublesOf(7, troubles));
    // A tool that is another one cannot be seen to have slipped.
    expect(days.some((day) => day.includes('tool-swapped') && day.includes('tool-slipped'))).toBe(false);
  },
);

test('every trouble there is befalls one day or another', () => {
  expect(TROUBLES.filter((one) => !BAD_DAYS.some(({ troubles }) => troubles.includes(one)))).toEqual([]);
});

test.each([
  ['the knee mill', KNEE, atKnee],
  ['the router', ROUTER, atRouter],
] as const)('whatever befell %s is found by touching again, and nothing else is', (_, day, look) => {
  for (const seed of SEEDS) {
    const seen = look(seed);
    const said = day.troubles.filter((one) => seen[one]);
    const { missed, wrong } = foundOf(seed, day.troubles, said);
    expect({ seed, missed, wrong }).toEqual({ seed, missed: [], wrong: [] });
  }
});

test.each(BAD_DAYS.map((day) => [day.id, day] as const))(
  '%s: the morning was in order, all was set, read back and logged, on any day',
  (_, day) => {
    for (const seed of SEEDS.slice(0, 20)) {
      const { entries, mill } = dayOf(day, seed);
      const book = deriveState(withEntries(day.snapshot(`practice-${day.id}-1`, AT), entries));
      expect(new Set(book.zeroings.map(({ axis }) => axis))).toEqual(new Set(['x', 'y', 'z']));
      expect(book.readBacks).toHaveLength(3);
      expect(book.readings.some(({ subject }) => subject.kind === 'tool-length')).toBe(day === KNEE);
      expect(mill.held).toBeUndefined();
      expect(mill.broken).toBeUndefined();
      expect(mill.events).toEqual([]);
    }
  },
);

test('what was named is held against what happened', () => {
  const { troubles } = KNEE;
  const seed = SEEDS.find((one) => troublesOf(one, troubles).length === 2) ?? 0;
  const [first = 'moved-x', second = 'moved-y'] = troublesOf(seed, troubles);
  const other = troubles.find((one) => one !== first && one !== second) ?? 'came-up';
  expect(foundOf(seed, troubles, [first, other])).toEqual({ named: [first], missed: [second], wrong: [other] });
  expect(foundOf(seed, troubles, [])).toEqual({
    named: [],
    missed: troubles.filter((one) => one === first || one === second),
    wrong: [],
  });
});

test.each(TROUBLES.map((one) => [one]))('%s has its words: what, by what it shows, what to do', (trouble) => {
  const { what, shows, mend } = badDayTroubleText(trouble);
  for (const text of [what, shows, mend]) expect(text).toMatch(/^[A-Z].*\.$/);
});
