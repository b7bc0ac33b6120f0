import { spotDepth } from '../positions/spotDepth';
import type { ProgramForm } from '../record/cutPlan';
import type { HoleStep } from '../record/steps';
import { Refusal } from '../problem/problem';
import { roundToCount } from '../units/round';
import { DEFAULT_DECIMALS, millimetresPer, type LengthUnit } from '../units/unit';
import type { FileHole } from '../positions/fileHole';
import { plainFigure, plainLength } from './plainFigure';

/** What is written: one step of holes that are ready to be driven to in this order. */
export interface ProgramJob {
  title: string;
  holes: readonly FileHole[];
  step: HoleStep;
  unit: LengthUnit;
  form: ProgramForm;
  /** Number of the tool, where it is known. */
  tool?: number | undefined;
  /** Diameter of the spot drill, mm: its cone ends where that is reached. Nothing is spotted without it. */
  spot?: number | undefined;
}

/** Deeper than this many diameters, a drilled hole is pecked. */
const PECK_BEYOND = 3;

/** Brackets would end the comment. */
const commented = (text: string): string =>
  `(${text
    .replace(/[()\r\n%]/g, ' ')
    .trim()
    .slice(0, 60)})`;

/**
 * How deep a step goes, mm: a 90° spot drill so that it leaves the edge broken all round, but never beyond its cone or
 * the hole; others as said.
 *
 * @throws Refusal when nobody said how deep, or the step is one a program needs more for
 */
function depthOf({ step, spot }: ProgramJob, hole: FileHole, index: number): number {
  const name = `Hole ${hole.hole ?? index + 1}${hole.group === undefined ? '' : ` of ${hole.group}`}`;
  if (step === 'spot') {
    if (spot === undefined)
      throw new Refusal({
        code: 'no-spot-drill',
        field: 'tool',
        message:
          'How wide the spot drill is, is not known, so not how deep it may go. Give this machine a spot drill in Shop, and write the program again.',
      });
    if (hole.diameter === undefined)
      throw new Refusal({
        code: 'no-diameter',
        field: 'diameter',
        message: `${name} has no diameter, so how deep to spot it is not known. Give the pattern one, and write the program again.`,
      });
    return spotDepth(hole.diameter, { spot, most: hole.depth }).depth;
  }
  if (hole.depth === undefined)
    throw new Refusal({
      code: 'no-depth',
      field: 'depth',
      message: `${name} has no depth. Give the pattern one, and write the program again.`,
    });
  return hole.depth;
}

/**
 * Holes as a program (ISO 6983-1): one tool, one step, absolute or incremental, with drilling cycles (G81, deep ones
 * G83, reamed and bored G85) or in plain moves. Incremental words are differences of rounded places, so that rounding
 * never adds up. Z zero is the part's top.
 *
 * @throws Refusal when a depth is missing, the heights are the wrong way round, or tapping is asked for
 */
export function holesProgram(job: ProgramJob): string {
  const { title, holes, step, unit, form, tool } = job;
  if (step === 'tap')
    throw new Refusal({
      code: 'no-tapping',
      field: 'step',
      message:
        'Tapping is not written: its feed hangs on the thread’s pitch and on the machine. Use the machine’s own tapping cycle at these positions.',
    });
  if (form.feedZ > form.safeZ || form.feedZ <= 0)
    throw new Refusal({
      code: 'heights',
      field: 'feedZ',
      message:
        'Feeding must begin above the part and not above the safe height. Make it over 0 and at most the safe height.',
    });
  const word = (letter: string, mm: number) => `${letter}${plainLength(mm, unit)}`;
  const move = mover(job);
  const body = holes.flatMap((hole, i): string[] => {
    const depth = depthOf(job, hole, i);
    const there = move(hole);
    if (form.cycles) return [`${i === 0 || !sameCut(job, i) ? `${cycle(job, hole, depth)} ` : ''}${there}`];
    const [toFeed, toDepth, out] = zWords(job, [form.safeZ, form.feedZ, -depth, form.safeZ]);
    return [`G0 ${there}`, `G0 ${toFeed}`, `G1 ${toDepth} ${feedWord(job)}`, `G0 ${out}`];
  });
  return [
    '%',
    commented(title),
    commented(`${step}, ${holes.length} holes, ${unit}, Z zero on the part's top`),
    commented('First run above the part with a hand on stop'),
    `${unit === 'mm' ? 'G21' : 'G20'} G17 G90 G94 G40 G80 ${form.workOffset}`,
    ...(tool === undefined ? [] : [`T${tool} M6`]),
    `S${Math.round(form.rpm)} M3`,
    `G0 ${word('Z', form.safeZ)}`,
    ...(form.distance === 'incremental' ? ['G0 X0 Y0', 'G91'] : []),
    ...body,
    ...(form.cycles ? ['G80'] : []),
    'G90',
    `G0 ${word('Z', form.safeZ)}`,
    'M5',
    'M30',
    '%',
    '',
  ].join('\n');
}

/** Whether a hole is cut just as the one before it, so that a cycle need not be said again. */
function sameCut(job: ProgramJob, i: number): boolean {
  const { holes } = job;
  const [before, now] = [holes[i - 1], holes[i]];
  return (
    before !== undefined &&
    now !== undefined &&
    depthOf(job, before, i - 1) === depthOf(job, now, i) &&
    before.diameter === now.diameter
  );
}

function cycle(job: ProgramJob, { diameter }: FileHole, depth: number): string {
  const { step, unit, form } = job;
  const deep = step === 'drill' && diameter !== undefined && depth > PECK_BEYOND * diameter;
  const code = deep ? 'G83' : step === 'ream' || step === 'bore' ? 'G85' : 'G81';
  // Incremental cycles count R from where Z stands, and Z from R.
  const [r = '', z = ''] = zWords(job, [form.safeZ, form.feedZ, -depth]);
  const peck = deep ? ` Q${plainLength(diameter, unit)}` : '';
  return `G98 ${code} ${z} ${r.replace('Z', 'R')}${peck} ${feedWord(job)}`;
}

const feedWord = ({ form, unit }: ProgramJob): string =>
  `F${plainFigure(form.feed / millimetresPer(unit), unit === 'mm' ? 0 : 2)}`;

/** Words that bring Z from the first height to each of the others; differences of rounded heights where incremental. */
function zWords({ unit, form }: ProgramJob, heights: readonly number[]): string[] {
  const decimals = DEFAULT_DECIMALS[unit];
  const counts = heights.map((mm) => roundToCount(mm / millimetresPer(unit), decimals));
  return counts
    .slice(1)
    .map(
      (to, i) => `Z${((form.distance === 'absolute' ? to : to - (counts[i] ?? 0)) / 10 ** decimals).toFixed(decimals)}`,
    );
}

/** Words that bring X and Y to each place in turn. */
function mover({ unit, form }: ProgramJob): (hole: FileHole) => string {
  const decimals = DEFAULT_DECIMALS[unit];
  let [x, y] = [0, 0];
  return (hole) => {
    const [toX, toY] = [hole.x, hole.y].map((mm) => roundToCount(mm / millimetresPer(unit), decimals)) as [
      number,
      number,
    ];
    const [wordX, wordY] = form.distance === 'absolute' ? [toX, toY] : [toX - x, toY - y];
    [x, y] = [toX, toY];
    return `X${(wordX / 10 ** decimals).toFixed(decimals)} Y${(wordY / 10 ** decimals).toFixed(decimals)}`;
  };
}
