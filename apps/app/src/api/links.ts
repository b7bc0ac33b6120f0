import type { LinkAddress } from '@zero-point/core/link/address';
import type { LinkView } from '@zero-point/core/link/linkView';
import type { DeviceCommand } from '@zero-point/core/link/message';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { request } from './client';
import { queryClient } from './queryClient';
import { listen } from '../stream/listen';

const linksKey = ['links'] as const;

/** Machines that have a link, as they stood when last asked. */
const useLinks = () =>
  useQuery({ queryKey: linksKey, queryFn: () => request<LinkView[]>('GET', '/links'), staleTime: 5000 });

const path = (machineId: string): string => `/machines/${encodeURIComponent(machineId)}/link`;

/** The server says how a link stands every second; after so long without a word this page is cut off from it, ms. */
const CUT = 3500;

/**
 * A machine's link, live; undefined where it has none. Where the server has gone it is away, whatever was heard last.
 *
 * @param machineId undefined where none is wanted
 */
export function useLink(machineId: string | undefined): LinkView | undefined {
  const links = useLinks();
  const known = machineId === undefined ? undefined : links.data?.find((one) => one.machineId === machineId);
  const [live, setLive] = useState<LinkView | undefined>(undefined);
  const linked = known !== undefined;
  useEffect(() => {
    if (!linked || machineId === undefined) return undefined;
    let cut: ReturnType<typeof setTimeout> | undefined;
    const wait = () => {
      clearTimeout(cut);
      cut = setTimeout(
        () => setLive((view) => view && { ...view, state: 'away', reason: 'The shop’s server does not answer.' }),
        CUT,
      );
    };
    const stop = listen(
      `link:${machineId}`,
      (view) => {
        setLive(view as LinkView);
        wait();
      },
      // A touch is told once: it is taken though nobody looks.
      { unseen: true },
    );
    wait();
    return () => {
      stop();
      clearTimeout(cut);
      setLive(undefined);
    };
  }, [machineId, linked]);
  return live?.machineId === machineId ? live : known;
}

/** Asks a device something, or tells a stand-in what to do. @throws ServerRefusal with why not */
export const tellLink = (machineId: string, what: DeviceCommand): Promise<unknown> =>
  request('POST', `${path(machineId)}/told`, what);

/** Gives a machine its link, or none. @throws ServerRefusal where that may not be, with the field */
export async function saveLink(machineId: string, address: LinkAddress | null): Promise<void> {
  await request('PUT', path(machineId), { address });
  await queryClient.invalidateQueries({ queryKey: linksKey });
}
