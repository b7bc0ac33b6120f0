import { useGlobalSearchParams, usePathname } from 'expo-router';
import { useEffect } from 'react';
import { resetMovedFocus } from './focusMoved';

/**
 * Puts the focus at the start of a page that was come to, so that the next Tab is at what it asks and not at all that
 * stands above it; a field that took the focus itself keeps it.
 */
export function useArrivalFocus(): void {
  const pathname = usePathname();
  const { f } = useGlobalSearchParams();
  useEffect(() => {
    resetMovedFocus();
    const main = document.querySelector<HTMLElement>('[role="main"]');
    if (!main || main.contains(document.activeElement)) return;
    main.tabIndex = -1;
    main.focus({ preventScroll: true });
  }, [pathname, f]);
}
