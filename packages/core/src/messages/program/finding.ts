import type { Finding, FindingFigures } from '../../program/finding';
import { formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { HOLES } from './finding/holes';
import { PLACES } from './finding/places';
import { READING } from './finding/reading';
import { SETTING } from './finding/context';
import { SPINDLE } from './finding/spindle';
import { STATE } from './finding/state';
import type { FindingWords, WordsOf } from './finding/findingMessage';

/** The words of every kind of finding there is; the type asks for each. */
const WORDS: WordsOf<keyof FindingFigures> = { ...READING, ...STATE, ...SETTING, ...SPINDLE, ...PLACES, ...HOLES };

const wordsOf = <C extends keyof FindingFigures>(code: C, figures: FindingFigures[C], unit: LengthUnit) =>
  WORDS[code](figures, { unit, mm: (value) => formatLengthUnit(value, { unit }) });

/** A finding in words, with its remedy. Lengths as the setup has them. */
export const programFindingWords = ({ code, figures }: Finding, unit: LengthUnit): FindingWords =>
  wordsOf(code, figures, unit);

/** Where a finding stands, in words. */
export const linesWords = ({ line, count }: Pick<Finding, 'line' | 'count'>): string =>
  line === 0 ? 'the whole program' : count === 1 ? `line ${line}` : `line ${line} and ${count - 1} more`;

/** What was checked: said where nothing was found, since nothing is called safe. */
export const LOOKED_FOR: readonly string[] = [
  'unit, work offset and zero against what is set',
  'every tool’s cutter, length and H',
  'spindle, feed and their limits; a finder left in the spindle',
  'rapids through the stock, every move through the boxes',
  'lowest Z against the part and what lies under it',
  'extents against the stock and the machine’s travel',
  'holes against the positions',
  'arcs, cycles, and what is left in force',
];
