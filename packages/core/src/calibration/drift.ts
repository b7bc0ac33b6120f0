import { CALIBRATION_CAUTIONS } from '../cautions/caution';
import { agreementOf } from '../metrology/agreement';
import { combine } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection } from '../working/working';
import type { DriftInput, DriftOutput } from './drift.schema';

type Result = DriftInput['results'][number] & { day: number; u: number };

/** Results before which no line is believed. */
const FEWEST = 4;

/**
 * Standard deviations a line, or a step, must stand out by before it is called. Results are looked at again after each one:
 * at the usual two, a year of weekly checks would cry wolf every other year. With these, fewer than one year in a hundred
 * does (`npm run bench -- calibration`), and E_n of what is called is always over 1.
 */
const CALLED = { line: 3.9, step: 4.3 } as const;

/** Results that set the limits. */
const FIRST = 5;

const DAY = 86_400_000;

/** What a result with no uncertainty at all counts as, mm: far below anything in a shop. */
const SURE = 1e-6;

/**
 * Whether something kept in time has moved: E_n between neighbours (ISO 13528:2022, 9.7), a straight line by weighted least
 * squares with its own U (JCGM 100:2008, H.3), and a step where they part best in two; limits from the first results
 * (ISO 7870-2, control charts). mm, days.
 *
 * @throws Refusal when two results are of one moment
 * @example
 * drift({ results: [{ at: '2026-01-01T00:00:00Z', value: 4, U: 0.002 }, { at: '2026-02-01T00:00:00Z', value: 4.02, U: 0.002 }] })
 *   .verdict // 'moved'
 */
export function drift({ results }: DriftInput): DriftOutput {
  const all = sorted(results);
  const [first] = all;
  const last = all.at(-1);
  if (!first || !last) throw new RangeError('drift needs a result');
  const line = lineOf(all);
  const step = stepOf(all);
  const z = {
    line: line && all.length >= FEWEST ? Math.abs(line.slope) / line.u : 0,
    step: step ? Math.abs(step.by) / step.u : 0,
  };
  const wanted = Math.max(0, FEWEST - all.length);
  const trend = z.line > CALLED.line;
  const stepped = z.step > CALLED.step;
  const span = last.day - first.day;
  // Of both, what stands out more says it.
  const asTrend = trend && (!stepped || z.line >= z.step);
  const by = asTrend && line ? line.slope * span : stepped && step ? step.by : null;
  const u = asTrend && line ? line.u * span : (step?.u ?? last.u);
  const limits = limitsOf(all);
  return {
    verdict: asTrend ? 'trend' : stepped ? 'moved' : wanted > 0 ? 'too-few' : 'steady',
    wanted,
    moved:
      by === null
        ? null
        : {
            from: (asTrend ? first : (step?.before ?? first)).at,
            to: last.at,
            by,
            U: 2 * u,
            en: Math.abs(by) / (2 * u),
          },
    line: line && {
      perDay: line.slope,
      U: 2 * line.u,
      first: line.value + line.slope * (first.day - line.middle),
      last: line.value + line.slope * (last.day - line.middle),
    },
    limits,
    neighbours: all.slice(1).map((one, i) => {
      const before = all[i] ?? one;
      const { difference, U, en } = agreementOf(
        { value: before.value, U: 2 * before.u },
        { value: one.value, U: 2 * one.u },
      );
      return { at: one.at, difference, U, en };
    }),
    uncertainty: combine([
      { name: by === null ? 'the latest result' : 'the results', u: by === null ? last.u : u, shape: 'normal' },
    ]),
    tape: {
      sections: [
        sumSection(
          'From the first to the last',
          [
            { label: 'last result', value: last.value },
            { label: 'less the first', value: -first.value },
          ],
          'apart by',
        ),
      ],
    },
    cautions: [CALIBRATION_CAUTIONS.knocksVoid],
  };
}

function sorted(results: DriftInput['results']): Result[] {
  const all = results
    .map((one) => ({ ...one, day: Date.parse(one.at) / DAY, u: Math.max(one.U / 2, SURE) }))
    .sort((a, b) => a.day - b.day);
  if (all.some((one, i) => one.day === all[i + 1]?.day)) {
    throw new Refusal({
      code: 'one-moment',
      field: 'results',
      message: 'Two results are of one moment, so they say nothing of time. Give each its own.',
    });
  }
  return all;
}

const meanOf = (all: readonly Result[]): { value: number; u: number } => {
  const weights = all.reduce((sum, { u }) => sum + 1 / u ** 2, 0);
  return {
    value: all.reduce((sum, { value, u }) => sum + value / u ** 2, 0) / weights,
    u: 1 / Math.sqrt(weights),
  };
};

/** Weighted least squares, from the middle. */
function lineOf(all: readonly Result[]) {
  if (all.length < 2) return null;
  const weights = all.reduce((sum, { u }) => sum + 1 / u ** 2, 0);
  const middle = all.reduce((sum, { day, u }) => sum + day / u ** 2, 0) / weights;
  const { value } = meanOf(all);
  const leverage = all.reduce((sum, { day, u }) => sum + (day - middle) ** 2 / u ** 2, 0);
  const slope = all.reduce((sum, one) => sum + ((one.day - middle) * (one.value - value)) / one.u ** 2, 0) / leverage;
  return { slope, value, middle, u: 1 / Math.sqrt(leverage) };
}

/** Where the results are best parted in two: the mean of those after less the mean of those before. */
function stepOf(all: readonly Result[]) {
  const total = all.reduce((sum, { value, u }) => ({ w: sum.w + 1 / u ** 2, v: sum.v + value / u ** 2 }), {
    w: 0,
    v: 0,
  });
  const early = { w: 0, v: 0 };
  let best: { by: number; u: number; before: Result } | undefined;
  for (const before of all.slice(0, -1)) {
    early.w += 1 / before.u ** 2;
    early.v += before.value / before.u ** 2;
    const late = { w: total.w - early.w, v: total.v - early.v };
    const by = late.v / late.w - early.v / early.w;
    const u = Math.sqrt(1 / late.w + 1 / early.w);
    if (!best || Math.abs(by) / u > Math.abs(best.by) / best.u) best = { by, u, before };
  }
  return best;
}

/** Where results are to lie: about the mean of the first, three standard uncertainties of one of them either way. */
function limitsOf(all: readonly Result[]) {
  const first = all.slice(0, FIRST);
  const typical = Math.max(...first.map(({ u }) => u));
  return { middle: meanOf(first).value, half: 3 * typical };
}
