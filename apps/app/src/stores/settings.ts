import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { isRecord } from '../cache/shapes';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { Mode } from '../theme/palette';

interface Settings {
  mode: Mode;
  /** Units a new setup starts with. */
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

const ONE_OF: Readonly<Record<'mode' | 'units', readonly string[]>> = {
  mode: ['day', 'night', 'shop'],
  units: ['mm', 'in'],
};

/** Of what was kept only what is a setting: anything else is as if it had never been chosen. */
const settingsIn = (kept: unknown): Partial<Settings> =>
  isRecord(kept)
    ? Object.fromEntries(
        Object.entries(kept).filter(([name, value]) =>
          name === 'mode' || name === 'units'
            ? ONE_OF[name].includes(String(value))
            : ['click', 'shake', 'millSound', 'byHand'].includes(name) && typeof value === 'boolean',
        ),
      )
    : {};

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
    { name: 'zero-point.settings', merge: (kept, now) => ({ ...now, ...settingsIn(kept) }) },
  ),
);
