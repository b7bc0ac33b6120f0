import { roundToCount } from '../units/round';
import { DEFAULT_DECIMALS, millimetresPer, type LengthUnit } from '../units/unit';

/** Axes of a program's words. */
type Letter = 'X' | 'Y' | 'Z';

/** Writes coordinates and remembers where they have brought the tool. */
export interface Scribe {
  /** Words that bring the tool to these coordinates, mm: themselves, or differences of rounded places. */
  to: (at: Partial<Record<Letter, number>>) => string;
  /** The same as distances, whatever the mode, from the first to each next; the tool does not move. mm. */
  distances: (heights: readonly number[]) => string[];
  /** Coordinates are differences from here on, or themselves again. */
  incremental: (on: boolean) => void;
  /** A length as the program has it. */
  length: (mm: number) => string;
}

/**
 * Words of a program in one unit. Incremental ones are differences of rounded places, so that rounding never adds up.
 *
 * @example const scribe = createScribe('mm'); scribe.to({ X: 1, Y: -0.00001 }) // 'X1.000 Y0.000'
 */
export function createScribe(unit: LengthUnit): Scribe {
  const decimals = DEFAULT_DECIMALS[unit];
  const at: Record<Letter, number> = { X: 0, Y: 0, Z: 0 };
  let differences = false;
  const count = (mm: number): number => roundToCount(mm / millimetresPer(unit), decimals);
  const figure = (counts: number): string => ((counts === 0 ? 0 : counts) / 10 ** decimals).toFixed(decimals);
  return {
    to: (place) =>
      (['X', 'Y', 'Z'] as const)
        .flatMap((letter) => {
          const mm = place[letter];
          if (mm === undefined) return [];
          const next = count(mm);
          const before = at[letter];
          at[letter] = next;
          return [`${letter}${figure(differences ? next - before : next)}`];
        })
        .join(' '),
    distances: (heights) => {
      const counts = heights.map(count);
      return counts.slice(1).map((to, i) => figure(to - (counts[i] ?? 0)));
    },
    incremental: (on) => {
      differences = on;
    },
    length: (mm) => figure(count(mm)),
  };
}
