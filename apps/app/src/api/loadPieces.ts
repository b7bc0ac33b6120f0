/**
 * What several pages share is in scripts of its own (`split-chunks.js`), so a page names several: they are fetched side by
 * side, and the page runs once all are there.
 */
type Load = (path: string | readonly string[]) => Promise<unknown>;

interface World {
  __loadBundleAsync?: Load;
  zeroPointRun?: Set<string>;
}

/** Lets what loads a script load several, and notes each that has run. */
export function loadPiecesTogether(world: World = globalThis as World): void {
  const load = world.__loadBundleAsync;
  if (!load) return;
  const one = async (path: string) => {
    await load(path);
    world.zeroPointRun?.add(path);
  };
  world.__loadBundleAsync = (path) => (typeof path === 'string' ? one(path) : Promise.all(path.map(one)));
}
