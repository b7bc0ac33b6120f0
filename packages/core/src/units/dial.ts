/** A handwheel's dial: travel of a turn, mm, and how many lines it has. */
export interface Dial {
  perTurn: number;
  lines: number;
}

/** A coordinate on a dial: whole turns, the line, and what rounding to a line leaves over, mm. */
export interface DialSetting {
  turns: number;
  line: number;
  left: number;
}

/**
 * Where a handwheel stands for a coordinate counted from the dial's zero: the coordinate is rounded to a line once, so
 * that differences of settings never add roundings up. mm.
 *
 * @example dialSetting(47.33, { perTurn: 3, lines: 120 }) // { turns: 15, line: 93, left: 0.005 }
 */
export function dialSetting(coordinate: number, { perTurn, lines }: Dial): DialSetting {
  const perLine = perTurn / lines;
  const whole = Math.round(coordinate / perLine);
  const turns = Math.floor(whole / lines);
  return { turns, line: whole - turns * lines, left: coordinate - whole * perLine };
}

/** A way to go in turns and lines, whichever way: `turns` and `line` count forward, `left` is what rounding leaves, mm. */
export function dialTravel(travel: number, dial: Dial): DialSetting & { sense: 1 | -1 } {
  const sense = travel < 0 ? -1 : 1;
  const setting = dialSetting(Math.abs(travel), dial);
  return { ...setting, left: sense * setting.left, sense };
}
