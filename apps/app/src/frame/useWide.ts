import { useWindowDimensions } from 'react-native';

/** From here on there is room for strip, drawing and figures side by side. */
const WIDE = 960;

export const useWide = (): boolean => useWindowDimensions().width >= WIDE;
