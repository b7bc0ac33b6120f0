import type { Mistake } from '../../src/mistakes/explain.schema';
import { toolTableCheck } from '../../src/zAndTools/toolTableCheck';
import type { ToolTableCheckInput, ToolTableCheckOutput } from '../../src/zAndTools/toolTableCheck.schema';
import { chance, type Chance } from '../../src/metrology/chance';

/** A table of tools measured twice: what was known before, and now with this day's scatter. */
function table(random: Chance): ToolTableCheckInput & { gauge: number } {
  const { between, pick, normal } = random;
  const sd = between(0.004, 0.012);
  // U of one length against another: both scatter, at 95 %.
  const U = 2 * Math.SQRT2 * sd;
  const gauge = pick(between(5, 50), 10, 25);
  const count = Math.floor(between(4, 13));
  const rows = Array.from({ length: count }, (_, i) => {
    const true_ = between(-60, 60);
    return { number: i + 2, known: true_ + sd * normal(), length: true_ + sd * normal() };
  });
  return {
    school: 'reference-tool',
    reference: 1,
    rows,
    U,
    gauge,
    plate: { entered: gauge, measured: gauge - between(0.15, 0.6) },
  };
}

/** Puts one slip into a table, and says which it was. */
function plant(
  input: ReturnType<typeof table>,
  random: Chance,
): { spoiled: ToolTableCheckInput; slip: Mistake; tools: number[] } {
  const slip = random.pick<Mistake>('sign', 'gauge-once', 'gauge-twice', 'plate');
  const all = (by: number) => ({
    spoiled: { ...input, rows: input.rows.map((row) => ({ ...row, length: row.length + by })) },
    slip,
    tools: input.rows.map(({ number }) => number),
  });
  const way = random.pick(1, -1);
  switch (slip) {
    case 'gauge-once':
      return all(way * input.gauge);
    case 'gauge-twice':
      return all(way * 2 * input.gauge);
    case 'plate':
      return all(way * ((input.plate?.measured ?? 0) - (input.plate?.entered ?? 0)));
    default: {
      // A sign on a length of all but nothing makes no difference to see.
      const far = input.rows.filter(({ length }) => Math.abs(length) > 2);
      const number = (far[Math.floor(random.next() * far.length)] ?? input.rows[0])?.number ?? 0;
      return {
        spoiled: {
          ...input,
          rows: input.rows.map((row) => (row.number === number ? { ...row, length: -row.length } : row)),
        },
        slip: 'sign',
        tools: [number],
      };
    }
  }
}

const names = ({ findings }: ToolTableCheckOutput, slip: Mistake, tools: readonly number[]): boolean =>
  findings.some((one) => one.slip === slip && one.tools.join() === tools.join());

/** Share of tables with one planted slip in which just that slip is named, of just those tools. */
export function tableSlipsNamed(cases: number, seed: number): number {
  const random = chance(seed);
  let named = 0;
  for (let i = 0; i < cases; i += 1) {
    const { spoiled, slip, tools } = plant(table(random), random);
    if (names(toolTableCheck(spoiled), slip, tools)) named += 1;
  }
  return named / cases;
}

/** Share of clean tables of which anything is said. */
export function tableFalseAlarms(cases: number, seed: number): number {
  const random = chance(seed);
  let alarms = 0;
  for (let i = 0; i < cases; i += 1) {
    const { rows, ...rest } = table(random);
    if (toolTableCheck({ ...rest, rows }).findings.length > 0) alarms += 1;
  }
  return alarms / cases;
}
