import type { KnownCentre } from '../../state/basis/rotaryCentre';
import { agreementOf } from '../../metrology/agreement';
import type { CentreWay } from '../../records/shop/calibration';
import type { IndexProblem, IndexMethod } from '../../rotary/indexTable.schema';
import type { ProveCentreOutput } from '../../rotary/proveCentre.schema';
import { acrossNames, turnedInPlane, type RotaryLetter } from '../../rotary/turn';
import { formatAngle, formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { plusMinus } from '../basis/verdict';

const SEEN_FROM: Readonly<Record<RotaryLetter, string>> = {
  A: 'from the right',
  B: 'from behind',
  C: 'from above',
};

/** Where a rotary axis is looked at from its plus end. */
export const turnSeenFrom = (axis: RotaryLetter): string => SEEN_FROM[axis];

/** How a centre was found, as it goes behind "found". */
export const CENTRE_WORDS: Readonly<Record<CentreWay, string>> = {
  bore: 'by a bore',
  flip: 'by a face, flipped',
  angles: 'by a ball, turned',
  maker: 'as its maker gives it',
  proved: 'as its proof corrected it',
};

/** Names of the schools of where zero is while the part turns. */
export const INDEX_METHOD_TEXT: Readonly<Record<IndexMethod, string>> = {
  follows: 'The control follows the part',
  centre: 'Program zero at the centre',
  'per-index': 'A work offset per index',
};

/** Two ways of finding a centre held against each other, along each coordinate. mm. */
export function centresWords(
  axis: RotaryLetter,
  first: KnownCentre,
  second: KnownCentre,
  unit: LengthUnit,
): { agrees: boolean; words: string } {
  const along = acrossNames(axis).map((name, i) => {
    const k = i === 0 ? 0 : 1;
    const sure = (centre: KnownCentre) => ({ value: centre.at[k], U: Math.max(centre.U[k], 1e-6) });
    return { name, ...agreementOf(sure(first), sure(second)) };
  });
  const agrees = along.every((one) => one.agrees);
  const figures = along
    .map(
      ({ name, difference, en }) =>
        `${name} ${formatLengthUnit(difference, { unit, plus: true })} (E_n ${en.toFixed(1)})`,
    )
    .join(', ');
  const [one, other] = [CENTRE_WORDS[first.by], CENTRE_WORDS[second.by]];
  return {
    agrees,
    words: agrees
      ? `${capitalised(one)}, and ${other}: they agree, ${figures}.`
      : `${capitalised(one)}, and ${other}: they do not agree, ${figures}. Find the less certain one again.`,
  };
}

const capitalised = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** What a proof says of a centre: which way, how much, or that nothing can be seen. */
export function proveCentreWords({ along, state }: ProveCentreOutput, axis: RotaryLetter, unit: LengthUnit): string {
  const figure = ({ coordinate, off, U }: ProveCentreOutput['along'][number]) =>
    `${formatLengthUnit(off, { unit, plus: true })} ${plusMinus(U, unit)} along ${coordinate}`;
  switch (state) {
    case 'true':
      return `Confirmed: no difference beyond the ±, ${along.map(figure).join(', ')}.`;
    case 'unsure':
      return `Perhaps off, ${along
        .filter((one) => one.state !== 'true')
        .map(figure)
        .join(', ')}: within doubt. Measure again.`;
    case 'off':
      return `The centre of ${axis} is ${along
        .filter((one) => one.state === 'off')
        .map(figure)
        .join(', and ')} from its stored place.`;
  }
}

/** Where part zero truly lies at an index, from where a centre that is off by e puts it: (I - R) e, whatever the arm. mm; the part's turn in degrees. */
export function shiftAt(off: readonly [number, number], turn: number): [number, number] {
  const [u, v] = turnedInPlane(off, [0, 0], turn);
  return [off[0] - u, off[1] - v];
}

/** What is wrong with an index, with its remedy. */
export function indexProblemWords(problem: IndexProblem, unit: LengthUnit): string {
  switch (problem.code) {
    case 'beyond-limit':
      return `${problem.axis} goes no further than ${formatAngle(problem.limit)}. Clamp the part turned, or come from the other side.`;
    case 'out-of-reach':
      return `From index to index ${problem.axis.toUpperCase()} would go ${formatLengthUnit(problem.needs, { unit })}, and travels ${formatLengthUnit(problem.travel, { unit })}. Clamp the part nearer the centre.`;
    case 'offset-twice':
      return `${problem.workOffset} is used for two indices. Give each its own.`;
  }
}
