import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { StationName } from '@zero-point/core/records/values/stations';
import { LoadingPart } from '../layout/LoadingPage';
import { lazyComponent, type Later } from '../layout/lazyComponent';

/** A page of a setup: a station, or what stands beside the strip. */
export type PageName = StationName | 'drive' | 'log' | 'routine';

type Page = Later<{ book: SetupState }>;

/** Every page of a setup, each with a script of its own. */
export const PAGES: Readonly<Record<PageName, Page>> = {
  plan: lazyComponent(() => import('./plan/Screen'), LoadingPart),
  workholding: lazyComponent(() => import('./workholding/Screen'), LoadingPart),
  alignment: lazyComponent(() => import('./alignment/Screen'), LoadingPart),
  datum: lazyComponent(() => import('./datum/Screen'), LoadingPart),
  heights: lazyComponent(() => import('./zAndTools/Screen'), LoadingPart),
  positions: lazyComponent(() => import('./holes/Screen'), LoadingPart),
  size: lazyComponent(() => import('./boreAndFace/Screen'), LoadingPart),
  verify: lazyComponent(() => import('./verify/Screen'), LoadingPart),
  sheet: lazyComponent(() => import('./sheet/Screen'), LoadingPart),
  drive: lazyComponent(() => import('./holes/parts/moves/MoveList'), LoadingPart),
  log: lazyComponent(() => import('./log/Screen'), LoadingPart),
  routine: lazyComponent(() => import('../practice/RoutinePage'), LoadingPart),
};

export const isPage = (name: unknown): name is PageName => typeof name === 'string' && Object.hasOwn(PAGES, name);
