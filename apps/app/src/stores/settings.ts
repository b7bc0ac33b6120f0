import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { Mode } from '../theme/palette';

interface Settings {
  mode: Mode;
  /** Units a new set-up starts with. */
  units: LengthUnit;
  setMode: (mode: Mode) => void;
  setUnits: (units: LengthUnit) => void;
}

/** What a person prefers on this device. */
export const useSettings = create<Settings>()(
  persist(
    (set) => ({
      mode: 'day',
      units: 'mm',
      setMode: (mode) => set({ mode }),
      setUnits: (units) => set({ units }),
    }),
    { name: 'zero-point.settings' },
  ),
);
