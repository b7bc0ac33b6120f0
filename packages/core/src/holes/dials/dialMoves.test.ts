import { chance } from '../../metrology/chance';
import { simulatedDial } from '../../../testing/closedForms/dial';
import { dialMove, turningWords, type DialAxis } from './dialMoves';

const bench: DialAxis = { dial: { perTurn: 3, lines: 120 }, backlash: 0.18, approach: 1 };

describe('driving a handwheel', () => {
  test('with the approach it goes straight there, and the words say how', () => {
    const move = dialMove(0, true, 62, bench);
    expect(move).toMatchObject({ reversal: false, at: { turns: 20, line: 80 }, lines: 2480 });
    expect(move.turnings.map((one) => turningWords(one, 'clockwise'))).toEqual([
      '20 turns clockwise, then on to line 80',
    ]);
    expect(move.left).toBeCloseTo(0, 9);
  });

  test('against it, it goes past by the backlash and half a turn at least, and comes back', () => {
    const move = dialMove(2480, true, 47.33, bench);
    expect(move).toMatchObject({ reversal: true, at: { turns: 15, line: 93 } });
    expect(move.left).toBeCloseTo(0.005, 9);
    // From 20 turns 80 to a whole turn before 15 turns 93: 6 turns less 13 lines back, one turn forward.
    expect(move.turnings.map((one) => turningWords(one, 'clockwise'))).toEqual([
      '5 turns anticlockwise, then on to line 93',
      '1 turn clockwise, then on to line 93',
    ]);
  });

  test('an axis whose backlash may not be taken up is brought there from the approach side', () => {
    expect(dialMove(0, false, 0, bench)).toMatchObject({ reversal: true });
    expect(dialMove(0, false, 0.5, bench)).toMatchObject({ reversal: true });
    expect(dialMove(0, false, 30, bench)).toMatchObject({ reversal: false });
    expect(dialMove(0, true, 0, bench)).toMatchObject({ reversal: false, turnings: [] });
  });

  test('the other way round on an axis that is set going toward minus', () => {
    const move = dialMove(0, true, -7, { ...bench, approach: -1 });
    expect(move.reversal).toBe(false);
    expect(move.turnings.map((one) => turningWords(one, 'clockwise'))).toEqual([
      '2 turns anticlockwise, then on to line 80',
    ]);
  });

  test('a mill with backlash that is only ever told turns and lines lands within a line of every hole: 10 000 cases', () => {
    const dice = chance(41);
    for (let i = 0; i < 10_000; i += 1) {
      const dial = dice.pick(
        { perTurn: 3, lines: 120 },
        { perTurn: 2.54, lines: 100 },
        { perTurn: 5, lines: 250 },
        { perTurn: 4, lines: 80 },
      );
      const approach = dice.pick<1 | -1>(1, -1);
      const backlash = dice.between(0.05, 0.6);
      const axis: DialAxis = { dial, backlash, approach };
      const mill = simulatedDial(dial, backlash, approach);
      let from = 0;
      for (let hole = 0; hole < 4; hole += 1) {
        const coordinate = dice.between(-150, 150);
        const move = dialMove(from, true, coordinate, axis);
        move.turnings.forEach(mill.turn);
        from = move.lines;
        expect(Math.abs(mill.table() - coordinate)).toBeLessThanOrEqual(
          dial.perTurn / dial.lines + Math.abs(move.left),
        );
        // What is left over is told truly: the table is off by just that.
        expect(coordinate - mill.table()).toBeCloseTo(move.left, 9);
      }
    }
  });

  test('without going past, the same mill would miss by its backlash', () => {
    const mill = simulatedDial(bench.dial, 0.18, 1);
    mill.turn({ way: 'forward', turns: 20, line: 80, lines: 2480 });
    mill.turn({ way: 'back', turns: 4, line: 93, lines: 587 });
    expect(mill.table() - 47.325).toBeCloseTo(0.18, 9);
  });
});

test('a wheel whose dial counts up anticlockwise is turned that way; where nobody said, by the count', () => {
  const [turning] = dialMove(0, true, 62, { dial: { perTurn: 3, lines: 120 }, backlash: 0.18, approach: 1 }).turnings;
  expect(turning && turningWords(turning, 'anticlockwise')).toBe('20 turns anticlockwise, then on to line 80');
  expect(turning && turningWords({ ...turning, way: 'back' }, 'anticlockwise')).toMatch(/^20 turns clockwise/);
  expect(turning && turningWords(turning)).toBe('20 turns counting up, then on to line 80');
});
