import { differences } from '../../records/kinds/documentDiff';
import { formatLength } from '../../units/formatLength';
import { capitalize } from './grammar';

/** One line of what two versions differ in. */
export interface DifferenceWords {
  what: string;
  mine: string;
  theirs: string;
}

/** `heightGaugeId` as "height gauge", `caliper.middle.x` as "caliper, middle, x". */
const pathWords = (path: readonly string[]): string =>
  capitalize(
    path
      .map((key) =>
        key
          .replace(/Id$/, '')
          .replace(/([a-z])([A-Z])/g, '$1 $2')
          .toLowerCase(),
      )
      .join(', '),
  );

/** A field's name as people read it: `gaugeId` as "Gauge", `source.text` as "Source, text". */
export const fieldWords = (field: string): string => pathWords(field.split('.'));

function valueWords(value: unknown, names: Readonly<Record<string, string>>): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (typeof value === 'number')
    return Number.isInteger(value) ? String(value) : formatLength(value, { unit: 'mm', decimals: 4 });
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return names[value] ?? value;
  return Array.isArray(value) ? `${value.length} in all` : 'set';
}

/**
 * What two versions of a document differ in, to choose between them by. Lengths stand in mm, as the record has them.
 *
 * @param names of the things that ids stand for
 */
export const differenceWords = (
  mine: unknown,
  theirs: unknown,
  names: Readonly<Record<string, string>> = {},
): DifferenceWords[] =>
  differences(mine, theirs).map(({ path, mine: own, theirs: other }) => ({
    what: pathWords(path),
    mine: valueWords(own, names),
    theirs: valueWords(other, names),
  }));
