import { useEffect } from 'react';
import { queryClient } from './queryClient';

/** How often the server is asked for what is not told as it comes, ms; only while it does not tell. */
export const REFRESH = 5000;

/** Hears what the server tells at an address; gives back how to stop. Where a browser cannot, nothing is heard. */
export function listen(path: string, heard: (event: MessageEvent<string>) => void, name = 'changed'): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  const source = new EventSource(`/api${path}`);
  source.addEventListener(name, heard);
  return () => source.close();
}

/** Asks anew for what stands under a key whenever the server says that something changed. */
export const useTold = (key: readonly string[]): void =>
  useEffect(() => listen('/events', () => void queryClient.invalidateQueries({ queryKey: key })), [key]);
