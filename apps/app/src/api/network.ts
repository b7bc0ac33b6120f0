import { useMutation, useQuery } from '@tanstack/react-query';
import { request, ServerRefusal } from './client';
import { queryClient } from './queryClient';

/** The shop on the local network, as the machine it runs on sees it. */
export interface NetworkState {
  open: boolean;
  /** Where phones find it. */
  urls: string[];
  /** Where they find it over TLS, once they trust the shop's own certificate. */
  secureUrls: string[];
  /** The code that lets one device in, with a picture of it to scan. */
  code?: { code: string; until: string; qr: string };
  devices: { id: string; name: string; pairedAt: string; seenAt: string }[];
}

type Change = { open: boolean } | { code: 'new' } | { dismiss: string };

const KEY = ['network'];

/** How often it is looked whether a phone has joined, ms: only while a code waits for one. */
const WAITING = 2000;

const change = (what: Change): Promise<NetworkState> => {
  if ('open' in what) return request('PUT', '/network', what);
  if ('code' in what) return request('POST', '/network/code', {});
  return request('DELETE', `/network/devices/${what.dismiss}`);
};

/** The network's state, `undefined` on any machine but the shop's own, and how to change it. */
export function useNetwork() {
  const { data, error } = useQuery({
    queryKey: KEY,
    queryFn: () => request<NetworkState>('GET', '/network'),
    retry: (_count, why) => !(why instanceof ServerRefusal),
    refetchInterval: ({ state }) => (state.data?.code ? WAITING : false),
  });
  const changing = useMutation({
    mutationFn: change,
    onSuccess: (state) => queryClient.setQueryData(KEY, state),
  });
  return {
    /** Only at the shop's own machine is anybody let in. */
    elsewhere: error instanceof ServerRefusal,
    state: data,
    change: (what: Change) => changing.mutate(what),
    trouble: changing.error instanceof Error ? changing.error.message : undefined,
    busy: changing.isPending,
  };
}
