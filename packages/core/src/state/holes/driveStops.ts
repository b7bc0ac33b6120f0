import type { DriveOrder } from '../../records/setup/cutPlan';
import { isTouch } from '../../records/log/reading';
import type { SetupState } from '../basis/setupState';
import type { Approach, Axis } from '../../schema/quantities';
import type { DialAxis } from '../../holes/dials/dialMoves';
import type { OrderCost } from '../../holes/order/orderCost';
import type { HoleStep } from '../../records/values/holeSteps';
import { doneSteps, holeItem, patternHoles, patternsInHand, targetOf, type Hole } from './holes';
import { lastZeroing } from '../basis/activeRecords';
import { wantedSize } from '../../holes/patterns/holeSizes';
import { pitchOf, toolFor } from './neededTools';
import { stepsByTool } from './stepsByTool';

/** One stop of the drive: what is done at which hole. */
export interface Stop extends Hole {
  step: HoleStep;
  /** Its name in the log of checks. */
  item: string;
  done: boolean;
  /** Where the scale must stand, mm. */
  target: { x: number; y: number };
  /** The first of its step and size: the tool is changed before it. */
  changeTool: boolean;
}

/** How the drive goes where nothing was said. */
export const PLAIN_ORDER: DriveOrder = { way: 'as-numbered', grouping: 'step' };

/** Holes that are driven to together, in the order of their numbers. */
export function holesInDrive(book: SetupState, order: DriveOrder, patternId?: string): Hole[] {
  const inHand = patternsInHand(book);
  const chosen = order.patterns
    ? order.patterns.flatMap((id) => inHand.find((pattern) => pattern.id === id) ?? [])
    : inHand.filter(({ id }) => id === (patternId ?? inHand[0]?.id));
  return chosen.flatMap((pattern) => patternHoles(book, pattern));
}

/** Holes in the order that was found or fixed; what it does not name, new holes say, comes behind it. */
export function orderedHoles(holes: readonly Hole[], { way, patterns, sequence }: DriveOrder): Hole[] {
  if (way === 'as-numbered' || !sequence || !patterns) return [...holes];
  const byKey = new Map(holes.map((hole) => [`${hole.pattern.id} ${hole.hole}`, hole]));
  const first = sequence.flatMap(([pattern, hole]) => {
    const key = `${patterns[pattern] ?? ''} ${hole}`;
    const found = byKey.get(key);
    byKey.delete(key);
    return found ?? [];
  });
  return [...first, ...byKey.values()];
}

/** Every stop in order: step by step and size by size, or hole by hole. */
export function driveStops(book: SetupState, order: DriveOrder, patternId?: string): Stop[] {
  const holes = orderedHoles(holesInDrive(book, order, patternId), order);
  const done = doneSteps(book);
  const stops = holes.flatMap((hole) =>
    hole.steps.map((step) => {
      const item = holeItem(hole, step);
      return { ...hole, step, item, done: done.has(item), target: targetOf(book, { x: hole.x, y: hole.y }) };
    }),
  );
  const sizes = new Map<string, string>();
  /** The tool of a stop by its number, or the size that one must have: a spot drill serves every size. */
  const toolOf = ({ step, diameter, pattern, steps }: (typeof stops)[number]): string => {
    const pitch = pitchOf(pattern, diameter);
    const key = `${step} ${diameter} ${pitch ?? ''} ${steps.join()}`;
    const known = sizes.get(key);
    if (known !== undefined) return known;
    const hole = { diameter, steps, pitch };
    const tool = toolFor(book.tools, { step, ...hole })?.number;
    const size = tool === undefined ? `⌀ ${wantedSize(step, hole)?.aim ?? 'any'}` : `T${tool}`;
    sizes.set(key, `${step} ${size}`);
    return `${step} ${size}`;
  };
  const grouped = order.grouping === 'hole' ? stops : stepsByTool(stops, toolOf).flat();
  return grouped.map((stop, i) => {
    const before = grouped[i - 1];
    return { ...stop, changeTool: before === undefined || toolOf(before) !== toolOf(stop) };
  });
}

/** Every hole of every pattern in hand, step by step. */
export const allStops = (book: SetupState): Stop[] =>
  driveStops(book, { ...PLAIN_ORDER, patterns: patternsInHand(book).map(({ id }) => id) });

/** The direction an axis was going when its zero was touched; a dial is right only when it is arrived at the same way. */
export function zeroApproach(book: SetupState, axis: 'x' | 'y'): Approach {
  const zeroing = lastZeroing(book, axis);
  const touched = book.readings
    .filter(isTouch)
    .filter((reading) => reading.axis === axis && reading.subject.kind === 'face' && reading.struckBy === null)
    .filter(({ takenAt }) => zeroing !== undefined && takenAt <= zeroing.at);
  return touched.at(-1)?.approach ?? 1;
}

/** An axis as its handwheel drives it; undefined where it has no dial. */
export function dialAxis(book: SetupState, axis: 'x' | 'y'): DialAxis | undefined {
  const { dial, backlash } = book.machine.axes[axis satisfies Axis];
  if (!dial) return undefined;
  const approach = book.cutPlan.approach?.[axis] ?? zeroApproach(book, axis);
  // What is not sure of the backlash is gone past as well.
  return { dial, backlash: (backlash?.value ?? 0) + (backlash?.U ?? 0), approach };
}

/** What makes an order good on this machine. */
export function orderCostOf(book: SetupState, way: DriveOrder['way']): OrderCost {
  const [x, y] = [dialAxis(book, 'x'), dialAxis(book, 'y')];
  return way === 'fewest-reversals' && x && y ? { kind: 'dials', x, y } : { kind: 'travel' };
}
