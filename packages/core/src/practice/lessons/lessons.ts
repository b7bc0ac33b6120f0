import { BAD_DAYS } from '../badDay/badDay';
import { ALIGN_LESSONS } from './alignLessons';
import { CUT_LESSONS } from './cutLessons';
import { DIAL_LESSONS } from './dialLessons';
import { FACE_LESSONS } from './faceLessons';
import { FREE_PLAY } from './freePlay';
import { GAUGE_LESSONS } from './gaugeLessons';
import { HEIGHT_LESSONS } from './heightLessons';
import type { Lesson } from './lesson';
import { MIDDLE_LESSONS } from './middleLessons';

/** Lessons by what they are about, the first edge first. Each is done on a part that lies somewhere else every time. */
export const LESSON_GROUPS: readonly { title: string; lessons: readonly Lesson[] }[] = [
  { title: 'Edges and corners', lessons: FACE_LESSONS },
  { title: 'Middles', lessons: MIDDLE_LESSONS },
  { title: 'By the collars', lessons: DIAL_LESSONS },
  { title: 'Z and tool lengths', lessons: HEIGHT_LESSONS },
  { title: 'Lined up', lessons: ALIGN_LESSONS },
  { title: 'Gauges, run-out, a tilting table', lessons: GAUGE_LESSONS },
  { title: 'Tool change, holes, a bore, a face', lessons: CUT_LESSONS },
];

export const LESSONS: readonly Lesson[] = LESSON_GROUPS.flatMap(({ lessons }) => lessons);

/** Everything that can be practised. */
const ALL: readonly Lesson[] = [...LESSONS, ...FREE_PLAY, ...BAD_DAYS];

export const lessonById = (id: string): Lesson | undefined => ALL.find((lesson) => lesson.id === id);
