import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import type { SetupState } from '../../state/basis/setupState';
import { keptSpotGauge } from '../../state/gauges/spotGauge';
import { spotMoved, touchOffPoint, type SpotFigure, type ZSetter } from '../../state/toolChange/touchOffPoint';
import { heightMethod, putWords, touchPlaceOnTool } from '../../zAndTools/heightMethod';
import { formatLengthUnit } from '../../units/formatLength';
import { plusMinus } from '../basis/verdict';

/** What Z counts with, by name: "T1", "the probe". */
export const setterName = (setter: ZSetter): string => (setter === 'probe' ? 'the probe' : `T${setter}`);

/** Where the spot may be, as it is asked. */
export const SPOT_PLACES = {
  'off-part': 'beside the part',
  'on-part': 'on the part, not cut',
  cut: 'on the part, cut later',
} as const;

export type SpotPlace = keyof typeof SPOT_PLACES;

/** Why a place cannot be the spot, and what to choose instead; undefined where it can. */
export const spotPlaceRefused = (place: SpotPlace): string | undefined =>
  place === 'cut'
    ? 'That place will be cut away before the next tool touches it. Choose one beside the part, or one no tool cuts.'
    : undefined;

/** Whether a wire and clip go with what is put on the spot. */
export function hasClip(book: SetupState): boolean {
  const gauge = keptSpotGauge(book);
  return gauge !== undefined && GAUGE_FACTS[gauge.kind].isPlate;
}

/** What is put on the spot, in words: "touch plate". */
export const spotGaugeWords = (book: SetupState): string => heightMethod(keptSpotGauge(book)?.kind).words;

/** The spot's figure with its ±, who touched it and when: "Z +23.410 mm ±0.031 with T1". */
export const figureWords = ({ setup: { units: unit } }: SetupState, { figure, U, by }: SpotFigure): string =>
  `Z ${formatLengthUnit(figure, { unit, plus: true })} ${plusMinus(U, unit)}, with ${setterName(by)}`;

/** How the tool that set Z touches the spot, so that its figure is known. */
export function learnWords(book: SetupState, setter: ZSetter): string {
  const method = heightMethod(keptSpotGauge(book)?.kind);
  if (setter === 'probe')
    return `Probe in the spindle: touch the top of the ${method.words} on the spot. Type what Z shows.`;
  return `${putWords(method)} ${setterName(setter)} on the spot. ${method.approach} Type what Z shows.`;
}

/** Before a tool comes out: everything clear and still. */
export function clearWords(book: SetupState, setter: ZSetter): string {
  const off = hasClip(book) ? 'Clip and plate off. ' : `${capital(spotGaugeWords(book))} off. `;
  const still =
    book.machine.kind === 'router' ? 'Stop the spindle, then unplug the router.' : 'Stop the spindle and lock it.';
  return `Raise ${setterName(setter)} clear of everything. ${off}${still}`;
}

/** What goes in. */
export function fitWords(book: SetupState, tool: number): string {
  const known = book.tools.find(({ number }) => number === tool);
  return `Fit T${tool}${known ? `, ${known.name},` : ''} and tighten it. Wrench and key off.`;
}

/** The room that a tool needs as it swings, from its diameter; more than the tool before needed stands first. */
export function swingWords(book: SetupState, tool: number, before: ZSetter | undefined): string | undefined {
  const sizeOf = (number: ZSetter | undefined) => book.tools.find((one) => one.number === number)?.diameter;
  const [size, old] = [sizeOf(tool), sizeOf(before)];
  if (size === undefined) return undefined;
  const mm = (value: number) => formatLengthUnit(value, { unit: book.setup.units });
  const wider = old !== undefined && size > old ? `Wider than ${setterName(before ?? 'probe')}. ` : '';
  return `${wider}⌀ ${mm(size)}: keep clamps and stops more than ${mm(size / 2)} from the spindle’s centre line.`;
}

/** What the main action says once the old tool is clear. */
export const clearAction = ({ machine }: Pick<SetupState, 'machine'>): string =>
  machine.kind === 'router' ? 'Clear and unplugged' : 'Clear, spindle locked';

/** Where on the tool it touches. */
export function spotTouchWords(book: SetupState, tool: number): string {
  const known = book.tools.find(({ number }) => number === tool);
  return touchPlaceOnTool(known?.kind, known?.teeth);
}

/** The touch itself, and what Z is set to while it touches. */
export function toolChangeSetWords(book: SetupState, tool: number): string {
  const method = heightMethod(keptSpotGauge(book)?.kind);
  return `${putWords(method)} T${tool} on the same spot. ${method.approach}`;
}

/** The clip is on another cutter now: it is tried again. */
export const clipWords = (tool: number): string =>
  `Clip on T${tool}. Touch the plate to the cutter by hand: the light must come on.`;

/** After the read back. */
export const clipOffWords = (book: SetupState): string =>
  hasClip(book)
    ? 'Clip and plate off, tool raised, before the spindle turns.'
    : `${capital(spotGaugeWords(book))} off, tool raised, before the spindle turns.`;

/** The spot touched again shows something else: what moved, by how much, and what to do. */
export function movedWords(book: SetupState): string | undefined {
  const found = spotMoved(book);
  if (!found) return undefined;
  const unit = book.setup.units;
  const by = `${formatLengthUnit(found.by, { unit, plus: true })} ${plusMinus(found.U, unit)}`;
  return found.moved
    ? `The spot shows ${by} against before. Part, spot or tool has moved: find which, then set Z on the part again.`
    : `The spot shows ${by} against before: it has not moved.`;
}

/** Why no tool can be set at the spot yet, and what to do. */
export function spotMissing(book: SetupState): string | undefined {
  const { setter, kept, beforeNewZero } = touchOffPoint(book);
  if (setter === undefined) return `Set Z with T${book.setup.referenceTool} or the probe first.`;
  if (kept) return undefined;
  return beforeNewZero
    ? `Z was set again since the spot was touched. Touch it again with ${setterName(setter)}.`
    : undefined;
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
