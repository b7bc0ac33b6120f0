import { STEP_NAMES } from '@zero-point/core/words/names';
import type { CutPlan } from '@zero-point/core/record/cutPlan';
import type { Book } from '@zero-point/core/book/book';
import { dialAxis, type Stop } from '@zero-point/core/book/driveList';
import { dialLines, dialMove, turningWords, type DialMove } from '@zero-point/core/positions/dialDrive';
import { formatLength } from '@zero-point/core/units/formatLength';
import { logCheck } from '../../workholding/view';

export type DriveMode = NonNullable<CutPlan['mode']>;

/** How this machine is told where to go, until the person says otherwise. */
export function driveMode({ cutPlan, machine }: Book): DriveMode {
  if (cutPlan.mode) return cutPlan.mode;
  if (machine.scale === 'dial') return 'dials';
  return machine.scale === 'machine' ? 'cnc' : 'readout';
}

/** The modes this machine can be driven in. */
export const driveModes = ({ machine }: Book): DriveMode[] =>
  machine.axes.x.dial && machine.axes.y.dial ? ['readout', 'dials', 'cnc'] : ['readout', 'cnc'];

/** Where a machine stands, mm on the scale. */
export interface Place {
  x: number;
  y: number;
}

/** What the drive shows of one stop. */
export interface DriveView {
  stops: Stop[];
  /** Index of the stop in hand. */
  index: number;
  stop: Stop | undefined;
  /** Where the machine stands before it, mm on the scale, and in words. */
  from: Place;
  fromWords: string;
  toGo: Place;
  done: number;
  /** The person said where it stands. */
  standAt: (place: Place | undefined, taken?: boolean) => void;
  /** Whether backlash is taken up where it stands: it is where a hole left it, and not known elsewhere. */
  taken: boolean;
  /** The stop that was marked done last, where the one before was not: it may stand there still. */
  lastDone: Stop | undefined;
  /** Where the person said it stands. */
  stands: Place | undefined;
}

/** The stop that was ticked last of all, as the ledger has it. */
export function lastMarked({ checks }: Book, stops: readonly Stop[]): Stop | undefined {
  const done = new Map(stops.filter((stop) => stop.done).map((stop) => [stop.item, stop]));
  const last = checks.filter(({ item, action }) => action === 'tick' && done.has(item)).at(-1);
  return last && done.get(last.item);
}

/** Marks a stop done in the ledger, or takes the mark back. */
export function markDone(book: Book, stop: Stop, done: boolean): void {
  const { units } = book.setup;
  const figure = (mm: number) => formatLength(mm, { unit: units });
  const text = `${STEP_NAMES[stop.step]} ${stop.pattern.name}, hole ${stop.hole}: X ${figure(stop.target.x)}, Y ${figure(stop.target.y)} ${units}`;
  logCheck(book, stop.item, text, done ? 'tick' : 'clear', '');
}

/** One axis as its handwheel is to be turned. */
export interface DialLeg {
  axis: 'X' | 'Y';
  move: DialMove;
  words: string[];
}

/**
 * Both handwheels from where they stand to the stop. At the first one the backlash counts as taken up where the zero
 * was set going the approach way; where the person says it stands somewhere else, nobody knows.
 */
export function dialLegs(book: Book, { from, stop, taken }: DriveView): DialLeg[] {
  if (!stop) return [];
  const { machine } = book;
  return (['x', 'y'] as const).flatMap((axis) => {
    const how = dialAxis(book, axis);
    if (!how) return [];
    const countsUp = machine.axes[axis].dial?.countsUp ?? 'clockwise';
    const move = dialMove(dialLines(from[axis], how.dial), taken, stop.target[axis], how);
    return [
      {
        axis: axis === 'x' ? ('X' as const) : ('Y' as const),
        move,
        words: move.turnings.map((one) => turningWords(one, countsUp)),
      },
    ];
  });
}
