import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How far a routine has come: what was said of its needs, its readings, and the question it stands at; -1 before the first. */
export interface Draft {
  told: Record<string, string>;
  readings: Record<string, number[]>;
  at: number;
}

interface Drafts {
  drafts: Record<string, Draft>;
  set: (key: string, draft: Draft | undefined) => void;
}

/** Readings not yet made into a result; kept on this device until they are. */
export const useDrafts = create<Drafts>()(
  persist(
    (set) => ({
      drafts: {},
      set: (key, draft) =>
        set(({ drafts: { [key]: _, ...others } }) => ({ drafts: draft ? { ...others, [key]: draft } : others })),
    }),
    { name: 'zero-point.routines' },
  ),
);
