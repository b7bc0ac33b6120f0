import type { Book } from '@zero-point/core/state/basis/setupState';
import type { StationName } from '@zero-point/core/records/values/stations';
import { LoadingPart } from '../layout/LoadingPage';
import { later, type Later } from '../layout/lazyComponent';

/** A page of a setup: a station, or what stands beside the strip. */
export type PageName = StationName | 'drive' | 'log' | 'routine';

type Page = Later<{ book: Book }>;

/** Every page of a setup, each with a script of its own. */
export const PAGES: Readonly<Record<PageName, Page>> = {
  plan: later(() => import('./plan/Screen'), LoadingPart),
  workholding: later(() => import('./workholding/Screen'), LoadingPart),
  alignment: later(() => import('./alignment/Screen'), LoadingPart),
  datum: later(() => import('./datum/Screen'), LoadingPart),
  heights: later(() => import('./zAndTools/Screen'), LoadingPart),
  positions: later(() => import('./holes/Screen'), LoadingPart),
  size: later(() => import('./boreAndFace/Screen'), LoadingPart),
  verify: later(() => import('./verify/Screen'), LoadingPart),
  sheet: later(() => import('./sheet/Screen'), LoadingPart),
  drive: later(() => import('./holes/parts/moves/MoveList'), LoadingPart),
  log: later(() => import('./log/Screen'), LoadingPart),
  routine: later(() => import('../practice/RoutinePage'), LoadingPart),
};

export const isPage = (name: unknown): name is PageName => typeof name === 'string' && Object.hasOwn(PAGES, name);
