import { sumSection, type Working } from '../working/working';
import { INCH } from '../units/unit';
import type { ExplainInput, ExplainOutput, Mistake } from './explain.schema';

/** Differences up to this many U are taken as agreement: three standard deviations, so that it seldom cries wolf. */
const AGREES = 1.5;

/** A slip is named only where it comes this near to what was seen, in U. */
const FITS = 3;

const MOST_TURNS = 5;

/** So far a plate may be from its marking, mm. */
const MOST_PLATE = 1;

/** Figures that are misread by one, in the unit they are read in. */
const FIGURES = { mm: [0.1, 1, 10], in: [0.01, 0.1, 1] } as const;

/** Slips that multiply what is known, by how much. */
const SCALED: readonly [Mistake, number][] = [
  ['inch-for-mm', INCH],
  ['diameter-for-radius', 2],
  ['decimal-place', 10],
];

interface Candidate {
  slip: Mistake;
  size: number;
  turns?: number;
}

/**
 * Why something measured does not agree with the calibration of it: the slips that would make just this difference,
 * ranked by how near they come against U; `messages/checks/mistakes.ts` says each, with what to do. Names nothing where nothing fits. mm.
 *
 * @example
 * // a plate of 184 that measures 189: half of a 10 mm finder was left out at one face
 * explain({ measured: 189, known: 184, U: 0.02, radius: 5 }).likely[0]?.slip // 'radius-once'
 */
export function explain(input: ExplainInput): ExplainOutput {
  const { measured, known, U } = input;
  const difference = measured - known;
  const agrees = Math.abs(difference) <= AGREES * U;
  // A plate is never wrong by more than a few tenths of what it is marked; a larger difference is something else.
  const askPlate = input.plateUnmeasured === true && !agrees && Math.abs(difference) <= MOST_PLATE;
  const ask = askPlate ? ('measure-plate' as const) : null;
  const shown = { difference, agrees, ask, tape: differenceTape(input), cautions: [] };
  if (askPlate) return { ...shown, likely: [] };
  if (agrees) return { ...shown, likely: [] };
  const likely = candidates(input)
    // A slip smaller than what is taken as agreement cannot be told from none.
    .filter(({ size }) => Math.abs(size) > AGREES * U)
    .map((candidate) => ({ ...candidate, misfit: Math.abs(difference - candidate.size) / U }))
    .filter(({ misfit }) => misfit <= FITS)
    .sort((a, b) => a.misfit - b.misfit);
  return { ...shown, likely };
}

const differenceTape = ({ measured, known }: ExplainInput): Working => ({
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
  const add = (slip: Mistake, size: number, turns?: number) => {
    if (size !== 0) found.push(...bothWays({ slip, size, ...(turns !== undefined && { turns }) }));
  };
  add('radius-once', radius);
  add('radius-twice', 2 * radius);
  add('feeler', feeler);
  add('feeler-twice', 2 * feeler);
  if (plate) add('plate', plate.measured - plate.entered);
  add('gauge-once', gauge);
  add('gauge-twice', 2 * gauge);
  for (let turns = 1; turns <= MOST_TURNS; turns += 1) add('turns', turns * perTurn, turns);
  add('backlash', backlash);
  for (const [slip, factor] of SCALED) {
    for (const size of [known * factor - known, known / factor - known]) if (size !== 0) found.push({ slip, size });
  }
  if (known !== 0) found.push({ slip: 'sign', size: -2 * known });
  add('sixteenth', INCH / 16);
  add('neighbouring-64th', INCH / 64);
  add('half-64th', INCH / 128);
  // An inch taken as 25 mm, in a contact whose size is a fraction of an inch.
  if (isInchFraction(2 * radius)) add('inch-of-25', radius * (1 - 25 / INCH));
  for (const figure of FIGURES[unit]) add('misread-figure', figure * (unit === 'in' ? INCH : 1));
  return found;
}

/** Whether a size is so many 64ths of an inch, mm. */
function isInchFraction(mm: number): boolean {
  const parts = (mm / INCH) * 64;
  return mm > 0 && Math.abs(parts - Math.round(parts)) < 1e-6;
}
