import type { MillMistake } from './marking/millMistakes';

/** How a lesson went, kept for the next time. */
export interface Practised {
  /** Which time through it was: marked again, it is the same. */
  session: string;
  lesson: string;
  at: string;
  /** Who did it, by name; left out for somebody without one. */
  who?: string;
  passed: boolean;
  slips: MillMistake[];
}

/** Of how lessons went the last so many are kept, of each person. */
const KEPT = 200;

/** How lessons went for one person; for nobody in particular where that is no name. */
export const practisedBy = (practised: readonly Practised[], person: string): Practised[] =>
  practised.filter(({ who = '' }) => who === person);

/** A result beside those before it: the same session marked again takes its own place, and of each person the latest stay. */
export function withResult(practised: readonly Practised[], result: Practised): Practised[] {
  const all = [...practised.filter(({ session }) => session !== result.session), result];
  const own = practisedBy(all, result.who ?? '');
  const tooOld = new Set(own.slice(0, Math.max(0, own.length - KEPT)));
  return all.filter((one) => !tooOld.has(one));
}

/** Of the latest so many is told what comes back. */
const LATELY = 10;

/** A kind of slip: how often lately, and how often in as many before that. */
export interface MistakeCount {
  slip: MillMistake;
  lately: number;
  before: number;
}

/** Slips by kind over time, the most frequent lately first; those that came neither lately nor before are left out. */
export function mistakeCounts(practised: readonly Practised[]): MistakeCount[] {
  const lately = practised.slice(-LATELY).flatMap(({ slips }) => slips);
  const before = practised.slice(-2 * LATELY, -LATELY).flatMap(({ slips }) => slips);
  const count = (all: readonly MillMistake[], slip: MillMistake) => all.filter((one) => one === slip).length;
  return [...new Set([...lately, ...before])]
    .map((slip) => ({ slip, lately: count(lately, slip), before: count(before, slip) }))
    .sort((a, b) => b.lately - a.lately || b.before - a.before);
}

/** Which lesson to do next, and why. */
export interface Next {
  lesson: string;
  why: 'first' | 'not-yet' | 'slipped' | 'all-done';
}

/**
 * What to practise next: what was not well set the last time, then what was set with a slip, then the first that was never
 * tried; where all were done without one, the one that was done longest ago.
 *
 * @param lessons their names in the order people work, at least one
 */
export function nextLesson(practised: readonly Practised[], lessons: readonly [string, ...string[]]): Next {
  const last = (lesson: string) => practised.findLast((one) => one.lesson === lesson);
  const failed = lessons.find((lesson) => last(lesson)?.passed === false);
  if (failed !== undefined) return { lesson: failed, why: 'not-yet' };
  const slipped = lessons.find((lesson) => (last(lesson)?.slips.length ?? 0) > 0);
  if (slipped !== undefined) return { lesson: slipped, why: 'slipped' };
  const untried = lessons.find((lesson) => !last(lesson));
  if (untried !== undefined) return { lesson: untried, why: 'first' };
  const oldest = lessons.reduce((a, b) => ((last(a)?.at ?? '') <= (last(b)?.at ?? '') ? a : b));
  return { lesson: oldest, why: 'all-done' };
}
