import { isKindName, KINDS } from './kinds';

/** The versions of every kind that this program writes. */
export const kindVersions = (): Record<string, number> =>
  Object.fromEntries(Object.values(KINDS).map(({ name, version }) => [name, version]));

/** Whether what was written by these versions of kinds is of a newer program. */
export const ofNewerKinds = (kinds: Readonly<Record<string, number>>): boolean =>
  Object.entries(kinds).some(([name, of]) => !isKindName(name) || of > KINDS[name].version);

/** Whether it is of a program of before the first release. */
export const ofOlderKinds = (kinds: Readonly<Record<string, number>>): boolean =>
  Object.entries(kinds).some(([name, of]) => isKindName(name) && of < KINDS[name].version);
