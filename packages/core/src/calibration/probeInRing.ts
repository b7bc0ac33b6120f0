import { METHOD_CAUTIONS } from '../cautions/caution';
import { repeats, type Repeats } from '../metrology/repeats';
import { displayPart, repeatPart, TOUCH_PART } from '../metrology/touchBudget';
import { combine, type BudgetPart, type Uncertainty } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection, type WorkingSection } from '../working/working';
import type { AxisPairs, ProbeInRingInput, ProbeInRingOutput } from './probeInRing.schema';

type Pair = { plus: Repeats; minus: Repeats };

const scaled = (part: BudgetPart, factor: number): BudgetPart => ({ ...part, u: part.u * factor });

/**
 * A probe in a ring gauge of known diameter D: a pair along X and, better, along Y, in one or two orientations of the
 * spindle half a turn apart. Centre of both orientations, mean effective radius (D - (x+ - x-)) / 2, and towards each wall
 * a = D/2 - |trigger - centre|, which is what a trigger there has to be moved by (pre-travel and lobing in it, after the
 * usual comparison with a ring, ISO 230-10:2016). One orientation tells the radius, and no eccentricity. mm.
 *
 * @throws Refusal when the ring is smaller than the ball, or touches do not go together
 * @example
 * probeInRing({ ring: { diameter: 25.001, U: 0.001 }, method: { resolution: 0.001, methodSd: 0.002 }, uTouch: 0.002,
 *   x: { first: { plus: [320.5145], minus: [299.4815] }, turned: { plus: [320.5185], minus: [299.4855] } } }).x.radius // 1.984
 */
export function calibrateProbeInRing(input: ProbeInRingInput): ProbeInRingOutput {
  const x = alongAxis(input, input.x, 'x');
  const y = input.y ? alongAxis(input, input.y, 'y') : null;
  const ring: BudgetPart = { name: 'size of the ring', u: input.ring.U / 4, shape: 'normal' };
  // The ring is off by the same along both axes; everything else is of each by itself.
  const both = y ? combine([...[...x.parts, ...y.parts].map((part) => scaled(part, 0.5)), ring]) : x.result.uncertainty;
  return {
    x: x.result,
    y: y?.result ?? null,
    radius: y ? (x.result.radius + y.result.radius) / 2 : x.result.radius,
    uncertainty: both,
    tape: { sections: [...x.sections, ...(y?.sections ?? [])] },
    cautions: [METHOD_CAUTIONS.probeSlow],
  };
}

function alongAxis(
  { ring, method, uTouch }: ProbeInRingInput,
  pairs: AxisPairs,
  axis: 'x' | 'y',
): { result: ProbeInRingOutput['x']; parts: BudgetPart[]; sections: WorkingSection[] } {
  const seen = [pairs.first, ...(pairs.turned ? [pairs.turned] : [])].map(({ plus, minus }): Pair => ({
    plus: repeats(plus, method),
    minus: repeats(minus, method),
  }));
  const [first = { plus: repeats([0], method), minus: repeats([0], method) }] = seen;
  const middles = seen.map(({ plus, minus }) => (plus.mean + minus.mean) / 2);
  const spans = seen.map(({ plus, minus }) => plus.mean - minus.mean);
  const average = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
  const [centre, span] = [average(middles), average(spans)];
  const name = axis.toUpperCase();
  if (span <= 0 || span >= ring.diameter) {
    throw new Refusal({
      code: span <= 0 ? 'walls-swapped' : 'ring-smaller',
      field: `${axis}.first`,
      message:
        span <= 0
          ? `Along ${name} the trigger toward plus lies below the one toward minus. See which wall each was.`
          : `Along ${name} the triggers lie further apart than the ring is wide. It is another ring, or the walls of two were mixed: see the ring’s marking.`,
    });
  }
  const [one, other] = spans;
  if (one !== undefined && other !== undefined && Math.abs(one - other) > TOGETHER) {
    throw new Refusal({
      code: 'two-rings',
      field: `${axis}.turned`,
      message: `Along ${name} the two orientations span the ring differently by more than any probe does. Touch both in one ring, on one zero of the scale.`,
    });
  }
  const section = sumSection(
    `Effective radius along ${name}`,
    [
      { label: 'half of the ring', value: ring.diameter / 2, detail: [{ length: ring.diameter }, ' / 2'] },
      { label: 'less half of what the triggers span', value: -span / 2, detail: [{ length: span }, ' / 2'] },
    ],
    'radius',
  );
  const each = (factor: number): BudgetPart[] =>
    seen.flatMap((pair, i) =>
      (['plus', 'minus'] as const).flatMap((wall) => {
        const where = `${name}, wall ${wall}${i === 0 ? '' : ', turned'}`;
        return [
          scaled(repeatPart(pair[wall], method, `repeats, ${where}`), factor),
          scaled(displayPart(pair[wall], method, `display step, ${where}`), factor),
          { name: `${TOUCH_PART}, ${where}`, u: uTouch * factor, shape: 'normal' as const },
        ];
      }),
    );
  const parts = each(0.5 / seen.length);
  const uncertainty: Uncertainty = combine([...parts, { name: 'size of the ring', u: ring.U / 4, shape: 'normal' }]);
  const half = ring.diameter / 2;
  return {
    parts,
    sections: [section],
    result: {
      centre,
      radius: section.total.value,
      toward: { plus: half - Math.abs(first.plus.mean - centre), minus: half - Math.abs(first.minus.mean - centre) },
      eccentricity: seen.length > 1 ? centre - (middles[0] ?? centre) : null,
      uncertainty,
    },
  };
}

/** Two orientations in one ring span it alike to this, mm: lobing is far less. */
const TOGETHER = 0.1;
