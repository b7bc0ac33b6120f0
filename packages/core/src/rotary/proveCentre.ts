import { METHOD_CAUTIONS } from '../cautions/caution';
import { repeats } from '../metrology/repeats';
import { displayPart, repeatPart } from '../metrology/touchBudget';
import { combine, type Uncertainty } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection, type WorkingSection } from '../working/working';
import type { ProveCentreInput, ProveCentreOutput } from './proveCentre.schema';
import { acrossNames, partTurn, turnedInPlane } from './turn';

type Walls = Extract<ProveCentreInput['by'], { what: 'walls' }>;
type PointCheck = Extract<ProveCentreInput['by'], { what: 'point' }>;
interface Found {
  coordinate: 'X' | 'Y' | 'Z';
  off: number;
  uncertainty: Uncertainty;
  sections: WorkingSection[];
  at: number;
}

/** A difference is called once it is over its U by this: three standard deviations, wrong in three of a thousand. */
const CALLED = 1.5;

/** A turn of less than this tells little of a centre, degrees. */
const LEAST_TURN = 20;

/**
 * Proves a centre of rotation by what came of it. Two cuts of one program half a turn apart lie twice its error apart, so
 * the walls they leave at one outer face differ by twice the error (reversal technique, ISO 230-1:2012); a point found
 * before and after a turn gives the centre itself, (I - R) C = p2 - R p1. mm, degrees; senses after ISO 841.
 *
 * @throws Refusal where no wall was measured, or the turn is too small to tell
 * @example
 * proveCentre({ axis: 'A', centre: [0, -60], centreU: [0.01, 0.01], by: { what: 'walls', along: 0,
 *   plus: { first: [5.02], turned: [4.98] }, instrument: { resolution: 0.001, sd: 0.002 } } }).along[0]?.off // 0.02
 */
export function proveCentre(input: ProveCentreInput): ProveCentreOutput {
  const found = input.by.what === 'walls' ? [byWalls(input, input.by)] : byPoint(input, input.by);
  const along = found.map(({ coordinate, off, uncertainty: { U }, at }) => ({
    coordinate,
    off,
    U,
    state: stateOf(off, U),
    corrected: at + off,
  }));
  const worst = found.reduce((most, one) => (one.uncertainty.U > most.uncertainty.U ? one : most));
  const states = along.map(({ state }) => state);
  return {
    along,
    state: states.includes('off') ? 'off' : states.includes('unsure') ? 'unsure' : 'true',
    uncertainty: worst.uncertainty,
    tape: { sections: found.flatMap(({ sections }) => sections) },
    cautions: [METHOD_CAUTIONS.probeSlow],
  };
}

const stateOf = (off: number, U: number): 'true' | 'unsure' | 'off' => {
  if (Math.abs(off) <= U) return 'true';
  return Math.abs(off) > CALLED * U ? 'off' : 'unsure';
};

function byWalls({ axis, centre }: ProveCentreInput, by: Walls): Found {
  const method = { resolution: by.instrument.resolution, methodSd: by.instrument.sd };
  const sides = (['plus', 'minus'] as const).flatMap((side) => {
    const pair = by[side];
    return pair ? [{ side, first: repeats(pair.first, method), turned: repeats(pair.turned, method) }] : [];
  });
  if (sides.length === 0) {
    throw new Refusal({
      code: 'no-walls',
      field: 'by.plus',
      message:
        'No wall was measured. Measure the wall the first cut left, and the one left half a turn on, at the same outer face.',
    });
  }
  const coordinate = acrossNames(axis)[by.along];
  const share = 1 / (2 * sides.length);
  const section = sumSection(
    `The centre is off along ${coordinate}`,
    sides.flatMap(({ side, first, turned }) => {
      const sign = side === 'plus' ? 1 : -1;
      const part = sides.length === 1 ? 'half of' : 'a quarter of';
      const of = `the wall toward ${side === 'plus' ? '+' : '−'}`;
      return [
        { label: `${part} ${of}, first`, value: sign * share * first.mean, detail: [{ length: first.mean }] },
        { label: `less that, half a turn on`, value: -sign * share * turned.mean, detail: [{ length: turned.mean }] },
      ];
    }),
    'off by',
  );
  return {
    coordinate,
    off: section.total.value,
    at: centre[by.along],
    sections: [section],
    uncertainty: combine(
      sides.flatMap(({ side, first, turned }) =>
        [first, turned].flatMap((seen, i) => {
          const where = `wall toward ${side === 'plus' ? '+' : '−'}${i === 0 ? '' : ', turned'}`;
          return [repeatPart(seen, method, `repeats, ${where}`), displayPart(seen, method, `step, ${where}`)].map(
            (one) => ({ ...one, u: one.u * share }),
          );
        }),
      ),
    ),
  };
}

function byPoint({ axis, centre }: ProveCentreInput, by: PointCheck): Found[] {
  const turn = partTurn(by);
  const away = Math.abs((((turn % 360) + 540) % 360) - 180);
  if (away < LEAST_TURN) {
    throw new Refusal({
      code: 'turn-too-small',
      field: 'by.command',
      message: `A turn of less than ${LEAST_TURN}° tells little of a centre. Turn it half round if it can go there.`,
    });
  }
  const expected = turnedInPlane(by.first, centre, turn);
  const d = [by.turned[0] - expected[0], by.turned[1] - expected[1]] as const;
  // (I - R)⁻¹ = ½ (1, -cot(t/2); cot(t/2), 1)
  const cot = 1 / Math.tan((turn * Math.PI) / 360);
  const u = (by.uPoint * Math.SQRT2) / (2 * Math.abs(Math.sin((turn * Math.PI) / 360)));
  const uncertainty = combine([{ name: 'the two places', u, shape: 'normal' }]);
  const names = acrossNames(axis);
  const lines = [
    [d[0] / 2, (-cot * d[1]) / 2],
    [d[1] / 2, (cot * d[0]) / 2],
  ] as const;
  return ([0, 1] as const).map((i): Found => {
    const section = sumSection(
      `The centre is off along ${names[i]}`,
      [
        {
          label: `half of what it missed by along ${names[i]}`,
          value: lines[i][0],
          detail: [{ length: d[i] }, ' / 2'],
        },
        { label: `its share of what it missed by along ${names[1 - i] ?? ''}`, value: lines[i][1] },
      ],
      'off by',
    );
    return { coordinate: names[i], off: section.total.value, at: centre[i], uncertainty, sections: [section] };
  });
}
