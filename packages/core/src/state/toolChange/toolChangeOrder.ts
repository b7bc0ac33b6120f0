import { hasController } from '../../records/shop/machine';
import type { SetupState } from '../basis/setupState';
import { driveStops, PLAIN_ORDER } from '../holes/driveStops';
import { patternsInHand } from '../holes/holes';
import { machiningOf } from '../holes/machiningOrder';
import { touchOffPoint } from './touchOffPoint';

/**
 * Tools in the order the work needs them: as the program that was checked last calls them where the machine runs one, else
 * as the holes' steps do. A tool that comes in twice with another between is in it twice.
 */
export function toolsInOrder(book: SetupState): number[] {
  const program = hasController(book.machine) ? book.programChecks.at(-1)?.tools : undefined;
  if (program && program.length > 0) return [...program];
  const order = book.cutPlan.order ?? PLAIN_ORDER;
  const stops = driveStops(book, { ...order, patterns: order.patterns ?? patternsInHand(book).map(({ id }) => id) });
  return machiningOf(book, stops)
    .flatMap(({ tool }) => (tool ? [tool.number] : []))
    .filter((number, i, all) => number !== all[i - 1]);
}

/** The tool that goes in next: the one after the tool that Z counts with, else the first that is another. */
export function toolToGoIn(book: SetupState): number | undefined {
  const { setter } = touchOffPoint(book);
  const order = toolsInOrder(book);
  const at = order.findIndex((number) => number === setter);
  return (
    order.slice(at + 1).find((number) => number !== setter) ??
    book.tools.find(({ number }) => number !== setter)?.number
  );
}
