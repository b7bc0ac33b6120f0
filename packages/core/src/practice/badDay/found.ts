import { troublesOf } from './troubles';
import type { Trouble } from './trouble';

/** What was said of a bad day, against what happened. */
export interface Found {
  /** Happened, and was named. */
  named: Trouble[];
  /** Happened, and was not named. */
  missed: Trouble[];
  /** Was named, and never happened. */
  wrong: Trouble[];
}

/** Holds what a person says went wrong against what did, of all that can go wrong there. */
export function foundOf(seed: number, from: readonly Trouble[], said: readonly Trouble[]): Found {
  const happened = troublesOf(seed, from);
  return {
    named: from.filter((one) => happened.includes(one) && said.includes(one)),
    missed: from.filter((one) => happened.includes(one) && !said.includes(one)),
    wrong: from.filter((one) => !happened.includes(one) && said.includes(one)),
  };
}
