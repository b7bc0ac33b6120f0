import { dialLines, dialMove, turningWords, type DialMove } from '../../holes/dials/dialMoves';
import type { SetupState } from '../basis/setupState';
import { dialAxis } from './driveStops';

/** One axis as its handwheel is to be turned. */
export interface DialLeg {
  axis: 'X' | 'Y';
  move: DialMove;
  words: string[];
}

/**
 * Both handwheels from where they stand to a place, mm on the scale; an axis without a dial is left out.
 *
 * @param taken whether backlash is taken up where they stand
 */
export function dialLegsTo(
  book: SetupState,
  from: Readonly<Record<'x' | 'y', number>>,
  target: Readonly<Record<'x' | 'y', number>>,
  taken: boolean,
): DialLeg[] {
  return (['x', 'y'] as const).flatMap((axis) => {
    const how = dialAxis(book, axis);
    if (!how) return [];
    const countsUp = book.machine.axes[axis].dial?.countsUp ?? 'clockwise';
    const move = dialMove(dialLines(from[axis], how.dial), taken, target[axis], how);
    return [
      {
        axis: axis === 'x' ? ('X' as const) : ('Y' as const),
        move,
        words: move.turnings.map((one) => turningWords(one, countsUp)),
      },
    ];
  });
}
