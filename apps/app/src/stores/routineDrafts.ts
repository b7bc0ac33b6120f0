import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { hasFields, isListOf, isNumber, isRecord, isText } from '../cache/shapes';

/** How far a routine has come: what was said of its needs, its readings, and the question it stands at; -1 before the first. */
export interface Draft {
  told: Record<string, string>;
  readings: Record<string, number[]>;
  at: number;
}

interface Drafts {
  drafts: Record<string, Draft>;
  set: (key: string, draft: Draft | undefined) => void;
  /** Lets go of all that were begun in a lesson. */
  forget: (lesson: string) => void;
}

/** How the keys of all drafts of a lesson begin. */
export const draftsOf = (lesson: string): string => `${lesson} `;

const isDraft = (value: unknown): value is Draft =>
  hasFields(value, {
    told: (told) => isRecord(told) && Object.values(told).every(isText),
    readings: (readings) => isRecord(readings) && Object.values(readings).every(isListOf(isNumber)),
    at: isNumber,
  });

const draftsIn = (kept: unknown): Record<string, Draft> =>
  isRecord(kept) && isRecord(kept.drafts)
    ? Object.fromEntries(Object.entries(kept.drafts).flatMap(([key, draft]) => (isDraft(draft) ? [[key, draft]] : [])))
    : {};

/** Readings not yet made into a result; kept on this device until they are. */
export const useDrafts = create<Drafts>()(
  persist(
    (set) => ({
      drafts: {},
      set: (key, draft) =>
        set(({ drafts: { [key]: _, ...others } }) => ({ drafts: draft ? { ...others, [key]: draft } : others })),
      forget: (lesson) =>
        set(({ drafts }) => ({
          drafts: Object.fromEntries(Object.entries(drafts).filter(([key]) => !key.startsWith(draftsOf(lesson)))),
        })),
    }),
    {
      name: 'zero-point.routines',
      // Drafts that are none are left out; the others go on.
      merge: (kept, now) => ({ ...now, drafts: { ...now.drafts, ...draftsIn(kept) } }),
    },
  ),
);
