import { nextLesson, mistakeCounts, type Practised } from './progress';
import type { MillMistake } from './marking/millMistakes';

let made = 0;
const went = (lesson: string, passed = true, ...slips: MillMistake[]): Practised => {
  made += 1;
  return {
    session: `s${made}`,
    lesson,
    at: `2026-11-27T09:00:${String(made % 60).padStart(2, '0')}.000Z`,
    passed,
    slips,
  };
};

const LESSONS: [string, ...string[]] = ['edge', 'corner', 'bore'];

describe('what to practise next', () => {
  beforeEach(() => {
    made = 0;
  });

  test('for a newcomer the first', () => {
    expect(nextLesson([], LESSONS)).toEqual({ lesson: 'edge', why: 'first' });
  });

  test('what was not well set the last time comes before anything new', () => {
    const practised = [went('edge'), went('corner', false)];
    expect(nextLesson(practised, LESSONS)).toEqual({ lesson: 'corner', why: 'not-yet' });
    expect(nextLesson([...practised, went('corner')], LESSONS)).toEqual({ lesson: 'bore', why: 'first' });
  });

  test('then what was set with a slip', () => {
    const practised = [went('edge', true, 'read-back-skipped'), went('corner')];
    expect(nextLesson(practised, LESSONS)).toEqual({ lesson: 'edge', why: 'slipped' });
  });

  test('with all of them done well, the one that was done longest ago', () => {
    const practised = [went('bore'), went('edge'), went('corner'), went('bore')];
    expect(nextLesson(practised, LESSONS)).toEqual({ lesson: 'edge', why: 'all-done' });
  });
});

test('slips by kind: how often in the latest ten, and in the ten before', () => {
  const practised = [
    ...Array.from({ length: 5 }, () => went('edge', false, 'finder-still')),
    ...Array.from({ length: 5 }, () => went('edge')),
    ...Array.from({ length: 9 }, () => went('corner')),
    went('corner', true, 'not-raised', 'read-back-skipped'),
  ];
  expect(mistakeCounts(practised)).toEqual([
    { slip: 'not-raised', lately: 1, before: 0 },
    { slip: 'read-back-skipped', lately: 1, before: 0 },
    { slip: 'finder-still', lately: 0, before: 5 },
  ]);
  expect(mistakeCounts([went('edge')])).toEqual([]);
});
