import { envelopeOf } from '../../program/motion/envelope';
import { isEmptySpan, type Span } from '../../program/checks/extents';
import type { ProgramSummary } from '../../program/programSummary';
import type { CheckContext } from '../../program/checkContext';
import { formatLength, formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

/** One thing a program believes beside what is set: alike, otherwise, or nothing to compare. */
export interface ProgramComparison {
  what: string;
  program: string;
  set: string;
  agrees: boolean | null;
}

const UNITS = { mm: 'millimetres', in: 'inches' } as const;

const SET = 'set';

function zeroWords({ unset, zToolChanged, inDoubt }: CheckContext): string {
  if (unset.length > 0) return `${unset.join(', ')} not set`;
  if (zToolChanged !== undefined) return `Z by tool ${zToolChanged} as it was before`;
  return inDoubt ? 'in doubt' : SET;
}

/** What a program believes against what is set, line by line. Lengths as the setup has them. */
export function programComparisonRows(told: ProgramSummary, set: CheckContext): ProgramComparison[] {
  const { unit } = set;
  return [
    {
      what: 'Unit',
      program: told.unit ? UNITS[told.unit] : 'not given',
      set: UNITS[unit],
      agrees: told.unit === unit,
    },
    {
      what: 'Work offset',
      program: told.offsets.length > 0 ? told.offsets.join(', ') : 'not given',
      set: set.workOffset ?? 'the only one',
      agrees:
        set.workOffset === undefined
          ? null
          : told.offsets.every((name) => name === set.workOffset) && told.offsets.length > 0,
    },
    {
      what: 'Zero',
      program: 'as in the CAM',
      set: zeroWords(set),
      agrees: zeroWords(set) === SET,
    },
    ...told.tools.flatMap((tool) => toolRows(tool, set)),
    ...cutRows(told, set),
    ...holeRows(told),
    ...clearanceRows(told, set),
  ];
}

const lengthIn = (mm: number, unit: LengthUnit): string => formatLengthUnit(mm, { unit });

const spanIn = ({ least, most }: Span, unit: LengthUnit): string =>
  `${formatLength(least, { unit })} to ${lengthIn(most, unit)}`;

/** What is cut along X and Y, against the stock. */
const cutRows = ({ extents }: ProgramSummary, { stock, unit }: CheckContext): ProgramComparison[] =>
  (['x', 'y'] as const)
    .filter((axis) => !isEmptySpan(extents.cut[axis]))
    .map((axis) => ({
      what: `Cuts along ${axis.toUpperCase()}`,
      program: spanIn(extents.cut[axis], unit),
      set: stock ? `stock ${spanIn({ least: stock[axis][0], most: stock[axis][1] }, unit)}` : 'stock not entered',
      agrees: null,
    }));

/** Holes of the program against the positions in hand. */
const holeRows = ({ holes }: ProgramSummary): ProgramComparison[] =>
  holes.positions > 0 && holes.program > 0
    ? [
        {
          what: 'Holes',
          program: `${holes.program}`,
          set: `${holes.positions} positions, ${holes.agree} agree`,
          agrees: holes.agree === holes.program,
        },
      ]
    : [];

/** The lowest way across against the height that clears everything. */
function clearanceRows({ lowestAcross }: ProgramSummary, { clear, stock, unit }: CheckContext): ProgramComparison[] {
  if (lowestAcross === null) return [];
  const clears = clear === undefined ? undefined : (stock?.z[1] ?? 0) + clear;
  return [
    {
      what: 'Lowest across',
      program: lengthIn(lowestAcross, unit),
      set: clears === undefined ? 'clear height not entered' : `${lengthIn(clears, unit)} clears`,
      agrees: clears === undefined ? null : lowestAcross >= clears - 0.01,
    },
  ];
}

/** A tool of the program: its length row, and its lowest tip against the part. */
function toolRows({ number, H, lowest }: ProgramSummary['tools'][number], of: CheckContext): ProgramComparison[] {
  const { unit } = of;
  const known = of.tools.find((one) => one.number === number);
  const length =
    known === undefined
      ? 'no such cutter'
      : !of.keepsTable
        ? known.name
        : number === of.referenceTool
          ? `${known.name}, reference`
          : known.length === null || known.stale
            ? `${known.name}, no length`
            : `${known.name}, ${formatLengthUnit(known.length, { unit, plus: true })}`;
  const called = number === 0 ? 'Tool in the spindle' : `Tool ${number}`;
  return [
    {
      what: called,
      program: H === 0 ? 'no H' : Number.isNaN(H) ? 'G43 without H' : `H${H}`,
      set: length,
      agrees: number === 0 ? null : known !== undefined && (!of.keepsTable || H === number),
    },
    ...(Number.isFinite(lowest)
      ? [
          {
            what: `${called}, lowest`,
            program: lengthIn(lowest, unit),
            set: of.stock
              ? `part’s top ${lengthIn(of.stock.z[1], unit)}${Number.isFinite(of.stock.z[0]) ? `, under side ${lengthIn(of.stock.z[0], unit)}` : ''}`
              : 'part’s top not entered',
            agrees: of.stock && Number.isFinite(of.stock.z[0]) ? lowest >= of.stock.z[0] - (of.room ?? 0) - 0.01 : null,
          },
        ]
      : []),
  ];
}

/** The room a program takes, before it runs. */
export function envelopeWords(told: ProgramSummary, set: CheckContext): string[] {
  const { unit } = set;
  const { longest, widest, highest, left } = envelopeOf(told, set);
  const mm = (value: number): string => formatLengthUnit(value, { unit });
  return [
    ...(longest ? [`Longest tool: ${longest.number}, ${formatLengthUnit(longest.length, { unit, plus: true })}.`] : []),
    ...(widest ? [`Widest tool: ${widest.number}, ⌀ ${mm(widest.diameter)}.`] : []),
    ...(highest ? [`Highest in the way: ${highest.name}, ${mm(highest.z)} from Z zero.`] : []),
    ...(['x', 'y'] as const).flatMap((axis) => {
      const one = left[axis];
      return one
        ? [`Travel left along ${axis.toUpperCase()}: ${mm(one.minus)} toward −, ${mm(one.plus)} toward +.`]
        : [];
    }),
  ];
}
