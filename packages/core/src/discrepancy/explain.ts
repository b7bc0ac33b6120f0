import { sumSection, type Tape } from '../tape/tape';
import { INCH } from '../units/unit';
import type { ExplainInput, ExplainOutput, Slip } from './explain.schema';

/** Differences up to this many U are taken as agreement: three standard deviations, so that it seldom cries wolf. */
const AGREES = 1.5;

/** A slip is named only where it comes this near to what was seen, in U. */
const FITS = 3;

const MOST_TURNS = 5;

/** Figures that are misread by one, in the unit they are read in. */
const FIGURES = { mm: [0.1, 1, 10], in: [0.01, 0.1, 1] } as const;

interface Candidate {
  slip: Slip;
  size: number;
  what: string;
  remedy: string;
}

/**
 * Why something measured does not agree with what is known of it: the slips that would make just this difference,
 * each with what to do, ranked by how near they come against U. Says nothing where nothing fits. mm.
 *
 * @example
 * // a plate of 184 that measures 189: half of a 10 mm finder was left out at one face
 * explain({ measured: 189, known: 184, U: 0.02, radius: 5 }).likely[0]?.slip // 'radius-once'
 */
export function explain(input: ExplainInput): ExplainOutput {
  const { measured, known, U } = input;
  const difference = measured - known;
  const agrees = Math.abs(difference) <= AGREES * U;
  const shown = { difference, agrees, tape: differenceTape(input), cautions: [] };
  if (agrees) return { ...shown, likely: [] };
  const likely = candidates(input)
    // A slip smaller than what is taken as agreement cannot be told from none.
    .filter(({ size }) => Math.abs(size) > AGREES * U)
    .map((candidate) => ({ ...candidate, misfit: Math.abs(difference - candidate.size) / U }))
    .filter(({ misfit }) => misfit <= FITS)
    .sort((a, b) => a.misfit - b.misfit);
  return { ...shown, likely };
}

const differenceTape = ({ measured, known }: ExplainInput): Tape => ({
  sections: [
    sumSection(
      'Difference',
      [
        { label: 'measured', value: measured },
        { label: 'less what is known', value: -known },
      ],
      'off by',
    ),
  ],
});

/** The same slip either way round. */
const bothWays = (candidate: Candidate): Candidate[] => [candidate, { ...candidate, size: -candidate.size }];

function candidates({
  known,
  radius = 0,
  feeler = 0,
  plate,
  gauge = 0,
  perTurn = 0,
  backlash = 0,
  unit = 'mm',
}: ExplainInput): Candidate[] {
  const found: Candidate[] = [];
  const add = (slip: Slip, size: number, what: string, remedy: string) => {
    if (size !== 0) found.push(...bothWays({ slip, size, what, remedy }));
  };
  add(
    'radius-once',
    radius,
    'It is off by the finder’s radius, once.',
    'At one face the radius was left out or taken the wrong way. See which side each was touched from.',
  );
  add(
    'radius-twice',
    2 * radius,
    'It is off by the finder’s whole diameter.',
    'Either both faces lack the radius, or one was touched from the wrong side, or the diameter was taken for the radius.',
  );
  add(
    'feeler',
    feeler,
    'It is off by the feeler’s thickness.',
    'The feeler was forgotten at one touch, or was not there when it was counted. Strike that touch out and log it again.',
  );
  if (plate) {
    add(
      'plate',
      plate.measured - plate.entered,
      'It is off by as much as the plate differs from its marking.',
      'Reckon with the plate’s measured thickness: enter it in Shop.',
    );
  }
  add(
    'gauge-once',
    gauge,
    'It is off by the gauge’s thickness, once.',
    'The gauge was not taken off, or taken off where it already was. Take it off once, for all tools.',
  );
  add(
    'gauge-twice',
    2 * gauge,
    'It is off by twice the gauge’s thickness.',
    'The gauge was taken off where it should have been added. See its sign.',
  );
  for (let turns = 1; turns <= MOST_TURNS; turns += 1) {
    add(
      'turns',
      turns * perTurn,
      turns === 1 ? 'It is off by one turn of the handwheel.' : `It is off by ${turns} turns of the handwheel.`,
      'A turn was lost or counted twice. Count them again from the first face.',
    );
  }
  add(
    'backlash',
    backlash,
    'It is off by this axis’ backlash.',
    'One touch was approached from the other side. Back off half a turn and come again the usual way.',
  );
  const scaled: [Slip, number, string, string][] = [
    ['inch-for-mm', INCH, 'One of the two is in inches, the other in millimetres.', 'See the unit beside each number.'],
    [
      'diameter-for-radius',
      2,
      'One of the two is twice the other.',
      'A diameter stands where a radius belongs, or the other way round.',
    ],
    ['decimal-place', 10, 'One of the two is ten times the other.', 'Look at the decimal point.'],
  ];
  for (const [slip, factor, what, remedy] of scaled) {
    for (const size of [known * factor - known, known / factor - known])
      if (size !== 0) found.push({ slip, size, what, remedy });
  }
  if (known !== 0)
    found.push({
      slip: 'sign',
      size: -2 * known,
      what: 'It is the same number with the other sign.',
      remedy: 'A minus was left out, or the axis counts the other way.',
    });
  add(
    'sixteenth',
    INCH / 16,
    'It is off by a sixteenth of an inch.',
    'Neighbouring fractions were mixed up, as 1/16 and 1/8. Read the marking again.',
  );
  add(
    'neighbouring-64th',
    INCH / 64,
    'It is off by a 64th of an inch.',
    'A fraction was converted to its neighbour. Work it out again.',
  );
  for (const figure of FIGURES[unit])
    add(
      'misread-figure',
      figure * (unit === 'in' ? INCH : 1),
      `One figure may be misread: it is off by ${figure} ${unit}.`,
      'Look at the readings for one that stands apart, and touch again.',
    );
  return found;
}
