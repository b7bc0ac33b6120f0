import type { Book } from '../book/book';
import { dialLegsTo } from '../book/dialLegs';
import { driveList, PLAIN_ORDER, type Stop } from '../book/driveList';
import { driveMode } from '../book/driveMode';
import { patternsInHand } from '../book/holes';
import { toolOfStop } from '../book/machining';
import { formatLength } from '../units/formatLength';
import { STEP_NAMES } from '../words/names';
import type { SheetSection } from './sheet';

/** Every stop of every pattern in hand, in the order that is driven. */
export function drivenStops(book: Book): Stop[] {
  const order = book.cutPlan.order ?? PLAIN_ORDER;
  const all = patternsInHand(book).map(({ id }) => id);
  const first = (order.patterns ?? []).filter((id) => all.includes(id));
  return driveList(book, { ...order, patterns: [...first, ...all.filter((id) => !first.includes(id))] });
}

/** Positions in driven order: as the machine shows them, and turns and lines where it has dials only. */
export function holeSection(book: Book): SheetSection | undefined {
  const stops = drivenStops(book);
  if (stops.length === 0) return undefined;
  const unit = book.setup.units;
  const dials = driveMode(book) === 'dials';
  let from = { x: 0, y: 0 };
  return {
    title: 'Holes, in the order they are driven',
    columns: [
      { title: 'No.', figures: true, share: 0.6 },
      { title: 'Hole', share: 2.2 },
      { title: 'Step', share: 0.8 },
      { title: 'T', figures: true, share: 0.5 },
      { title: `X, ${unit}`, figures: true, share: 1.3 },
      { title: `Y, ${unit}`, figures: true, share: 1.3 },
      ...(dials
        ? [
            { title: 'X dial, turns + line', share: 1.9 },
            { title: 'Y dial, turns + line', share: 1.9 },
          ]
        : []),
      { title: 'Done', share: 0.7 },
    ],
    rows: stops.map((stop, i) => {
      const legs = dials ? dialLegsTo(book, from, stop.target, true) : [];
      from = stop.target;
      const dial = (axis: 'X' | 'Y') => {
        const leg = legs.find((one) => one.axis === axis);
        return leg ? `${leg.move.at.turns} + ${leg.move.at.line}${leg.move.reversal ? ', past and back' : ''}` : '';
      };
      return [
        String(i + 1),
        `${stop.pattern.name} ${stop.hole}`,
        STEP_NAMES[stop.step],
        String(toolOfStop(book, stop)?.number ?? ''),
        formatLength(stop.target.x, { unit }),
        formatLength(stop.target.y, { unit }),
        ...(dials ? [dial('X'), dial('Y')] : []),
        stop.done ? 'done' : '',
      ];
    }),
    lines: [],
    tone: 'plain',
  };
}
