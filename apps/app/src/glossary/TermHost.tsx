import { useEffect, useState, type ComponentType } from 'react';
import { whenIdle } from '../layout/whenIdle';

/**
 * Marks the terms of sentences once the page has a quiet moment; the first page does not wait for it. Where its script
 * cannot be had, as with the server away, sentences stay plain text and nothing is said of it.
 */
export function TermHost() {
  const [Dialog, setDialog] = useState<ComponentType>();
  useEffect(
    () =>
      whenIdle(() => {
        import('./TermDialog').then(
          ({ default: Found }) => setDialog(() => Found),
          () => undefined,
        );
      }),
    [],
  );
  return Dialog ? <Dialog /> : null;
}
