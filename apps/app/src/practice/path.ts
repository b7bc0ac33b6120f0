import type { Lesson } from '@zero-point/core/practice/lessons/lesson';
import { practiceId } from '../stores/practice';

/** Where a lesson begins, on a mill of its own. */
export function lessonPath({ id, begins: { station, query } }: Lesson, seed: number): `/setup/${string}` {
  return `/setup/${practiceId(id, seed)}/${station}${query === '' ? '' : `?${query}`}`;
}
