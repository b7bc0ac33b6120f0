import { create } from 'zustand';

interface VersionState {
  /** The server is of another build than this page. */
  other: boolean;
  tell: (build: string | null) => void;
}

const ownBuild = (): string | undefined =>
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

/** Keeps the app on this device once the page has settled; browsers only do so over a secure connection. */
export function keepAppOffline(): void {
  const container = worker();
  if (!container || ownBuild() === undefined) return;
  const register = () => void container.register('/sw.js').catch(() => undefined);
  if (document.readyState === 'complete') setTimeout(register, SETTLED);
  else window.addEventListener('load', () => setTimeout(register, SETTLED), { once: true });
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

/**
 * Loads a part of the app; where the server has it no more, since a newer app took its place, the page begins again with
 * that one, once.
 *
 * @throws the error, where that was tried already
 */
export async function loadPart<T>(load: () => Promise<T>): Promise<T> {
  try {
    const part = await load();
    sessionStorage.removeItem(TRIED);
    return part;
  } catch (error) {
    if (sessionStorage.getItem(TRIED) !== null) throw error;
    sessionStorage.setItem(TRIED, 'yes');
    await takeNewer();
    // The page is going; nothing more is shown until it has.
    return new Promise(() => undefined);
  }
}
