import { midSentence } from '@zero-point/core/messages/basis/grammar';
import { zZeroWords } from '@zero-point/core/messages/zAndTools/zZero';
import { PART_ZEROS } from '@zero-point/core/records/values/faces';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import type { Point } from '@zero-point/core/geometry/point';
import type { PartZero } from '@zero-point/core/records/setup/plan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { ZERO_LABELS } from '@zero-point/core/messages/basis/zeroLabels';
import { finderOptions, heightGaugeOptions } from '../../touch/gaugeOptions';

/** A place zero may stand on, in the part's own frame. */
export interface ZeroPlace {
  zero: PartZero;
  label: string;
  at: Point;
}

/** State of the Plan station to view. */
export function planView(book: SetupState) {
  const { setup, part, machine } = book;
  const unit = setup.units;
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  return {
    places: PART_ZEROS.map((zero): ZeroPlace => ({ zero, label: ZERO_LABELS[zero], at: zeroOf(part, zero) })),
    sentence: `${zeroWords(book)} Choose another place on the drawing to move it.`,
    facts: `${part.name}, ${part.material === '' ? 'stock' : part.material}: ${sizesOf(book, size)}. On the ${midSentence(machine.name)}.`,
    finders: finderOptions(book),
    heightGauges: heightGaugeOptions(book),
    holdings: book.holdings.map(({ id, name }) => ({ value: id, label: name })),
    tools: book.tools
      .filter(({ retiredOn }) => retiredOn === undefined)
      .map(({ number, name }) => ({ value: String(number), label: `T${number} ${name}` })),
  };
}

/** Where zero is, Z with it where that is not the top. */
function zeroWords(book: SetupState): string {
  const up = zZeroWords(book);
  const place = `Zero is the ${ZERO_LABELS[book.setup.partZero]}`;
  return up === undefined ? `${place}, on top.` : `${place}. ${up}`;
}

const sizesOf = ({ part }: SetupState, size: (mm: number) => string): string =>
  (['x', 'y', 'z'] as const)
    .map((axis) => (part.untold?.includes(axis) ? 'not entered' : size(part.size[axis])))
    .join(' × ');
