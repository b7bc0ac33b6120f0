import type { Bore, CutPlan } from '@zero-point/core/record/cutPlan';
import type { Book } from '@zero-point/core/book/book';
import type { BoreOutput } from '@zero-point/core/boring/bore.schema';
import { isoFit } from '@zero-point/core/boring/isoFit';
import { boreAnswer, measuringU } from '@zero-point/core/book/subjects/bore';
import { GAUGE_FACTS } from '@zero-point/core/metrology/gaugeKinds';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { parseLength } from '@zero-point/core/units/parseLength';
import { uuidv7 } from 'uuidv7';
import { logMeasured } from '../../record/log';
import { logCut } from '../positions/view';

/** Kinds of gauge that measure a bore, the surest first. */
const MEASURES_BORES = ['bore-gauge', 'micrometer', 'caliper'] as const;

/** The shop's own gauges that measure a bore. */
export const boreGauges = ({ gauges }: Book) =>
  gauges.filter(({ kind, retiredOn }) => retiredOn === undefined && MEASURES_BORES.some((one) => one === kind));

/** What the Bore screen shows of the bore in hand. */
export interface BoreView extends ReturnType<typeof boreAnswer> {
  bores: CutPlan['bores'];
  bore: Bore | undefined;
  /** U of one measured size, mm at 95 %; null where no gauge is chosen. */
  measureU: number | null;
}

export function boreView(book: Book, boreId: string | undefined): BoreView {
  const { bores } = book.cutPlan;
  const bore = bores.find(({ id }) => id === boreId) ?? bores[0];
  const gauge = book.gauges.find(({ id }) => id === bore?.gaugeId);
  return {
    bores,
    bore,
    measureU: gauge ? 2 * measuringU(gauge) : null,
    ...(bore ? boreAnswer(book, bore) : { log: { start: undefined, passes: [], readings: [] } }),
  };
}

/** Keeps a bore in place of the one with its id, or beside the others. */
export function keepBore(book: Book, bore: Bore): void {
  const { bores } = book.cutPlan;
  const known = bores.some(({ id }) => id === bore.id);
  logCut(book, { bores: known ? bores.map((one) => (one.id === bore.id ? bore : one)) : [...bores, bore] });
}

/** A new bore to be changed: the largest drawn hole of the part, to H7. */
export function startBore(book: Book, gaugeId: string): Bore {
  const nominal = book.part.holes.reduce((most, { diameter }) => Math.max(most, diameter), 0) || 20;
  const { low, high, text } = isoFit(`${nominal} H7`);
  return {
    id: uuidv7(),
    name: `Bore ${book.cutPlan.bores.length + 1}`,
    low,
    high,
    fit: text,
    counts: 'radius',
    step: 0.01,
    gaugeId,
  };
}

/** Logs a measured size, after a pass set to `set` where one was; says what is wrong instead. */
export function logSize(book: Book, bore: Bore, text: string, set: string | undefined): string | undefined {
  const unit = book.setup.units;
  const read = set === undefined ? undefined : parseLength(set, unit);
  if (read && !read.ok) return `The setting: ${read.message}`;
  return logMeasured(
    book,
    {
      subject: {
        kind: 'bore-size',
        of: bore.id,
        ...(read?.ok && set !== undefined && { set: read.mm, setText: set.trim() }),
      },
      gaugeId: bore.gaugeId,
      ticked: [],
    },
    text,
  );
}

/** What to do next, in a sentence. */
export function boreSentence({ bore, log, answer, refused }: BoreView, unit: LengthUnit): string {
  if (!bore) return 'Which bore is to come to size?';
  const figure = (mm: number) => `${formatLength(mm, { unit })} ${unit}`;
  if (refused !== undefined) return refused;
  if (log.start === undefined || !answer) return `Measure ${bore.name.toLowerCase()} as it is, and log its diameter.`;
  const { advice, next, now } = answer;
  switch (advice) {
    case 'in-size':
      return `In size: ${figure(now)}. Stop here.`;
    case 'over':
      return `Gone over: ${figure(now)} is ${figure(now - bore.high)} above the upper limit.`;
    case 'stop-and-measure':
      return `Stop: what is left, ${figure(bore.low - now)} to the lower limit, is less than this gauge can tell. Measure again, with a surer one.`;
    case 'cut':
    case 'last-cut': {
      const which = advice === 'last-cut' ? 'Last pass' : `${answer.passesLeft} passes to go`;
      return `${which}: set ${figure(next?.set ?? 0)} on the diameter, cut, measure, log.`;
    }
  }
}

/** What the boring head is turned by, plainly on the diameter or the radius. */
export function turnWords({ counts }: Bore, { next }: BoreOutput, unit: LengthUnit): string | undefined {
  if (!next) return undefined;
  const turn = formatLength(next.turn, { unit, plus: true });
  const lines = next.lines === 1 ? '1 line' : `${next.lines} lines`;
  return `Dial or indicator, on the ${counts}: ${turn} ${unit}, that is ${lines} from the last setting.`;
}

/** Which gauge serves now: a rough one while much is left, a sure one at the end. */
export function gaugeWords(book: Book, { bore, answer }: BoreView): string | undefined {
  if (!bore) return undefined;
  const gauge = book.gauges.find(({ id }) => id === bore.gaugeId);
  if (!gauge) return 'Choose the gauge that measures it.';
  const name = GAUGE_FACTS[gauge.kind].name;
  const U = 2 * measuringU(gauge);
  const band = bore.high - bore.low;
  if (U > band / 4)
    return `With U ${(1000 * U).toFixed(0)} µm this ${name} tells too little of a band of ${(1000 * band).toFixed(0)} µm: good until the last two passes, then a surer gauge.`;
  if (answer && answer.left > 0.3) return `A caliper will do until 0.3 mm is left; this ${name} for the last passes.`;
  return undefined;
}

/** What can be done with a bore that has gone over. */
export const GONE_OVER: readonly string[] = [
  'Measure again first, clean and at room temperature: a warm bore measures large.',
  'See whether the next larger bearing or bush fits: bore to that size.',
  'Bush it: bore larger, press in a sleeve, bore that to size.',
  'A slip fit can be held by retaining compound, within the gap its maker gives.',
];
