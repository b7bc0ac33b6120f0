import { lazy, Suspense, type ComponentType } from 'react';
import { loadPart } from '../api/offline';
import { LoadingPage, Trouble } from '../frame/States';

/** Everything but the bench is one script of its own, so that the bench is quickly there. */
export const loadWorkshop = () => loadPart(() => import('./workshop'));

type Workshop = Awaited<ReturnType<typeof loadWorkshop>>;

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
