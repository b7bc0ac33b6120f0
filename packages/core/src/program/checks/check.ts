import type { Findings } from '../finding';
import type { Listener } from '../interpreter/listener';
import type { CheckContext } from '../checkContext';

/** What every check is given. */
export interface CheckOf {
  set: CheckContext;
  findings: Findings;
  /** The stretch of the path that comes next, by its place. */
  at: () => number;
}

/** One subject's check: what it listens to, and what it says once the program is read. */
export type ProgramRule = Partial<Omit<Listener, 'fault'>> & { end?: (line: number) => void };
