/** The rough shapes pages have, told by their address alone: what stands there while a page is on its way. */
export type PageShape = 'home' | 'touch' | 'station' | 'plain';

/** Stations whose page asks for a figure from the start. */
const TOUCHED = /^\/(heights|size|verify)$/;

/** Pages of a setup that have no drawing of their own. */
const BARE = /^\/(log|sheet|routine)$/;

/**
 * The shape of the page at an address.
 *
 * @param location its path and its search, as `window.location` has them
 */
export function shapeOf({ pathname, search }: Pick<Location, 'pathname' | 'search'>): PageShape {
  if (pathname === '/') return 'home';
  const station = /^\/setup\/[^/]+(\/[^/]+)$/.exec(pathname)?.[1];
  if (station === undefined) return /^\/at-once\/./.test(pathname) ? 'touch' : 'plain';
  if (BARE.test(station)) return 'plain';
  const chosen = new URLSearchParams(search);
  if (chosen.has('show')) return 'station';
  const asks = TOUCHED.test(station) || (station === '/datum' && chosen.has('f')) || chosen.has('task');
  return asks ? 'touch' : 'station';
}
