import { create } from 'zustand';
import { whenIdle } from '../layout/whenIdle';

interface VersionState {
  /** The server is of another build than this page. */
  other: boolean;
  tell: (build: string | null) => void;
}

/** The build of this page; none in development. */
export const ownBuild = (): string | undefined =>
  typeof document === 'undefined' ? undefined : document.querySelector<HTMLMetaElement>('meta[name=build]')?.content;

/** Whether the server that answers is of this page's build; a page without one, as in development, never asks. */
export const useVersion = create<VersionState>()((set, get) => ({
  other: false,
  tell: (build) => {
    const own = ownBuild();
    const other = own !== undefined && build !== null && build !== own;
    if (other === get().other) return;
    set({ other });
    // The newer app is fetched while the older one goes on.
    if (other) void registration()?.then((one) => one?.update());
  },
}));

const registration = () => worker()?.getRegistration();

const worker = (): ServiceWorkerContainer | undefined =>
  typeof navigator !== 'undefined' && 'serviceWorker' in navigator ? navigator.serviceWorker : undefined;

/**
 * Keeps the whole app on this device once the page has settled. Browsers have a worker only over a secure connection;
 * elsewhere the scripts of the other pages are fetched ahead, so that a phone in bad reception has them once it has one.
 */
export function cacheAppOffline(): void {
  if (ownBuild() === undefined) return;
  const container = worker();
  const keep = () =>
    whenIdle(() => void (container ? container.register('/sw.js').catch(() => undefined) : fetchAhead()));
  if (document.readyState === 'complete') setTimeout(keep, SETTLED);
  else window.addEventListener('load', () => setTimeout(keep, SETTLED), { once: true });
}

/** Has the browser fetch every script of the app when it has nothing else to do. */
function fetchAhead(): void {
  for (const file of window.zeroPointFiles ?? []) {
    const link = document.createElement('link');
    link.rel = 'prefetch';
    link.href = file;
    document.head.append(link);
  }
}

/** After the first screen has what it needs, ms. */
const SETTLED = 1500;

/** Takes the newer app, if one was fetched, and begins again with it. What waits in the outbox is kept. */
export async function takeNewer(): Promise<void> {
  const kept = await registration();
  await kept?.update().catch(() => undefined);
  await settled(kept?.installing);
  const waiting = kept?.waiting;
  if (!waiting) return window.location.reload();
  worker()?.addEventListener('controllerchange', () => window.location.reload(), { once: true });
  waiting.postMessage({ type: 'SKIP_WAITING' });
}

/** Once a worker that is being installed has all it needs, or has failed. */
const settled = (installing: ServiceWorker | null | undefined): Promise<void> =>
  new Promise((resolve) => {
    if (!installing) return resolve();
    const look = () => installing.state !== 'installing' && resolve();
    installing.addEventListener('statechange', look);
    look();
  });

const TRIED = 'zero-point.chunk-reloaded';

/** Whether the server answers at all. */
const serverAnswers = (): Promise<boolean> =>
  fetch('/api/health', { signal: AbortSignal.timeout(PATIENCE) }).then(
    () => true,
    () => false,
  );

/** Waited for so long, ms. */
const PATIENCE = 3000;

/** The page begins again at most once in this time, ms: other parts that load well say nothing of the one that does not. */
const BEGIN_AGAIN = 60_000;

/**
 * Loads a part of the app; where the server has it no more, since a newer app took its place, the page begins again with
 * that one, once. While the server is away the page stays as it is: what is on it can still be used.
 *
 * @throws the error, where that was tried already, or the server is away
 */
export async function loadPart<T>(load: () => Promise<T>): Promise<T> {
  try {
    return await load();
  } catch (error) {
    const tried = Number(sessionStorage.getItem(TRIED) ?? 0);
    if (Date.now() - tried < BEGIN_AGAIN || !(await serverAnswers())) throw error;
    sessionStorage.setItem(TRIED, String(Date.now()));
    await takeNewer();
    // The page is going; nothing more is shown until it has.
    return new Promise(() => undefined);
  }
}
