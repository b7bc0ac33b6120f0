import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';

/** A part of the page that opened in the place of what was pressed takes the focus, where it would else be nowhere. */
export function useOpenedFocus(): RefObject<View | null> {
  const opened = useRef<View>(null);
  useEffect(() => {
    if (document.activeElement === document.body) opened.current?.focus();
  }, []);
  return opened;
}
