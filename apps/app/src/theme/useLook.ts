import { useSettings } from '../stores/settings';
import { PALETTES, type Mode, type Palette } from './palette';

export interface Look {
  mode: Mode;
  palette: Palette;
  /** Factor on the size of digits: larger in shop mode. */
  digits: number;
}

/** Colours and digit size of the mode chosen in the settings. */
export function useLook(): Look {
  const mode = useSettings((state) => state.mode);
  return { mode, palette: PALETTES[mode], digits: mode === 'shop' ? 1.2 : 1 };
}
