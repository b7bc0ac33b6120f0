import type { CheckedProgram } from '@zero-point/core/program/checkProgram';
import type { CheckContext } from '@zero-point/core/program/checkContext';
import { create } from 'zustand';
import type { Reread } from '../api/pickHandle';

/** A program as it was checked, with what it was held against. */
export interface Checked {
  file: File;
  /** Reads the file as it is now; undefined where the browser only gave it once. */
  reread: Reread | undefined;
  set: CheckContext;
  result: CheckedProgram;
}

interface Programs {
  /** By setup; kept while the app is open, so that another station is one tap away and back. */
  checked: Readonly<Record<string, Checked>>;
  keep: (setupId: string, checked: Checked | undefined) => void;
}

/** Programs that were checked on this device since the app was opened. */
export const usePrograms = create<Programs>()((set) => ({
  checked: {},
  keep: (setupId, checked) =>
    set(({ checked: all }) => {
      const { [setupId]: _, ...others } = all;
      return { checked: checked ? { ...others, [setupId]: checked } : others };
    }),
}));
