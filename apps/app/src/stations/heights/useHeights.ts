import type { Reading, Touched } from '@zero-point/core/contract/ledger';
import type { Snapshot } from '@zero-point/core/contract/setup';
import type { Gauge, Tool } from '@zero-point/core/contract/shop';
import { HEIGHT_CAUTIONS } from '@zero-point/core/cautions/caution';
import {
  toolLengthAnswer,
  zZeroAnswer,
  type ToolLengthAnswer,
  type ZZeroAnswer,
} from '@zero-point/core/ledger/heightAnswer';
import { sizeOf } from '@zero-point/core/ledger/gaugeUse';
import { lastZeroing, onThisScale, readingsOf } from '@zero-point/core/ledger/inForce';
import { formatLength, formatLengthUnit, type LengthFormat } from '@zero-point/core/units/formatLength';
import type { FormView } from '../../answer/AnswerForms';
import type { HangingTool } from '../../drawing/ElevationDrawing';
import { logReading, logZeroing } from '../newReading';

export const HEIGHT_CAUTION_LIST = [HEIGHT_CAUTIONS.raiseOnto, HEIGHT_CAUTIONS.gaugeOff];

/** What the Heights screen shows of the tool in hand. */
export interface HeightsView {
  zSet: boolean;
  gauge: Gauge | undefined;
  tools: HangingTool[];
  tool: number;
  isReference: boolean;
  sentence: string;
  /** The same in short, once the first reading is in. */
  brief: string;
  readings: Reading[];
  answer: ZZeroAnswer | ToolLengthAnswer | undefined;
  forms: FormView[];
  /** Said where this machine keeps its tool lengths another way. */
  otherSchool: string | undefined;
  /** Why this tool cannot be touched yet. */
  blocked: string | undefined;
  log: (text: string, ticked: string[]) => string | undefined;
  /** Says the first answer was used; gives the tool to touch next, if any is left. */
  finish: (form: FormView) => number | undefined;
}

/** State of the Heights station to view: the reference tool sets Z, every other tool gets an offset. */
export function heightsView(snapshot: Snapshot, tool: number): HeightsView {
  const { setup } = snapshot;
  const format: LengthFormat = { unit: setup.units };
  const isReference = tool === setup.referenceTool;
  const subject: Touched = isReference ? { kind: 'z-zero', tool } : { kind: 'tool-length', tool };
  const gauge = snapshot.gauges.find(({ id }) => id === setup.heightGaugeId);
  const zero = zZeroAnswer(snapshot);
  const length = isReference ? undefined : toolLengthAnswer(snapshot, tool);
  const tools = toolsOf(snapshot);
  const next = nextTool(snapshot, tools, tool);
  const gaugeWords = gauge
    ? `${formatLengthUnit(sizeOf(gauge), format)} ${gauge.name.toLowerCase().includes('plate') ? 'touch plate' : 'gauge block'}`
    : 'gauge';
  const onward = next === undefined ? 'Done: all tools measured' : `Next: tool ${next}`;

  return {
    zSet: lastZeroing(snapshot, 'z') !== undefined,
    gauge,
    tools: tools.map((item) => hanging(snapshot, item)),
    tool,
    isReference,
    sentence: isReference
      ? `Slip the ${gaugeWords} under tool ${tool}, the reference. Raise onto it, then type what Z shows.`
      : `Change to tool ${tool}. Slip the same ${gaugeWords} under it, raise onto it, then type what Z shows.`,
    brief: `Tool ${tool} on the ${gaugeWords}`,
    readings: readingsOf(snapshot, subject),
    answer: isReference ? zero : length,
    forms: isReference
      ? zero && onThisScale(snapshot, zero.readings)
        ? zZeroForms(snapshot, zero, format)
        : []
      : length
        ? [offsetForm(length, tool, setup.referenceTool, format, onward)]
        : [],
    otherSchool:
      snapshot.machine.habits.toolLengthSchool === 'reference-tool'
        ? undefined
        : 'This machine keeps its tool lengths another way. Here they are against the reference tool; add its length, or its Z, to each.',
    blocked:
      !isReference && !zero ? `Touch the gauge with tool ${setup.referenceTool}, the reference, first.` : undefined,
    log: (text, ticked) =>
      logReading(snapshot, { subject, axis: 'z', approach: 1, gaugeId: setup.heightGaugeId, feeler: 0, ticked }, text),
    finish: ({ form, value }) => {
      if (form !== 'offset') logZeroing(snapshot, subject, 'z', form, value);
      return next;
    },
  };
}

function toolsOf(snapshot: Snapshot): Tool[] {
  const { referenceTool } = snapshot.setup;
  const known = snapshot.tools.some(({ number }) => number === referenceTool);
  const reference: Tool = { id: 'reference', number: referenceTool, name: 'reference tool', diameter: 10 };
  return known ? snapshot.tools : [reference, ...snapshot.tools];
}

/** The first tool, other than the one in hand, whose length is not known yet. */
const nextTool = (snapshot: Snapshot, tools: readonly Tool[], inHand: number): number | undefined =>
  tools.find(
    ({ number }) => number !== inHand && number !== snapshot.setup.referenceTool && !toolLengthAnswer(snapshot, number),
  )?.number;

function hanging(snapshot: Snapshot, tool: Tool): HangingTool {
  const isReference = tool.number === snapshot.setup.referenceTool;
  const offset = toolLengthAnswer(snapshot, tool.number)?.result.offset ?? null;
  const shown = isReference
    ? 'reference'
    : offset === null
      ? 'not yet'
      : formatLength(offset, { unit: snapshot.setup.units, plus: true });
  return { number: tool.number, name: tool.name, diameter: tool.diameter, offset: isReference ? 0 : offset, shown };
}

function zZeroForms(snapshot: Snapshot, { result }: ZZeroAnswer, format: LengthFormat): FormView[] {
  const forms: FormView[] = [
    {
      form: 'preset',
      say: 'Set Z to',
      figure: formatLength(result.setZ, format),
      then: 'still on the gauge: set, don’t move',
      done: 'Done: Z is set',
      value: result.setZ,
    },
    {
      form: 'work-offset',
      say: 'Work offset Z',
      figure: formatLength(result.workOffset, format),
      then: 'the part’s top on the scale as it stands',
      done: 'Done: Z offset entered',
      value: result.workOffset,
    },
  ];
  return snapshot.machine.habits.answerFirst === 'work-offset' ? forms.reverse() : forms;
}

function offsetForm(
  { result }: ToolLengthAnswer,
  tool: number,
  reference: number,
  format: LengthFormat,
  done: string,
): FormView {
  const difference = formatLength(Math.abs(result.offset), format);
  const say =
    result.comparison === 'same'
      ? `Tool ${tool} is as long as tool ${reference}: offset`
      : `Tool ${tool} is ${difference} ${result.comparison}: offset`;
  return {
    form: 'offset',
    say,
    figure: formatLength(result.offset, format),
    then: `the length offset of tool ${tool} against tool ${reference}`,
    done,
    value: result.offset,
  };
}
