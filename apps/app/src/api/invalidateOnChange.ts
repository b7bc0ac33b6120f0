import { useEffect } from 'react';
import { listen } from '../stream/listen';
import { refetch } from './cancelStaleFetch';
import { queryClient } from './queryClient';

/** How often the server is asked for what is not told as it comes, ms; only while it does not tell. */
export const REFRESH = 5000;

/** Asks again for what stands under a key whenever the server says that something changed, or may have said so unheard. */
export const useInvalidateOnChange = (key: readonly string[]): void =>
  useEffect(() => {
    const ask = () => void refetch(queryClient, key);
    return listen('shop', ask, { again: ask });
  }, [key]);
