import type { Hole } from '../../state/holes/holes';
import type { PatternFinding } from '../../holes/patterns/patternCheck.schema';
import { formatLength } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { capitalize } from '../basis/grammar';

/** A finding in a sentence, with what to do. */
export function holeFindingWords(
  { kind, holes, value }: PatternFinding,
  all: readonly Hole[],
  unit: LengthUnit,
): string {
  const figure = `${formatLength(Math.abs(value), { unit })} ${unit}`;
  const names = holes.map((i) => `hole ${all[i]?.hole ?? i + 1} of ${all[i]?.pattern.name ?? '?'}`);
  const [first = '', second = ''] = names.map((name, i) => (i === 0 ? capitalize(name) : name));
  switch (kind) {
    case 'duplicate':
      return `${first} and ${second} are at the same place. Set one aside.`;
    case 'overlap':
      return `${first} and ${second} overlap by ${figure}.`;
    case 'thin-web':
      return `${first} and ${second}: only ${figure} of metal between them.`;
    case 'thin-edge':
      return value < 0
        ? `${first} breaks through the edge by ${figure}.`
        : `${first}: only ${figure} of metal to the edge.`;
    case 'outside-part':
      return `${first} is ${figure} off the part.`;
    case 'outside-travel':
      return `The holes need ${figure} more travel than this machine has. Turn the part, or clamp it twice.`;
    case 'order-of-magnitude':
      return `The holes spread over ${figure}, much more than the part. Check the decimal point and the unit.`;
  }
}
