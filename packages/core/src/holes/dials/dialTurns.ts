import { POSITION_CAUTIONS } from '../../cautions/caution';
import { sumSection, type Working } from '../../working/working';
import type { Dial } from '../../units/dial';
import { dialLines, dialMove, turningWords, type DialMove } from './dialMoves';
import type { DialMoveInput, DialMoveOutput } from './dialMove.schema';

/** Where a coordinate is on a dial: whole turns and lines past zero or before it, and what rounding leaves over. */
export function dialWorking(coordinate: number, { lines: at, left }: DialMove, { perTurn, lines }: Dial): Working {
  const sense = at < 0 ? -1 : 1;
  const [turns, rest] = [Math.floor(Math.abs(at) / lines), Math.abs(at) % lines];
  const side = at < 0 ? ' before zero' : '';
  const whole = sense * turns * perTurn;
  const part = (sense * rest * perTurn) / lines;
  return {
    sections: [
      sumSection(
        'On the dial, from its zero',
        [
          {
            label: `${turns} ${turns === 1 ? 'turn' : 'turns'}${side}`,
            value: whole,
            detail: [`${turns} × `, { length: perTurn }],
          },
          {
            label: `${rest} ${rest === 1 ? 'line' : 'lines'}${side}`,
            value: part,
            detail: [`${rest} × `, { length: perTurn / lines }],
          },
          // The rest of the coordinate, so that the strip closes on it to the last digit.
          { label: 'between two lines', value: coordinate - whole - part, detail: [{ length: left }] },
        ],
        'coordinate',
      ),
    ],
  };
}

/**
 * A handwheel move in turns and lines, the backlash always taken up on the approach side; see {@link dialMove}. mm.
 *
 * @example dialReckon({ to: 62, from: 0, taken: true, dial: { perTurn: 3, lines: 120 }, backlash: 0.18, approach: 1 }).words // ['20 turns counting up, then on to line 80']
 */
export function calculateDials({ to, from, taken, dial, backlash, approach }: DialMoveInput): DialMoveOutput {
  const move = dialMove(dialLines(from, dial), taken, to, { dial, backlash, approach });
  return {
    turnings: move.turnings,
    words: move.turnings.map((one) => turningWords(one)),
    reversal: move.reversal,
    at: move.at,
    lines: move.lines,
    left: move.left + 0,
    uncertainty: null,
    tape: dialWorking(to, move, dial),
    cautions: [POSITION_CAUTIONS.raiseFirst],
  };
}
