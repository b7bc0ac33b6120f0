import { useWindowDimensions } from 'react-native';

/** From here on there is room for strip, drawing and figures side by side, px. */
const WIDE = 960;

/** A page lower than this and wider than high is a phone on its side, px. */
const LOW = 520;

/** Lower than this the keypad's keys give way, px. */
const SHORT = 720;

/** How the page is held: upright, on its side in a clamp, or wide on a bench. */
export type Shape = 'upright' | 'side' | 'wide';

export function useShape(): Shape {
  const { width, height } = useWindowDimensions();
  if (width >= WIDE) return 'wide';
  return width > height && height < LOW ? 'side' : 'upright';
}

export const useWide = (): boolean => useShape() === 'wide';

/** Height of a key of the shop's keypad, px. */
export const useKeyHeight = (): number => (useWindowDimensions().height < SHORT ? 44 : 48);
