import { lazy, Suspense, type ComponentType } from 'react';
import { LoadingPage } from '../frame/States';

/** Everything but the bench is one script of its own, so that the bench is quickly there. */
export const loadWorkshop = () => import('./workshop');

type Workshop = Awaited<ReturnType<typeof loadWorkshop>>;

/** A screen of the workshop that loads when it is first shown. */
export function lazyScreen(pick: (workshop: Workshop) => ComponentType): ComponentType {
  const Screen = lazy(async () => ({ default: pick(await loadWorkshop()) }));
  return function LazyScreen() {
    return (
      <Suspense fallback={<LoadingPage what="the workshop" />}>
        <Screen />
      </Suspense>
    );
  };
}
