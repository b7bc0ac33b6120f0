import { quarterOf } from '../metrology/judge';
import { GAUGE_FACTS } from '../metrology/gauges/gaugeKinds';
import { SIZE_PART, stoppedRunOutPart, TOUCH_PART } from '../metrology/touchBudget';
import { combine, type BudgetPart, type Uncertainty } from '../metrology/uncertainty';
import type { ChooseMethodInput, ChooseMethodOutput } from './chooseMethod.schema';
import type { Method } from '../metrology/gauges/gaugeKindFacts';
import { METHOD_FACTS, methodOf } from './method';

type Gauge = ChooseMethodInput['gauges'][number];
type Ranked = ChooseMethodOutput['ranked'][number];

/** More touches of one face than this are not planned for. */
const MOST_TOUCHES = 5;

const DEFAULT_DOF = 10;

/** Measuring should take up at most this share of the tolerance. */

/** Faces, or places round, that each feature takes. */
const PLACES = { face: 1, middle: 2, round: 4 } as const;

/**
 * The quickest way the shop owns that is good enough: U within a quarter of the tolerance (the usual 4:1), with the
 * fewest touches that reach it. Where none does, the one with the smallest U comes first and says so. mm, seconds.
 *
 * @example
 * chooseMethod({ feature: 'face', tolerance: 0.1, resolution: 0.005, gauges: [spring, probe] }).ranked[0]?.gaugeId // 'spring'
 */
export function chooseMethod(input: ChooseMethodInput): ChooseMethodOutput {
  const target = quarterOf(input.tolerance);
  const alike = new Map<string, Omit<Ranked, 'gaugeId'>>();
  const ways = input.gauges.flatMap((gauge) => {
    const method = methodOf(gauge.kind);
    if (!method || !METHOD_FACTS[method].finds.includes(input.feature === 'round' ? 'rounds' : 'faces')) return [];
    // Gauges of which the same is known are planned once; a shop has many of a kind.
    const { id: gaugeId, name: _, ...known } = gauge;
    const key = JSON.stringify(known);
    const plan = alike.get(key) ?? planned(input, gauge, method, target);
    alike.set(key, plan);
    return [{ ...plan, gaugeId }];
  });
  const unfit = new Map(input.gauges.flatMap((one) => (one.unfit ? [[one.id, one.unfit] as const] : [])));
  const doubtful = new Map(input.gauges.flatMap((one) => (one.doubtful ? [[one.id, one.doubtful] as const] : [])));
  const ranked = ways.sort((a, b) => {
    if (a.unfit !== b.unfit) return a.unfit ? 1 : -1;
    if (a.reaches !== b.reaches) return a.reaches ? -1 : 1;
    if (doubtful.has(a.gaugeId) !== doubtful.has(b.gaugeId)) return doubtful.has(a.gaugeId) ? 1 : -1;
    return a.reaches ? a.seconds - b.seconds : a.U - b.U;
  });
  return {
    ranked: ranked.map((way, i) => ({
      ...way,
      reason: unfit.get(way.gaugeId) ?? reason(way, i, ranked) + DOUBTS[doubtful.get(way.gaugeId) ?? 'none'],
    })),
    anyReaches: ranked[0]?.reaches ?? false,
    tape: {
      sections: [
        {
          title: 'Good enough',
          how: 'ratio',
          quantity: 'length',
          lines: [{ label: 'what the job allows', value: input.tolerance }],
          total: { label: 'a quarter of it', value: target },
        },
      ],
    },
    cautions: [],
  };
}

/** What is said behind the reason of a gauge that cannot be relied on. */
const DOUBTS = {
  none: '',
  overdue: ' Its check is overdue.',
  voided: ' It was dropped, hit or changed after its calibration.',
} as const;

function planned(input: ChooseMethodInput, gauge: Gauge, method: Method, target: number): Omit<Ranked, 'gaugeId'> {
  const { ready, touch } = METHOD_FACTS[method].seconds;
  let touches = 0;
  let uncertainty: Uncertainty;
  do {
    touches += 1;
    uncertainty = predicted(input, gauge, method, touches);
  } while (uncertainty.U > target && touches < MOST_TOUCHES);
  const unfit = gauge.unfit !== undefined;
  const reaches = !unfit && uncertainty.U <= target;
  return {
    method,
    touches,
    U: uncertainty.U,
    uncertainty,
    seconds: ready + touch * PLACES[input.feature] * touches,
    reaches,
    reason: '',
    unfit,
  };
}

/** U that so many touches of each face will give. */
function predicted(
  { feature, resolution }: ChooseMethodInput,
  gauge: Gauge,
  method: Method,
  touches: number,
): Uncertainty {
  const sd = gauge.sd ?? gauge.uTouch;
  const dof = (gauge.sd === undefined ? DEFAULT_DOF : (gauge.dof ?? DEFAULT_DOF)) + touches - 1;
  const standing = stoppedRunOutPart(GAUGE_FACTS[gauge.kind].spin === 'standing' ? gauge.tir : 0);
  // Two faces, or four places round, each have their own touch; the middle is their mean.
  const share = METHOD_FACTS[method].contact === 'centre' || feature === 'face' ? 1 : Math.SQRT1_2;
  const parts: BudgetPart[] = [
    { name: 'repeats', u: (sd / Math.sqrt(touches)) * share, shape: 'normal', dof },
    { name: 'display step', u: (resolution / Math.sqrt(12)) * share, shape: share === 1 ? 'uniform' : 'normal' },
    { name: TOUCH_PART, u: gauge.uTouch * share, shape: 'normal' },
    // Half of the size is in one face; in a middle it cancels.
    { name: SIZE_PART, u: feature === 'face' ? gauge.uSize : 0, shape: 'normal' },
    standing,
  ];
  return combine(parts);
}

function reason(way: Ranked, place: number, ranked: readonly Ranked[]): string {
  const [first] = ranked;
  const often = way.touches === 1 ? 'one touch' : `${way.touches} touches`;
  if (!way.reaches) {
    const cause = way.uncertainty.parts.reduce((most, part) => (part.u > most.u ? part : most), {
      name: 'repeats',
      u: 0,
    });
    return place === 0
      ? `Nothing in the shop reaches a quarter of the tolerance. This is the nearest. Its limit is the ${cause.name}.`
      : `Does not reach a quarter of the tolerance: limited by the ${cause.name}.`;
  }
  if (place === 0) return `The quickest that is good enough: ${often} of each.`;
  const better = first !== undefined && way.U < first.U;
  return better
    ? `Better than this job needs; the first of the list would do, and is quicker.`
    : `Good enough with ${often} of each, but slower.`;
}
