import { troublesOf } from './troubles';
import type { BadDayTrouble } from './trouble';

/** What was said of a bad day, against what happened. */
export interface BadDayFound {
  /** Happened, and was named. */
  named: BadDayTrouble[];
  /** Happened, and was not named. */
  missed: BadDayTrouble[];
  /** Was named, and never happened. */
  wrong: BadDayTrouble[];
}

/** Holds what a person says went wrong against what did, of all that can go wrong there. */
export function foundOf(seed: number, from: readonly BadDayTrouble[], said: readonly BadDayTrouble[]): BadDayFound {
  const happened = troublesOf(seed, from);
  return {
    named: from.filter((one) => happened.includes(one) && said.includes(one)),
    missed: from.filter((one) => happened.includes(one) && !said.includes(one)),
    wrong: from.filter((one) => !happened.includes(one) && said.includes(one)),
  };
}
