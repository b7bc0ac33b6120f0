import { chance } from '../../metrology/chance';
import { chains, nearestNext } from './firstOrder';
import type { OrderJob } from './orderJob';
import { costOf } from './orderCost';
import { kickSearch, loadOrder, startSearch } from './orderSearch';

/** How often the search says how far it is. */
const REPORTS = 100;

/** Tries by default: enough for the last per cent at 200 places, and under two seconds at 1000. */
const TRIES = {
  travel: (n: number) => Math.round(Math.min(12_000, 6e6 / n)),
  dials: (n: number) => Math.round(Math.min(4000, 1.4e6 / n)),
};

/**
 * A good order of many places: the better of two simple ones, improved until no reversing of a stretch and no moving of a
 * short piece helps, then kicked and improved again, each kick kept only where it helps (iterated local search).
 * Reversing a stretch is left out where there and back cost differently, as on dials.
 */
export function improveOrder(job: OrderJob, onProgress: (share: number) => boolean): number[] {
  const n = job.places.length;
  const cost = costOf(job);
  const search = startSearch(n, cost, job.cost.kind === 'travel');
  const starts = [nearestNext(n, cost), chains(job)];
  const total = (order: readonly number[]) =>
    order.reduce((sum, to, i) => sum + cost(i === 0 ? -1 : (order[i - 1] ?? -1), to), 0);
  const first = starts.reduce((best, one) => (total(one) < total(best) ? one : best));
  loadOrder(search, first);
  const dice = chance(job.seed ?? n);
  const tries = job.tries ?? TRIES[job.cost.kind](n);
  for (let i = 0; i < tries; i += 1) {
    kickSearch(search, dice);
    if (i % Math.ceil(tries / REPORTS) === 0 && !onProgress(i / tries)) break;
  }
  return Array.from(search.tour.subarray(1, n + 1), (one) => one - 1);
}
