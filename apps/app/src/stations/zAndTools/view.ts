import type { Reading } from '@zero-point/core/records/log/reading';
import type { Touched } from '@zero-point/core/records/values/subject';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Gauge } from '@zero-point/core/records/shop/gauge';
import type { Tool } from '@zero-point/core/records/shop/cutter';
import type { Approach } from '@zero-point/core/schema/quantities';
import type { Caution } from '@zero-point/core/cautions/caution';
import {
  cautionsWhere,
  heightApproach,
  heightMethod,
  putWords,
  touchPlaceOnTool,
} from '@zero-point/core/zAndTools/heightMethod';
import { gapOf, gaugeSits, gaugeSeatPlaces } from '@zero-point/core/state/gauges/gaugeSeat';
import { keepsTable } from '@zero-point/core/zAndTools/schools';
import { GAUGE_FACTS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import { hasController } from '@zero-point/core/records/shop/machine';
import { TYPED_AS, type TypedAs } from '@zero-point/core/messages/datum/controlResult';
import { topAboveZero } from '@zero-point/core/state/zAndTools/zZeroHeight';
import { zZeroWords } from '@zero-point/core/messages/zAndTools/zZero';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { GaugeSits } from '@zero-point/core/records/setup/datumPlan';
import {
  toolLengthAnswer,
  zByProbe,
  zZeroAnswer,
  type ToolLengthAnswer,
  type ZZeroAnswer,
} from '@zero-point/core/state/zAndTools/zZero';
import { lastZeroing, isOnThisScale, readingsOf } from '@zero-point/core/state/basis/activeRecords';
import { formatLength, formatLengthUnit, type LengthFormat } from '@zero-point/core/units/formatLength';
import { formatSmall } from '@zero-point/core/units/formatSmall';
import { closingWords, type ClosingWords } from '@zero-point/core/messages/zAndTools/closingCheck';
import { offsetForm, zZeroForms } from '@zero-point/core/messages/zAndTools/zZeroForms';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import type { HangingTool } from '../../drawing/ElevationDrawing';

/** A touch of the reference, which sets Z, or of another tool for its length. */
type ToolTouched = Extract<Touched, { kind: 'z-zero' | 'tool-length' }>;

/** What the Heights screen shows of the tool in hand. */
export interface HeightsView {
  zSet: boolean;
  gauge: Gauge | undefined;
  /** What it puts between the tool and the surface, mm. */
  gap: number;
  /** Whether tools come down onto it, or are raised past it. */
  arrives: 'lowered' | 'raised';
  /** Where it may sit, while nobody said. */
  askSits: readonly GaugeSits[] | undefined;
  tools: HangingTool[];
  tool: number;
  isReference: boolean;
  sentence: string;
  /** Where on the tool, and coarse then fine. */
  where: string;
  cautions: readonly Caution[];
  /** The reference touched again at the end: what it must show, or whether it came back. */
  closing: ClosingWords | undefined;
  /** The same in short, once the first reading is in. */
  brief: string;
  readings: readonly Reading[];
  answer: ZZeroAnswer | ToolLengthAnswer | undefined;
  forms: FormView[];
  /** A probe found the top, and how long it is against the tools is not known: Z is not set by it. */
  byProbeAlone: boolean;
  /** Why this tool cannot be touched yet. */
  blocked: string | undefined;
  /** What can be typed of this touch, where a control could have made it. */
  typedAs: readonly TypedAs[];
  /** What a touch of this tool is of. */
  subject: ToolTouched;
  approach: Approach;
  /** The tool to touch next, where the machine keeps a table and any is left. */
  next: number | undefined;
}

/** State of the Heights station to view: the reference tool sets Z, every other tool gets an offset. */
export function heightsView(book: SetupState, tool: number): HeightsView {
  const { setup } = book;
  const format: LengthFormat = { unit: setup.units };
  const isReference = tool === setup.referenceTool;
  const subject: ToolTouched = isReference ? { kind: 'z-zero', tool } : { kind: 'tool-length', tool };
  const gauge = book.gauges.find(({ id }) => id === setup.heightGaugeId);
  const zero = zZeroAnswer(book);
  const length = isReference ? undefined : toolLengthAnswer(book, tool);
  const tools = toolsOf(book);
  const next = nextTool(book, tools, tool);
  const method = heightMethod(gauge?.kind);
  const sits = gauge ? gaugeSits(book, gauge) : 'under';
  const gap = gauge ? gapOf(book, gauge) : 0;
  const size = sits === 'under' && gap !== undefined && gap > 0 ? formatLengthUnit(gap, format) : '';
  const gaugeWords = size === '' ? method.words : `${size} ${method.words}`;
  const put =
    sits === 'spindle'
      ? `Touch the surface with the ${method.words} in the spindle, as`
      : sits === 'arm'
        ? `Touch the surface with the ${method.words} on its arm, for`
        : putWords(method, size);
  const known = book.tools.find(({ number }) => number === tool);
  const keeps = keepsTable(book.machine.habits.toolLengthSchool);
  const onward = next === undefined ? 'Finish: all tools measured' : `Go to tool ${next}`;

  return {
    zSet: lastZeroing(book, 'z') !== undefined,
    gauge,
    tools: tools.map((item) => hanging(book, item)),
    tool,
    isReference,
    sentence: isReference
      ? `${put} tool ${tool}, the reference. ${method.approach} Then type what Z shows.`
      : sits === 'under'
        ? `Change to tool ${tool}. ${putWords({ ...method, words: `same ${gaugeWords}` })} it. ${method.approach} Then type what Z shows.`
        : `Change to tool ${tool}.`,
    where: [
      touchPlaceOnTool(known?.kind, known?.teeth),
      method.fine + stepWords(book, format, method.arrives === 'raised'),
      jogWords(book, isReference),
      barWords(book),
      movesWords(book),
      zZeroWords(book),
    ]
      .filter((one) => one !== undefined)
      .join(' '),
    cautions: cautionsWhere(method, sits ?? 'under'),
    closing: closingWords(book, format),
    brief: `Tool ${tool} on the ${gaugeWords}`,
    byProbeAlone: isReference && zByProbe(book),
    readings: readingsOf(book, subject),
    answer: isReference ? zero : length,
    forms: isReference
      ? zero && isOnThisScale(book, zero.readings)
        ? zero.longer !== undefined
          ? zZeroForms(book, zero, format)
          : keeps
            ? []
            : probeForms(book, zero, format)
        : []
      : length
        ? [offsetForm(book, length, tool, format, onward)]
        : [],
    gap: gap ?? 0,
    arrives: method.arrives,
    askSits: gauge && sits === undefined ? gaugeSeatPlaces(gauge) : undefined,
    blocked: blockedBy(book, gauge, isReference, zero !== undefined && zero.readings.at(-1)?.source.by !== 'control'),
    typedAs:
      isReference && hasController(book.machine) && gauge && GAUGE_FACTS[gauge.kind].tripsCycle ? TYPED_AS : ['scale'],
    subject,
    approach: heightApproach(method),
    next: keeps ? next : undefined,
  };
}

/** Z as the probe found it counts for the probe alone, until cutters are touched off on one spot with it. */
const probeForms = (book: SetupState, zero: ZZeroAnswer, format: LengthFormat): FormView[] =>
  zZeroForms(book, zero, format)
    .filter(({ form }) => form === 'preset')
    .map((form) => ({ ...form, done: 'Log Z set for the probe' }));

/** Why a tool cannot be touched yet. */
function blockedBy(
  book: SetupState,
  gauge: KnownGauge | undefined,
  isReference: boolean,
  zeroKnown: boolean,
): string | undefined {
  const { referenceTool } = book.setup;
  const sits = gauge && gaugeSits(book, gauge);
  if (gauge && sits === undefined) return `First say where the ${heightMethod(gauge.kind).words} sits.`;
  if (gauge && gapOf(book, gauge) === undefined)
    return 'First enter the sensor’s offset on its arm, under “gauge, air cut”.';
  if (topAboveZero(book) === undefined)
    return 'Z zero is the part’s underside. Enter the part’s thickness in Plan first.';
  if (!isReference && sits !== 'under')
    return 'A tool cannot touch off on this gauge. Choose a block, plate or setter for heights in Plan.';
  return !isReference && !zeroKnown ? `Touch the gauge with tool ${referenceTool}, the reference, first.` : undefined;
}

/** Round stock is highest along its middle only. */
const barWords = ({ part }: SetupState): string | undefined =>
  part.bar === undefined
    ? undefined
    : `On a bar use a feeler strip, and move across in ${part.bar === 'x' ? 'Y' : 'X'} until the highest point drags.`;

/** Which of knee and quill carries Z, and which stays locked. */
function movesWords({ datumPlan }: SetupState): string | undefined {
  const moves = datumPlan.heights?.moves;
  if (moves === undefined) return undefined;
  return moves === 'knee'
    ? 'Quill locked where it is: Z is the knee’s, and winding it down raises the tool.'
    : 'Knee locked where it is: Z is the quill’s.';
}

/** A tool called by the control may bring the coarse jog step back. */
const jogWords = ({ machine }: SetupState, isReference: boolean): string | undefined =>
  !isReference && hasController(machine) && (machine.jogSteps ?? []).length > 1
    ? 'Calling the next tool can reset the jog step to coarse. Check the step before you come near.'
    : undefined;

/** The machine's own steps, coarse and fine; the fine one as it was said, where a gauge is raised past by it. */
function stepWords({ machine, datumPlan }: SetupState, format: LengthFormat, raised: boolean): string {
  const said = raised ? datumPlan.heights?.step : undefined;
  const steps = [...(machine.jogSteps ?? [])].filter((step) => said === undefined || step > said).sort((a, b) => b - a);
  const [coarse, fine] = said === undefined ? [steps.at(-2), steps.at(-1)] : [steps.at(-1), said];
  return coarse === undefined || fine === undefined
    ? ''
    : ` Coarse: ${formatSmall(coarse, format)}, fine: ${formatSmall(fine, format)}.`;
}

function toolsOf(book: SetupState): Tool[] {
  const { referenceTool } = book.setup;
  const known = book.tools.some(({ number }) => number === referenceTool);
  const reference: Tool = { id: 'reference', number: referenceTool, name: 'reference tool', diameter: 10 };
  return known ? [...book.tools] : [reference, ...book.tools];
}

/** The first tool, other than the one in hand, whose length is not known yet. */
const nextTool = (book: SetupState, tools: readonly Tool[], inHand: number): number | undefined =>
  tools.find(
    ({ number }) => number !== inHand && number !== book.setup.referenceTool && !toolLengthAnswer(book, number),
  )?.number;

function hanging(book: SetupState, tool: Tool): HangingTool {
  const isReference = tool.number === book.setup.referenceTool;
  const offset = toolLengthAnswer(book, tool.number)?.result.offset ?? null;
  const shown = isReference
    ? 'reference'
    : offset === null
      ? 'not yet'
      : formatLength(offset, { unit: book.setup.units, plus: true });
  return { number: tool.number, name: tool.name, diameter: tool.diameter, offset: isReference ? 0 : offset, shown };
}
