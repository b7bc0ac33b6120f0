/**
 * What several pages share is in scripts of its own (`split-chunks.js`), so a page names several: they are fetched side by
 * side, and the page runs once all are there.
 */
type Load = (path: string | readonly string[]) => Promise<unknown>;

const NAME = '__loadBundleAsync';

/** Lets what loads a script load several. */
export function loadPiecesTogether(world: Record<string, unknown> = globalThis as never): void {
  const one = world[NAME] as Load | undefined;
  if (!one) return;
  const load: Load = (path) => (typeof path === 'string' ? one(path) : Promise.all(path.map(one)));
  world[NAME] = load;
}
