import { CUT_MATERIALS, type CutMaterialName } from '../boreAndFace/materials';

/** Most any tool may run out, mm, and the share of its diameter. */
export const MOST_RUN_OUT = 0.02;
const SHARE = 0.02;

/**
 * Most a tool may run out where nobody said, mm, total indicator reading: the least of 0.02, a fiftieth of its diameter,
 * and half the feed per tooth; a small cutter breaks long before a large one shows.
 *
 * @param material of the part, whose starting chip is taken; mild steel where it is not known
 * @example runOutLimit(1) // 0.002
 */
export function runOutLimit(diameter: number, material: CutMaterialName = 'mild-steel'): number {
  const chip = CUT_MATERIALS[material].chip * diameter;
  const least = diameter > 0 ? Math.min(MOST_RUN_OUT, SHARE * diameter, chip / 2) : MOST_RUN_OUT;
  return Math.max(0.001, Math.floor(least * 1000 + 1e-9) / 1000);
}

/** Heights above the tip that are read, mm: at the teeth, and twice on the shank, as the tool's size has them. */
export interface RunOutHeights {
  teeth: number;
  shank: readonly [number, number];
}

const roundUp = (mm: number, to: number): number => Math.ceil(mm / to - 1e-9) * to;

/** Half a diameter up at the teeth, at most 5; on the shank above flutes of four diameters, and at least 10 further up. */
export function runOutHeights(diameter: number): RunOutHeights {
  const teeth = Math.max(1, Math.min(5, Math.round(diameter) / 2));
  const low = Math.max(20, roundUp(4 * diameter, 5));
  return { teeth, shank: [low, low + Math.max(10, roundUp(1.5 * diameter, 5))] };
}
