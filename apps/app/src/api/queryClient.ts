import { QueryClient } from '@tanstack/react-query';
import { ServerRefusal } from './client';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // The server may be this very machine, so being off the internet says nothing.
      networkMode: 'always',
      staleTime: 1000,
      retry: (failures, error) => !(error instanceof ServerRefusal) && failures < 1,
      retryDelay: 500,
    },
  },
});

export const setupKey = (id: string) => ['setup', id] as const;
export const shopKey = ['shop'] as const;
export const benchKey = ['bench'] as const;
