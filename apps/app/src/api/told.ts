import { useEffect } from 'react';
import { askAnew } from './overtake';
import { queryClient } from './queryClient';

/** How often the server is asked for what is not told as it comes, ms; only while it does not tell. */
export const REFRESH = 5000;

/**
 * Hears what the server tells at an address; gives back how to stop. Where a browser cannot, nothing is heard.
 *
 * @param again told when the server is heard again after it was not: what it said meanwhile was missed
 */
export function listen(
  path: string,
  heard: (event: MessageEvent<string>) => void,
  { name = 'changed', again }: { name?: string; again?: () => void } = {},
): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  const source = new EventSource(`/api${path}`);
  source.addEventListener(name, heard);
  let lost = false;
  source.addEventListener('error', () => {
    lost = true;
  });
  source.addEventListener('open', () => {
    if (lost) again?.();
    lost = false;
  });
  return () => source.close();
}

/** Asks anew for what stands under a key whenever the server says that something changed, or may have said so unheard. */
export const useTold = (key: readonly string[]): void =>
  useEffect(() => {
    const ask = () => void askAnew(queryClient, key);
    return listen('/events', ask, { again: ask });
  }, [key]);
