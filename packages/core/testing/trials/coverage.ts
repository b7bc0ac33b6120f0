import type { Chance } from '../../src/metrology/chance';

/** One simulated answer: how far it truly was off, and the U that was stated for it, mm. */
export interface Trial {
  error: number;
  U: number;
}

/** Share of cases whose error lies within the stated U, and that U against the half-width that just holds 95 % of them. */
export function coverageOf(
  simulate: (random: Chance) => Trial,
  cases: number,
  seedOf: (i: number) => Chance,
): { share: number; width: number } {
  const ratios = new Float64Array(cases);
  let held = 0;
  for (let i = 0; i < cases; i += 1) {
    const { error, U } = simulate(seedOf(i));
    ratios[i] = Math.abs(error) / U;
    if (Math.abs(error) <= U) held += 1;
  }
  ratios.sort();
  return { share: held / cases, width: 1 / (ratios[Math.ceil(0.95 * cases) - 1] ?? Number.NaN) };
}
