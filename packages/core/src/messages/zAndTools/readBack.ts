import type { PlateEntry, RowReadBack } from '../../state/readBack/controlReadBack';
import type { ReadBackMistake, ReadBackState } from '../../state/readBack/readBack';
import { formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

const SLIP_WORDS: Readonly<Record<ReadBackMistake | 'other-row', string>> = {
  'not-set': 'it still shows the touch reading, so it was not set',
  sign: 'wrong sign',
  unit: 'it reads in the other unit, or was typed in it',
  radius: 'it is off by the contact’s radius',
  gauge: 'it is off by the gauge’s thickness: left out or used twice',
  'plate-entry': 'the control uses another plate thickness than measured',
  lift: 'the air-cut offset is in it, or was left out',
  'other-offset': 'that is another work offset',
  'other-row': 'that is another tool’s length: the wrong row',
  unknown: 'no single mistake explains it',
};

/** What is asked after a setting. */
export const readBackQuestion = ({ axis, setting, expected }: ReadBackState, unit: LengthUnit): string => {
  const figure = formatLengthUnit(expected, { unit });
  const name = axis.toUpperCase();
  return setting.form === 'work-offset'
    ? `${setting.place.workOffset ?? 'Work offset'} ${name} was entered. Does it read ${figure}?`
    : setting.place.scale === 'dial'
      ? `${name} was set. Did its dial stand for ${figure} there?`
      : `${name} was set. Does it show ${figure} there?`;
};

/** What is wrong where it shows something else, and what to do. */
export function readBackTrouble({ axis, expected, shown, slips }: ReadBackState, unit: LengthUnit): string {
  const [seen, meant] = [shown ?? NaN, expected].map((mm) => formatLengthUnit(mm, { unit }));
  const likely = slips.map((slip) => SLIP_WORDS[slip]).join('; or ');
  return `${axis.toUpperCase()} shows ${seen}, not ${meant}: ${likely}. Set it to ${meant} and look again, before anything moves.`;
}

/** What is wrong with a row of the control's tool table, and what to enter. */
export function rowTrouble({ expected, shown, slips }: RowReadBack, unit: LengthUnit): string {
  const [seen, meant] = [shown ?? NaN, expected].map((mm) => formatLengthUnit(mm, { unit, plus: true }));
  return `It reads ${seen}, not ${meant}: ${slips.map((slip) => SLIP_WORDS[slip]).join('; or ')}. Enter ${meant}, and look again.`;
}

/** A plate's marking, its measured thickness and the control's entry, and what the difference does to every tool. */
export function plateWords(
  { marked, measured, entered, runsHigh, agrees, likely }: PlateEntry,
  unit: LengthUnit,
): string {
  const size = (mm: number) => formatLengthUnit(Math.abs(mm), { unit });
  const figures = `Marked ${size(marked)}${measured === undefined ? ', not measured' : `, measures ${size(measured)}`}${entered === undefined ? '' : `, entered in the control ${size(entered)}`}.`;
  if (entered === undefined) return figures;
  const slip =
    likely === undefined
      ? ''
      : likely === 'unit'
        ? ' The entry is in the other unit.'
        : ` The entry is that of ${likely.plate}.`;
  if (runsHigh === null) return `${figures}${slip} Measure it: it is not known which is right.`;
  if (agrees) return `${figures} ✓ The control has it right.`;
  return runsHigh < 0
    ? `${figures}${slip} ▼ Every tool would dig in ${size(runsHigh)}. Enter ${size(measured ?? 0)}.`
    : `${figures}${slip} ▲ Every tool would cut ${size(runsHigh)} of air. Enter ${size(measured ?? 0)}.`;
}
