import type { SetupState } from '../state/basis/setupState';
import { dialLegsTo } from '../state/holes/dialLegs';
import { driveStops, PLAIN_ORDER, type Stop } from '../state/holes/driveStops';
import { moveMode } from '../state/holes/driveMode';
import { patternsInHand } from '../state/holes/holes';
import { toolOfStop } from '../state/holes/machiningOrder';
import { formatLength } from '../units/formatLength';
import { plusMinus } from '../messages/basis/verdict';
import { zShows } from '../messages/zAndTools/toolDepth';
import { hasController } from '../records/shop/machine';
import { depthAtStop } from '../state/toolChange/toolDepth';
import { dialPositionWords } from '../messages/holes/dialPosition';
import { STEP_NAMES } from '../messages/basis/labels';
import type { SheetSection } from './sheet';

/** Every stop of every pattern in hand, in the order that is driven. */
export function drivenStops(book: SetupState): Stop[] {
  const order = book.cutPlan.order ?? PLAIN_ORDER;
  const all = patternsInHand(book).map(({ id }) => id);
  const first = (order.patterns ?? []).filter((id) => all.includes(id));
  return driveStops(book, { ...order, patterns: [...first, ...all.filter((id) => !first.includes(id))] });
}

/** What Z shows at full depth with the stop's own tool, or what comes before there is a figure. */
function zAtDepth(book: SetupState, stop: Stop): string {
  const found = depthAtStop(book, stop);
  if (!found) return '';
  const { tool, depth } = found;
  if (depth.kind === 'shown') {
    const U = depth.U === null ? '' : ` ${plusMinus(depth.U, book.setup.units)}`;
    return `${zShows(book, depth.deepest)}${U}`;
  }
  return depth.kind === 'touch-off' || depth.kind === 'by-probe'
    ? `touch off T${tool}`
    : depth.kind === 'not-set'
      ? 'set Z first'
      : '';
}

/** So many holes are listed on paper; more are taken as a file. */
const MOST_ROWS = 2000;

/** Positions in driven order: as the machine shows them, and turns and lines where it has dials only. */
export function holeSection(book: SetupState): SheetSection | undefined {
  const stops = drivenStops(book);
  if (stops.length === 0) return undefined;
  const unit = book.setup.units;
  const dials = moveMode(book) === 'dials';
  // A control adds a tool's length itself: on a manual mill the figure has it.
  const byHand = !hasController(book.machine);
  let from = { x: 0, y: 0 };
  return {
    title: 'Holes, in machining order',
    columns: [
      { title: 'No.', figures: true, share: 0.6 },
      { title: 'Hole', share: 2.2 },
      { title: 'Step', share: 0.8 },
      { title: 'T', figures: true, share: 0.5 },
      { title: `X, ${unit}`, figures: true, share: 1.3 },
      { title: `Y, ${unit}`, figures: true, share: 1.3 },
      ...(dials
        ? [
            { title: 'X dial', share: 1.9 },
            { title: 'Y dial', share: 1.9 },
          ]
        : []),
      ...(byHand ? [{ title: dials ? 'Z dial at depth' : `Z at depth, ${unit}`, figures: true, share: 1.5 }] : []),
      { title: 'Done', share: 0.7 },
    ],
    rows: stops.slice(0, MOST_ROWS).map((stop, i) => {
      const legs = dials ? dialLegsTo(book, from, stop.target, true) : [];
      from = stop.target;
      const dial = (axis: 'X' | 'Y') => {
        const leg = legs.find((one) => one.axis === axis);
        const { dial: wheel } = book.machine.axes[axis === 'X' ? 'x' : 'y'];
        if (!leg || !wheel) return '';
        return `${dialPositionWords(leg.move.lines, wheel)}${leg.move.reversal ? ', go past and come back' : ''}`;
      };
      return [
        String(i + 1),
        `${stop.pattern.name} ${stop.hole}`,
        STEP_NAMES[stop.step],
        String(toolOfStop(book, stop)?.number ?? ''),
        formatLength(stop.target.x, { unit }),
        formatLength(stop.target.y, { unit }),
        ...(dials ? [dial('X'), dial('Y')] : []),
        ...(byHand ? [zAtDepth(book, stop)] : []),
        stop.done ? 'done' : '',
      ];
    }),
    lines:
      stops.length > MOST_ROWS
        ? [`The first ${MOST_ROWS} of ${stops.length} are listed. Save all of them as CSV on the setup sheet’s page.`]
        : [],
    tone: 'plain',
  };
}
