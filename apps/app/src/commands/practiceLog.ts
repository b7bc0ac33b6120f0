import type { Entry } from '@zero-point/core/records/kinds/entry';

/** Setups of the practice mill, by their ids: the lesson and the seed of its mill. */
export const PRACTICE_ID = /^practice-([a-z-]+)-(\d+)$/;

/** Whether a setup is of the practice mill, by its id. */
export const isPractice = (setupId: string): boolean => PRACTICE_ID.test(setupId);

type LogInPractice = (setupId: string, entry: Entry) => void;

let log: LogInPractice | undefined;

/** Says where an entry of a lesson goes: the practice mill does, once it is there. */
export function logPracticeBy(how: LogInPractice): void {
  log = how;
}

/** Logs an entry of a lesson, on this device alone. @throws where no lesson was opened */
export function logInPractice(setupId: string, entry: Entry): void {
  if (!log) throw new Error('No lesson is open');
  log(setupId, entry);
}
