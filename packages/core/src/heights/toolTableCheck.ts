/// <reference path="../types/jstat.d.ts" />
import jstat from 'jstat';
import { explain } from '../discrepancy/explain';
import type { ExplainOutput } from '../discrepancy/explain.schema';
import { mean } from '../metrology/mean';
import type { Tape } from '../tape/tape';
import type { ToolTableCheckInput, ToolTableCheckOutput } from './toolTableCheck.schema';

/** How far a length may be from what is known of it and still agree, by how many are compared. */
function agreementTape({ rows, U }: ToolTableCheckInput): Tape {
  const compared = rows.filter(({ known }) => known !== undefined).length;
  return {
    sections: [
      {
        title: 'Agrees within',
        how: 'ratio',
        quantity: 'length',
        lines: [{ label: compared === 1 ? 'U of one length' : `U of ${compared} lengths`, value: U }],
        total: { label: 'taken as agreement', value: agrees(compared) * U },
      },
    ],
  };
}

type Finding = ToolTableCheckOutput['findings'][number];
type Row = ToolTableCheckInput['rows'][number];

/** One clean table in so many may be said not to agree. */
const FALSE_ALARMS = 1 / 250;

/**
 * Differences up to this many U are taken as agreement: as the explainer takes one alone, and wider the more tools are
 * compared, since of many one is always farthest (Bonferroni).
 */
const agrees = (compared: number): number =>
  Math.max(1.5, jstat.normal.inv(1 - FALSE_ALARMS / (2 * Math.max(1, compared)), 0, 1) / 2);

/**
 * What cannot be right in a tool table: every tool off by one thing (the gauge not taken off, or twice, or a plate that
 * is not as marked), one tool off, signs mixed where the school has one, a number twice, a tool that is needed and not
 * there, a length beyond the machine's reach. Nothing is said of what agrees. mm.
 *
 * @example
 * toolTableCheck({ school: 'reference-tool', reference: 1, U: 0.03, gauge: 10,
 *   rows: [{ number: 2, length: -2.31, known: -12.31 }, { number: 3, length: 14.2, known: 4.2 }] }).findings[0]?.slip // 'gauge-once'
 */
export function toolTableCheck(input: ToolTableCheckInput): ToolTableCheckOutput {
  return {
    findings: [
      ...twice(input),
      ...againstKnown(input),
      ...signs(input),
      ...missing(input),
      ...travel(input),
      ...stock(input),
      ...gauges(input),
    ],
    tape: agreementTape(input),
    cautions: [],
  };
}

function twice({ rows }: ToolTableCheckInput): Finding[] {
  const numbers = rows.map(({ number }) => number);
  return [...new Set(numbers)]
    .filter((number) => numbers.filter((one) => one === number).length > 1)
    .map((number) => ({
      kind: 'twice',
      tools: [number],
      off: null,
      slip: null,
      what: `Tool ${number} stands in the table twice.`,
      remedy: 'Give one of the two another number; the machine knows only one of them.',
    }));
}

const likeliest = (explained: ExplainOutput): Pick<Finding, 'slip' | 'what' | 'remedy'> => {
  const [first] = explained.likely;
  return first
    ? { slip: first.slip, what: first.what, remedy: first.remedy }
    : {
        slip: null,
        what: 'No usual slip is just this large.',
        remedy: 'Touch again; see whether it was re-fitted since.',
      };
};

/** Every length against the one known before: all off alike is the gauge, one off alone is that touch. */
function againstKnown({ rows, reference, U, gauge, plate }: ToolTableCheckInput): Finding[] {
  const compared = rows.filter(
    (row): row is Row & { known: number } => row.known !== undefined && row.number !== reference,
  );
  const off = (row: { length: number; known: number }) => row.length - row.known;
  const limit = agrees(compared.length) * U;
  const wrong = compared.filter((row) => Math.abs(off(row)) > limit);
  const possible = { U, ...(gauge !== undefined && { gauge }), ...(plate && { plate }) };
  const shift = mean(wrong.map(off));
  const alike = wrong.every((row) => Math.abs(off(row) - shift) <= 2 * U);
  if (wrong.length >= 2 && wrong.length === compared.length && alike) {
    const said = likeliest(explain({ measured: shift, known: 0, ...possible }));
    return [{ kind: 'all-off', tools: wrong.map(({ number }) => number), off: shift, ...said }];
  }
  return wrong.map((row) => ({
    kind: 'one-off',
    tools: [row.number],
    off: off(row),
    ...likeliest(explain({ measured: row.length, known: row.known, ...possible })),
  }));
}

/** True lengths are all positive, lengths from machine zero usually all negative; among reference lengths both are right. */
function signs({ school, rows }: ToolTableCheckInput): Finding[] {
  const usual = school === 'true-length' ? 1 : school === 'touch-part' ? -1 : 0;
  if (usual === 0) return [];
  return rows
    .filter(({ length }) => length * usual < 0)
    .map(({ number }) => ({
      kind: 'wrong-sign',
      tools: [number],
      off: null,
      slip: 'sign',
      what: `Tool ${number} has ${usual === 1 ? 'a minus, but a true length has none' : 'no minus, but lengths from machine zero have one'}.`,
      remedy: 'See the sign where it was read, and touch that tool again if in doubt.',
    }));
}

function missing({ rows, needed = [] }: ToolTableCheckInput): Finding[] {
  const there = new Set(rows.map(({ number }) => number));
  const gone = needed.filter((number) => !there.has(number));
  return gone.length === 0
    ? []
    : [
        {
          kind: 'missing',
          tools: gone,
          off: null,
          slip: null,
          what: `${gone.length === 1 ? 'Tool' : 'Tools'} ${gone.join(', ')} ${gone.length === 1 ? 'has' : 'have'} no length.`,
          remedy: 'Touch the gauge with each before the program calls it.',
        },
      ];
}

function travel({ rows, travel: reach }: ToolTableCheckInput): Finding[] {
  if (reach === undefined) return [];
  return rows
    .filter(({ length }) => Math.abs(length) > reach)
    .map(({ number, length }) => ({
      kind: 'beyond-travel',
      tools: [number],
      off: length,
      slip: null,
      what: `Tool ${number} is further off than the Z axis can travel.`,
      remedy: 'Look at its sign and its decimal point; do not run it.',
    }));
}

/** A tool so long that its tip is in the stock with Z all the way up. */
function stock({ rows, clear }: ToolTableCheckInput): Finding[] {
  if (!clear) return [];
  return rows.flatMap(({ number, length }): Finding[] => {
    const height = clear.top - clear.workOffset - length;
    return height >= 0
      ? []
      : [
          {
            kind: 'hits-stock',
            tools: [number],
            off: height,
            slip: null,
            what: `By its length tool ${number} is in the stock even with Z all the way up.`,
            remedy: 'See its length and the work offset; do not move across the part with it.',
          },
        ];
  });
}

function gauges({ otherGauge = [] }: ToolTableCheckInput): Finding[] {
  return otherGauge.length === 0
    ? []
    : [
        {
          kind: 'two-gauges',
          tools: otherGauge,
          off: null,
          slip: null,
          what: 'Touched on another gauge than the reference tool, so the two do not compare.',
          remedy: 'Touch both on one gauge, at one place.',
        },
      ];
}
