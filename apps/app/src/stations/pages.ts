import type { Book } from '@zero-point/core/book/book';
import type { StationName } from '@zero-point/core/record/stations';
import { LoadingPage } from '../frame/LoadingPage';
import { later, type Later } from '../frame/later';

/** A page of a set-up: a station, or what stands beside the strip. */
export type PageName = StationName | 'drive' | 'log' | 'routine';

type Page = Later<{ book: Book }>;

/** Every page of a set-up, each with a script of its own. */
export const PAGES: Readonly<Record<PageName, Page>> = {
  plan: later(() => import('./plan/Screen'), LoadingPage),
  workholding: later(() => import('./workholding/Screen'), LoadingPage),
  alignment: later(() => import('./alignment/Screen'), LoadingPage),
  datum: later(() => import('./datum/Screen'), LoadingPage),
  heights: later(() => import('./heights/Screen'), LoadingPage),
  positions: later(() => import('./positions/Screen'), LoadingPage),
  size: later(() => import('./size/Screen'), LoadingPage),
  verify: later(() => import('./verify/Screen'), LoadingPage),
  sheet: later(() => import('./sheet/Screen'), LoadingPage),
  drive: later(() => import('./positions/parts/Drive'), LoadingPage),
  log: later(() => import('./log/Screen'), LoadingPage),
  routine: later(() => import('../practice/RoutinePage'), LoadingPage),
};

export const isPage = (name: unknown): name is PageName => typeof name === 'string' && Object.hasOwn(PAGES, name);
