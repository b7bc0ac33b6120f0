import { explain } from '../../src/mistakes/explain';
import type { ExplainInput, Mistake } from '../../src/mistakes/explain.schema';
import { chance, type Chance } from '../../src/metrology/chance';

/** What was in use, as the explainer is told it; nothing measured yet. mm. */
const shop = ({ between, pick }: Chance): ExplainInput => ({
  measured: 0,
  known: between(20, 320),
  U: between(0.01, 0.04),
  radius: between(1, 7),
  feeler: between(0.05, 0.25),
  perTurn: pick(2, 2.54, 3, 4),
  backlash: between(0.15, 0.55),
});

/** Share of planted slips that are named first, among cases where no other candidate lies within 3 U of the planted one. */
export function namedFirst(cases: number, seed: number): number {
  const random = chance(seed);
  let [asked, named] = [0, 0];
  while (asked < cases) {
    const base = shop(random);
    const { radius = 0, feeler = 0, perTurn = 0, backlash = 0 } = base;
    const [slip, size] = random.pick<[Mistake, number]>(
      ['radius-once', radius],
      ['radius-twice', 2 * radius],
      ['feeler', feeler],
      ['turns', perTurn],
      ['backlash', backlash],
    );
    const signed = random.pick(size, -size);
    // By the explainer's own list on a noiseless difference.
    const clean = explain({ ...base, measured: base.known + signed });
    if (clean.agrees || clean.likely.some((one) => one.slip !== slip && one.misfit <= 3)) continue;
    asked += 1;
    const { likely } = explain({ ...base, measured: base.known + signed + (base.U / 2) * random.normal() });
    if (likely[0]?.slip === slip) named += 1;
  }
  return named / asked;
}

/** Share of clean cases that are said not to agree. */
export function criedWolf(cases: number, seed: number): number {
  const random = chance(seed);
  let wolf = 0;
  for (let i = 0; i < cases; i += 1) {
    const base = shop(random);
    if (!explain({ ...base, measured: base.known + (base.U / 2) * random.normal() }).agrees) wolf += 1;
  }
  return wolf / cases;
}
