import { useEffect, useState } from 'react';

/**
 * Whether what a hand waits for is on the page: false as a page is first drawn, true right after. What is read later is
 * drawn then, so that a field is there sooner.
 */
export function useSettled(): boolean {
  const [settled, setSettled] = useState(false);
  useEffect(() => {
    // Once it has been painted.
    const timer = setTimeout(() => setSettled(true), 0);
    return () => clearTimeout(timer);
  }, []);
  return settled;
}
