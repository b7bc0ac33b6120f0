import { STEP_NAMES } from '@zero-point/core/messages/basis/labels';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { dialLegsTo, type DialLeg } from '@zero-point/core/state/holes/dialLegs';
import type { Stop } from '@zero-point/core/state/holes/driveStops';
import type { MoveMode } from '@zero-point/core/state/holes/driveMode';
import { formatLength } from '@zero-point/core/units/formatLength';
import { dialPositionWords } from '@zero-point/core/messages/holes/dialPosition';
import { logCheck } from '../../../../commands/logCheck';

/** The modes this machine can be driven in. */
export const moveModes = ({ machine }: SetupState): MoveMode[] =>
  machine.axes.x.dial && machine.axes.y.dial ? ['readout', 'dials', 'cnc'] : ['readout', 'cnc'];

/** Where a machine stands, mm on the scale. */
export interface MovePlace {
  x: number;
  y: number;
}

/** What the drive shows of one stop. */
export interface MoveView {
  stops: Stop[];
  /** Index of the stop in hand. */
  index: number;
  stop: Stop | undefined;
  /** Where the machine stands before it, mm on the scale, and in words. */
  from: MovePlace;
  fromWords: string;
  toGo: MovePlace;
  done: number;
  /** The person said where it is. */
  standAt: (place: MovePlace | undefined, taken?: boolean) => void;
  /** Whether backlash is taken up where it is: it is where a hole left it, and not known elsewhere. */
  taken: boolean;
  /** The stop that was marked done last, where the one before was not: it may stand there still. */
  lastDone: Stop | undefined;
  /** Where the person said it stands. */
  stands: MovePlace | undefined;
}

/** The stop that was ticked last of all, as the log has it. */
export function lastMarked({ checks }: SetupState, stops: readonly Stop[]): Stop | undefined {
  const done = new Map(stops.filter((stop) => stop.done).map((stop) => [stop.item, stop]));
  const last = checks.filter(({ item, action }) => action === 'tick' && done.has(item)).at(-1);
  return last && done.get(last.item);
}

/** Marks a stop done in the log, or takes the mark back. */
export function markDone(book: SetupState, stop: Stop, done: boolean): void {
  const { units } = book.setup;
  const figure = (mm: number) => formatLength(mm, { unit: units });
  const text = `${STEP_NAMES[stop.step]} ${stop.pattern.name}, hole ${stop.hole}: X ${figure(stop.target.x)}, Y ${figure(stop.target.y)} ${units}`;
  logCheck(book, stop.item, text, done ? 'tick' : 'clear', '');
}

/**
 * Both handwheels from where they stand to the stop. At the first one the backlash counts as taken up where the zero
 * was set going the approach way; where the person says it stands somewhere else, nobody knows.
 */
export const dialLegs = (book: SetupState, { from, stop, taken }: MoveView): (DialLeg & { position: string })[] =>
  (stop ? dialLegsTo(book, from, stop.target, taken) : []).map((leg) => {
    const { dial } = book.machine.axes[leg.axis === 'X' ? 'x' : 'y'];
    return { ...leg, position: dial ? dialPositionWords(leg.move.lines, dial) : '' };
  });
