import { useEffect, useState } from 'react';
import { lazyComponent } from '../layout/lazyComponent';
import { whenIdle } from '../layout/whenIdle';

const TermDialog = lazyComponent(
  () => import('./TermDialog'),
  () => null,
);

/** Marks the terms of sentences once the page has a quiet moment; the first page does not wait for it. */
export function TermHost() {
  const [idle, setIdle] = useState(false);
  useEffect(() => whenIdle(() => setIdle(true)), []);
  return idle ? <TermDialog /> : null;
}
