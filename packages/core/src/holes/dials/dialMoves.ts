import type { Approach } from '../../schema/quantities';
import type { Dial } from '../../units/dial';

/** How an axis is driven by its handwheel. */
export interface DialAxis {
  dial: Dial;
  /** Lost motion between screw and table, mm. */
  backlash: number;
  /** The direction every position is arrived at from: +1 with the dial counting up. */
  approach: Approach;
}

/** One turning of a handwheel: which way, how many whole turns, then on to which line. */
export interface Turning {
  way: 'forward' | 'back';
  turns: number;
  line: number;
  /** How far that is, lines. */
  lines: number;
}

/** The way from where an axis stands to a coordinate. */
export interface DialMove {
  turnings: Turning[];
  /** It goes against the approach, past the place, and comes back to it. */
  reversal: boolean;
  /** Whole turns from the dial's zero, and the line, once there. */
  at: { turns: number; line: number };
  /** Where it then stands, lines from the dial's zero. */
  lines: number;
  /** Of the coordinate, what rounding to a line leaves over, mm. */
  left: number;
  /** Handwheel travel, turns. */
  travel: number;
}

/** How much further than the backlash a move against the approach goes past, turns. */
const PAST_MARGIN = 0.5;

/** Lines from the dial's zero that a coordinate rounds to: always of the whole, so that rounding never adds up. */
export const dialLines = (coordinate: number, { perTurn, lines }: Dial): number =>
  Math.round((coordinate * lines) / perTurn);

const lineOf = (lines: number, dial: Dial): number => ((lines % dial.lines) + dial.lines) % dial.lines;

function turning(from: number, to: number, dial: Dial): Turning {
  const lines = Math.abs(to - from);
  return {
    way: to >= from ? 'forward' : 'back',
    turns: Math.floor(lines / dial.lines),
    line: lineOf(to, dial),
    lines,
  };
}

/** How many lines past the place a move against the approach goes: whole half turns, so that they are easily seen. */
function linesPast({ dial, backlash }: DialAxis): number {
  const half = dial.lines / 2;
  const least = (backlash * dial.lines) / dial.perTurn + PAST_MARGIN * dial.lines;
  return Math.ceil(Math.ceil(least / half - 1e-9) * half);
}

/**
 * What to turn to bring an axis to a coordinate. A move that goes with the approach is direct; one against it goes past
 * by the backlash and at least half a turn more, then comes back, so that the screw always bears on the same side.
 *
 * @param from where it is, lines from the dial's zero
 * @param taken whether the backlash is taken up in the approach direction there, as after any move told here
 * @param coordinate mm from the dial's zero
 * @example dialMove(0, true, 62, { dial: { perTurn: 3, lines: 120 }, backlash: 0.18, approach: 1 }).at // { turns: 20, line: 80 }
 */
export function dialMove(from: number, taken: boolean, coordinate: number, axis: DialAxis): DialMove {
  const { dial, approach } = axis;
  const to = dialLines(coordinate, dial);
  const left = coordinate - (to * dial.perTurn) / dial.lines;
  const ahead = (to - from) * approach;
  const reversal = ahead < 0 || (ahead === 0 && !taken) || (ahead > 0 && !taken && ahead < linesPast(axis));
  const past = to - approach * linesPast(axis);
  const turnings = reversal
    ? [turning(from, past, dial), turning(past, to, dial)]
    : ahead === 0
      ? []
      : [turning(from, to, dial)];
  return {
    turnings,
    reversal,
    at: { turns: Math.floor(to / dial.lines), line: lineOf(to, dial) },
    lines: to,
    left,
    travel: turnings.reduce((sum, one) => sum + one.lines, 0) / dial.lines,
  };
}

/** Which way a handwheel turns as its dial counts up. */
export type CountsUp = 'clockwise' | 'anticlockwise';

const OTHER: Readonly<Record<CountsUp, CountsUp>> = { clockwise: 'anticlockwise', anticlockwise: 'clockwise' };

/**
 * A turning in words, as the hand sees the wheel: `5 turns clockwise, then on to line 40`; by the way the dial counts
 * where nobody said how the wheel turns.
 */
export function turningWords({ way, turns, line, lines }: Turning, countsUp?: CountsUp): string {
  const up = countsUp ?? 'counting up';
  const back = countsUp ? OTHER[countsUp] : 'counting back';
  const hand = way === 'forward' ? up : back;
  if (lines === 0) return `stay at line ${line}`;
  if (turns === 0) return `${hand} to line ${line}`;
  return `${turns} ${turns === 1 ? 'turn' : 'turns'} ${hand}, then on to line ${line}`;
}
