import { BAD_DAY } from '../badDay/badDay';
import { DIAL_LESSONS } from './dialLessons';
import { FACE_LESSONS } from './faceLessons';
import { FREE_PLAY } from './freePlay';
import { HEIGHT_LESSONS } from './heightLessons';
import type { Lesson } from './lesson';
import { MIDDLE_LESSONS } from './middleLessons';

/** Lessons in the order people work. Each is done on a part that lies somewhere else every time. */
export const LESSONS: readonly Lesson[] = [...FACE_LESSONS, ...MIDDLE_LESSONS, ...DIAL_LESSONS, ...HEIGHT_LESSONS];

/** Everything that can be practised. */
const ALL: readonly Lesson[] = [...LESSONS, ...FREE_PLAY, BAD_DAY];

export const lessonById = (id: string): Lesson | undefined => ALL.find((lesson) => lesson.id === id);
