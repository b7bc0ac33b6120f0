import type { Approach } from '../../src/schema/quantities';
import type { Dial } from '../../src/units/dial';
import { withBacklashTaken } from '../../src/practice/mill/screw';
import type { Turning } from '../../src/holes/dials/dialMoves';

/** A table on a screw with play, moved only by turning its handwheel. */
export interface SimulatedDial {
  /** Turns the handwheel by whole turns and on to a line, as a person does who reads only the dial. */
  turn: (turning: Turning) => void;
  /** Where the table truly is, mm from where it was zeroed. */
  table: () => number;
}

/**
 * A handwheel that was zeroed while going in the approach direction, so that its play is taken up on that side. The
 * table follows the screw only once the play is used up. mm.
 *
 * @param backlash play of the screw in its nut, mm
 */
export function simulatedDial(dial: Dial, backlash: number, approach: Approach): SimulatedDial {
  let lines = 0;
  let table = 0;
  return {
    turn: ({ way, turns, line }) => {
      const sense = way === 'forward' ? 1 : -1;
      // A person counts the turns, then goes on until the line comes by.
      lines += sense * turns * dial.lines;
      const now = ((lines % dial.lines) + dial.lines) % dial.lines;
      lines += sense * ((sense * (line - now) + 2 * dial.lines) % dial.lines);
      const screw = (lines * dial.perTurn) / dial.lines;
      // With the play taken up on the approach side the table is where the screw is; the other flank is a play away.
      table = withBacklashTaken(table, screw + (approach * backlash) / 2, backlash);
    },
    table: () => table,
  };
}
