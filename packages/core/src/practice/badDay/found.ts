import { TROUBLES, troublesOf, type Trouble } from './troubles';

/** What was said of a bad day, against what happened. */
export interface Found {
  /** Happened, and was named. */
  named: Trouble[];
  /** Happened, and was not named. */
  missed: Trouble[];
  /** Was named, and never happened. */
  wrong: Trouble[];
}

/** Holds what a person says went wrong against what did. */
export function foundOf(seed: number, said: readonly Trouble[]): Found {
  const happened = troublesOf(seed);
  return {
    named: TROUBLES.filter((one) => happened.includes(one) && said.includes(one)),
    missed: TROUBLES.filter((one) => happened.includes(one) && !said.includes(one)),
    wrong: TROUBLES.filter((one) => !happened.includes(one) && said.includes(one)),
  };
}
