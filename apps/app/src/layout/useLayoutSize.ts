import { createContext, useContext } from 'react';
import { useWindowDimensions } from 'react-native';
import { TARGET } from './layout';

/** From here on there is room for strip, drawing and figures side by side, px. */
const WIDE = 960;

/** A page lower than this and wider than high is a phone on its side, px. */
const LOW = 520;

/** Lower than this a page has no room for a dial beside its sentence, px. */
const SHORT = 650;

/** How the page is held: upright, on its side in a clamp, or wide on a bench. */
export type Shape = 'upright' | 'side' | 'wide';

/** A page that has only a part of the window says so for what stands in it. */
export const ShapeOfPart = createContext<Shape | undefined>(undefined);

export function useLayoutSize(): Shape {
  const { width, height } = useWindowDimensions();
  const part = useContext(ShapeOfPart);
  if (part) return part;
  if (width >= WIDE) return 'wide';
  return width > height && height < LOW ? 'side' : 'upright';
}

export const useWide = (): boolean => useLayoutSize() === 'wide';

/** Height of a key of the shop's keypad, px: a finger's, and a little less on its side. */
export const useKeyHeight = (): number => (useLayoutSize() === 'side' ? 44 : TARGET);

/** So much of the window's height a page has to do without, px. */
export const TakenFromHeight = createContext(0);

/** Whether something round the page stands in for its own bar. */
export const useBarElsewhere = (): boolean => useContext(TakenFromHeight) > 0;

/** A page too low for more than what must be in sight. */
export const useShort = (): boolean => useWindowDimensions().height - useContext(TakenFromHeight) < SHORT;
