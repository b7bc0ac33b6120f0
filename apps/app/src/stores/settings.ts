import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { Mode } from '../theme/palette';

interface Settings {
  mode: Mode;
  /** Units a new set-up starts with. */
  units: LengthUnit;
  /** A click is heard, and the device shakes shortly, when a reading is stored. */
  click: boolean;
  shake: boolean;
  /** The practice mill is heard. */
  millSound: boolean;
  /** Figures are typed, though a link shows them. */
  byHand: boolean;
  setMode: (mode: Mode) => void;
  setUnits: (units: LengthUnit) => void;
  setClick: (click: boolean) => void;
  setShake: (shake: boolean) => void;
  setMillSound: (millSound: boolean) => void;
  setByHand: (byHand: boolean) => void;
}

/** What a person prefers on this device. */
export const useSettings = create<Settings>()(
  persist(
    (set) => ({
      mode: 'day',
      units: 'mm',
      click: true,
      shake: true,
      millSound: true,
      byHand: false,
      setMode: (mode) => set({ mode }),
      setUnits: (units) => set({ units }),
      setClick: (click) => set({ click }),
      setShake: (shake) => set({ shake }),
      setMillSound: (millSound) => set({ millSound }),
      setByHand: (byHand) => set({ byHand }),
    }),
    { name: 'zero-point.settings' },
  ),
);
