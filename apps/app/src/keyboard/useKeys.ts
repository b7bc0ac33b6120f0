import { useEffect, useRef } from 'react';

/** Hears keys pressed anywhere but in a field, for as long as the page is shown; always by the newest handler. */
export function useKeys(onKey: (key: string) => void): void {
  const newest = useRef(onKey);
  useEffect(() => {
    newest.current = onKey;
  });
  useEffect(() => {
    const heard = ({ key, target }: KeyboardEvent) => {
      if (!(target instanceof HTMLInputElement)) newest.current(key);
    };
    window.addEventListener('keydown', heard);
    return () => window.removeEventListener('keydown', heard);
  }, []);
}
