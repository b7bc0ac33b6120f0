/// <reference path="../types/jstat.d.ts" />
import jstat from 'jstat';
import { explain } from '../mistakes/explain';
import type { ExplainOutput } from '../mistakes/explain.schema';
import { mean } from '../metrology/mean';
import type { Working } from '../working/working';
import type { ToolTableCheckInput, ToolTableCheckOutput } from './toolTableCheck.schema';

/** How far a length may be from the calibration of it and still agree, by how many are compared. */
function agreementTape({ rows, U }: ToolTableCheckInput): Working {
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
      size: null,
    }));
}

const likeliest = ({ likely: [first] }: ExplainOutput): Pick<Finding, 'slip' | 'size'> => ({
  slip: first?.slip ?? null,
  size: first?.size ?? null,
});

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
      size: null,
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
          size: null,
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
      size: null,
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
            size: null,
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
          size: null,
        },
      ];
}
