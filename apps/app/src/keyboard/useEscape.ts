import { useEffect } from 'react';

/** What Escape leaves first: something over the page, or a row that is being moved. */
const LEFT_FIRST = '[role="dialog"], [role="menu"], [aria-roledescription][aria-pressed="true"]';

/** Where Escape leads, the nearest first: the station one is at, then the way back. */
const WAYS = ['[role="navigation"] [aria-current="step"]', '[role="banner"] [role="button"], [role="banner"] a'];

/** From anywhere on a page Escape leads to its strip, and from there to the way back: Enter does the rest. */
export function useEscape(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape' || document.querySelector(LEFT_FIRST)) return;
      const ways = WAYS.map((way) => document.querySelector<HTMLElement>(way));
      ways.find((way) => way && way !== document.activeElement)?.focus();
    };
    // On its way down: a field keeps what bubbles up from it to itself.
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, []);
}
