import { lazy, Suspense, type ComponentType } from 'react';
import { create } from 'zustand';
import { deviceStorage } from '../api/deviceStorage';
import { loadPart } from '../api/offline';
import { somethingLeft } from '../outbox/keys';
import { LoadingPage, Trouble } from '../frame/States';

type Workshop = typeof import('./workshop');

const useLoaded = create<{ workshop: Workshop | undefined }>()(() => ({ workshop: undefined }));

/** Everything but the bench is one script of its own, so that the bench is quickly there. */
export async function loadWorkshop(): Promise<Workshop> {
  const workshop = await loadPart(() => import('./workshop'));
  useLoaded.setState({ workshop });
  return workshop;
}

/** The workshop, once its script is there. */
export const useWorkshop = (): Workshop | undefined => useLoaded(({ workshop }) => workshop);

/** How long the bench is read before the rest is fetched, ms. */
const READ = 1500;

/**
 * Fetches the workshop while the bench is being read, at once where an earlier visit left something to deliver, and starts
 * delivering; gives back how to stop.
 */
export function startWorkshop(): () => void {
  let stop: (() => void) | undefined;
  let over = false;
  const start = async () => {
    const { startOutbox, keepShop } = await loadWorkshop();
    if (over) return;
    stop = startOutbox();
    void keepShop();
  };
  // A workshop that cannot be had is told by the screen that wants it; what is on the device stays there.
  const timer = setTimeout(() => void start().catch(() => undefined), somethingLeft(deviceStorage) ? 0 : READ);
  return () => {
    over = true;
    clearTimeout(timer);
    stop?.();
  };
}

/** A screen of the workshop that loads when it is first shown. */
export function lazyScreen(pick: (workshop: Workshop) => ComponentType): ComponentType {
  const Screen = lazy<ComponentType>(() =>
    loadWorkshop().then(
      (workshop) => ({ default: pick(workshop) }),
      () => ({ default: Missing }),
    ),
  );
  return function LazyScreen() {
    return (
      <Suspense fallback={<LoadingPage what="the workshop" />}>
        <Screen />
      </Suspense>
    );
  };
}

/** A part of the app that could not be had, after the page began again once. */
const Missing = () => (
  <Trouble
    title="A part of the app is missing."
    detail="The server is away, or has another version. What you logged is kept on this device. Start the server, then try again."
    retry={() => window.location.reload()}
  />
);
