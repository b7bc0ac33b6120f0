import { openBook, type Book } from '@zero-point/core/book/book';
import { withEntries } from '@zero-point/core/record/merge';
import { useEffect, useMemo } from 'react';
import { usePractice, type Running } from '../stores/practice';

/** A lesson's set-up as it stands on this device, opened; undefined where there is no such lesson. */
export function usePracticeBook(id: string): { running: Running; book: Book } | undefined {
  const running = usePractice((state) => (state.running?.id === id ? state.running : undefined));
  useEffect(() => {
    usePractice.getState().open(id);
  }, [id]);
  const lesson = running?.lesson;
  const begun = running?.begun;
  const given = running?.given;
  const entries = running?.entries;
  const book = useMemo(
    () =>
      lesson &&
      begun !== undefined &&
      given &&
      entries &&
      openBook(withEntries(lesson.snapshot(id, begun), [...given, ...entries])),
    [id, lesson, begun, given, entries],
  );
  return running && book ? { running, book } : undefined;
}
