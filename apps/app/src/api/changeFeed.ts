import type { KeptEntry } from '@zero-point/core/records/kinds/entry';
import { withEntries } from '@zero-point/core/records/kinds/merge';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { useEffect, useRef } from 'react';
import { scheduleCacheCopy } from '../cache/cacheCopy';
import { queryClient, setupKey } from './queryClient';
import { listen } from '../stream/listen';

/** What the server tells of a setup as it comes. */
interface News {
  entries: KeptEntry[];
  seq: number;
  repeatability: Snapshot['repeatability'];
}

/** So much is new that it is fetched whole. */
interface FarBehind {
  seq: number;
  behind: number;
}

/** The snapshot with what is new; undefined where it has to be fetched whole again. */
export function withNews(snapshot: Snapshot, { entries, seq, repeatability }: News): Snapshot | undefined {
  // The record went back: another file stands behind the server.
  if (seq < snapshot.seq) return undefined;
  const fresh = entries.filter((entry) => entry.seq > snapshot.seq);
  const next = { ...withEntries(snapshot, fresh), repeatability, seq };
  const { machineId, partId } = snapshot.setup;
  // Another machine or part brings things of its own.
  return next.setup.machineId === machineId && next.setup.partId === partId ? next : undefined;
}

function take(id: string, news: News | FarBehind): void {
  const key = setupKey(id);
  const known = queryClient.getQueryData<Snapshot>(key);
  if (!known) return;
  if ('behind' in news) {
    if (news.seq > known.seq) void queryClient.invalidateQueries({ queryKey: key });
    return;
  }
  const next = withNews(known, news);
  if (!next) void queryClient.invalidateQueries({ queryKey: key });
  else if (news.entries.length > 0 || next.seq !== known.seq) {
    queryClient.setQueryData<Snapshot>(key, next);
    scheduleCacheCopy(id);
  }
}

/** Keeps a setup up to date while it is shown, from the place in the record that it was fetched at. */
export function useChangeFeed(id: string, seq: number | undefined): void {
  const from = useRef(seq);
  const known = seq !== undefined;
  useEffect(() => {
    from.current = seq;
  });
  useEffect(() => {
    if (!known) return undefined;
    return listen(`setup:${id}`, (data) => take(id, data as News | FarBehind), { since: () => from.current ?? 0 });
  }, [id, known]);
}
