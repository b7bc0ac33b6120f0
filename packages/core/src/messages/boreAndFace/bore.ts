import { quarterOf } from '../../metrology/judge';
import type { SetupState } from '../../state/basis/setupState';
import { doubtfulPass, type DoubtfulPass } from '../../state/boreAndFace/doubtfulPass';
import { uMeasuring, type boreAnswer } from '../../state/boreAndFace/bore';
import type { BoreOutput } from '../../boreAndFace/bore.schema';
import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import type { Bore } from '../../records/setup/cutPlan';
import { formatLengthUnit, formatLength } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

/** A bore with what its log says; no bore while none is chosen. */
export type BoreInHand = Partial<ReturnType<typeof boreAnswer>> &
  Pick<ReturnType<typeof boreAnswer>, 'log'> & { bore: Bore | undefined };

/** What to do next, in a sentence. */
export function boreSentence({ bore, log, answer, refused }: BoreInHand, unit: LengthUnit): string {
  if (!bore) return 'Which bore is to come to size?';
  const figure = (mm: number) => `${formatLength(mm, { unit })} ${unit}`;
  if (refused !== undefined) return refused;
  if (log.start === undefined || !answer) return `Measure ${bore.name.toLowerCase()} as it is, and log its diameter.`;
  const { advice, next, now, passesLeft } = answer.result;
  switch (advice) {
    case 'in-size':
      return `In size: ${figure(now)}. Stop here.`;
    case 'over':
      return `Oversize: ${figure(now)} is ${figure(now - bore.high)} above the upper limit.`;
    case 'stop-and-measure':
      return `Stop: what is left, ${figure(bore.low - now)} to the lower limit, is less than this gauge can measure. Use a better gauge.`;
    case 'cut':
    case 'last-cut': {
      const which = advice === 'last-cut' ? 'Last pass' : `${passesLeft} passes to go`;
      return `${which}: set ${figure(next?.set ?? 0)} on the diameter, cut, measure, log.`;
    }
  }
}

/** What the last pass did that its setting does not explain, with what to do; undefined where nothing is amiss. */
export function passMistakeText(book: SetupState, { bore, log }: BoreInHand): string | undefined {
  switch (bore && doubtfulPass(book, bore, log)?.slip) {
    case 'twice':
      return bore?.counts === 'radius'
        ? 'The bore grew by twice the setting. Is this dial marked in radius?'
        : 'The bore grew by twice the setting. Is this dial marked in radius?';
    case 'nothing':
      return 'Nothing was cut: the slide moved the wrong way, or shifted when locked. Back off past the slack, set again, lock, and read the indicator again.';
    case undefined:
      return undefined;
  }
}

/** What puts the record of such a pass right, as a button says it: with it, what the dial counts on. */
export function passMendWords(
  { setTo }: Pick<DoubtfulPass, 'setTo'>,
  { counts }: Pick<Bore, 'counts'>,
  unit: LengthUnit,
): string {
  if (setTo === undefined) return 'Strike this pass out';
  const it = counts === 'radius' ? 'It' : 'It is marked in radius, and';
  return `${it} was set to ${formatLengthUnit(setTo, { unit })}: log it so`;
}

/** What the boring head is turned by, plainly on the diameter or the radius. */
export function turnWords({ counts }: Bore, { next }: BoreOutput, unit: LengthUnit): string | undefined {
  if (!next) return undefined;
  const turn = formatLength(next.turn, { unit, plus: true });
  const lines = next.lines === 1 ? '1 line' : `${next.lines} lines`;
  return `Dial or indicator, on the ${counts}: ${turn} ${unit}, that is ${lines} from the last setting.`;
}

/** While so much is left on the diameter, mm, a caliper is sure enough. */
const ROUGH = 0.3;

/** Which gauge serves now: a rough one while much is left, a sure one at the end. */
export function gaugeWords(book: SetupState, { bore, answer }: BoreInHand): string | undefined {
  if (!bore) return undefined;
  const gauge = book.gauges.find(({ id }) => id === bore.gaugeId);
  if (!gauge) return 'Choose the gauge that measures it.';
  const name = GAUGE_FACTS[gauge.kind].name;
  const size = (mm: number) => formatLengthUnit(mm, { unit: book.setup.units });
  const U = 2 * uMeasuring(gauge);
  const band = bore.high - bore.low;
  if (U > quarterOf(band))
    return `With U ${size(U)} this ${name} is too coarse for a tolerance of ${size(band)}. Use it until the last two passes, then a better gauge.`;
  if (answer && answer.result.left > ROUGH)
    return `A caliper will do until ${size(ROUGH)} is left; this ${name} for the last passes.`;
  return undefined;
}

/** What can be done with a bore that has oversize. */
export const GONE_OVER: readonly string[] = [
  'Measure again first, clean and at room temperature: a warm bore measures large.',
  'See whether the next larger bearing or bush fits: bore to that size.',
  'Bush it: bore larger, press in a sleeve, bore that to size.',
  'For a slip fit, use retaining compound within its maker’s gap.',
];
