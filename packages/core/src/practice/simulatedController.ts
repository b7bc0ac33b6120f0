import type { DialectName } from '../records/values/dialects';
import { millimetresPer } from '../units/unit';

/** One line of a program as a general parser gives it: letters with their values, comments gone. */
export type ProgramLine = readonly (readonly [letter: string, value: number])[];

/** What only the machine knows. Lengths in mm, Z in machine coordinates of the gauge line. */
export interface HiddenMachine {
  dialect: DialectName;
  /** True lengths of its tools, gauge line to tip. */
  lengths: Readonly<Record<number, number>>;
  /** Rows of its table as it stands; empty where it keeps none. */
  table: Record<number, number>;
  /** Z of its work offset. */
  workOffsetZ: number;
  /** Z of the part's top. */
  partTop: number;
  /** Where the spindle stands at the start, and which tool is in it. */
  start: { z: number; tool: number };
  /** Every control has its own: called when a program stops to be touched again. */
  onStop?: (tool: number, machine: HiddenMachine) => void;
}

/** One straight move of a tool's tip: X and Y in the work offset, Z above the part's top. mm. */
export interface TipMove {
  kind: 'rapid' | 'feed';
  tool: number;
  from: { x: number; y: number; z: number };
  to: { x: number; y: number; z: number };
  /** rpm; 0 while the spindle stands. */
  rpm: number;
  /** mm/min. */
  feed: number;
  /** The line it stands in, from 0. */
  line: number;
  /** H of the length compensation in force; 0 for none. */
  compensation: number;
}

/** Thrown where a program asks for what the machine cannot do. */
export class MachineAlarm extends Error {}

const MODAL_NOTHING = new Set([17, 40, 54, 55, 56, 57, 58, 59, 80, 94, 98]);
const CYCLES = new Set([81, 83, 85]);

/**
 * A stand-in for a controller: reads a program, moves, compensates, and tells where each tool's tip went. It knows the
 * words of its dialect and no others.
 *
 * @throws MachineAlarm at a word it does not know, a length row it has not, a feed without spindle or feed rate
 */
export function runProgram(lines: readonly ProgramLine[], machine: HiddenMachine): TipMove[] {
  const moves: TipMove[] = [];
  let [x, y, spindleZ] = [0, 0, machine.start.z];
  let tool = machine.start.tool;
  let selected = tool;
  let rpm = 0;
  let speed = 0;
  let feed = 0;
  let per = 1;
  let incremental = false;
  let motion = 0;
  let compensation = 0;
  let cycle = { r: 0, z: 0, peck: 0, initial: 0 };

  const offset = () => machine.workOffsetZ + (compensation === 0 ? 0 : rowOf(machine, compensation));
  const programZ = () => spindleZ - offset();
  const tipZ = () => spindleZ - (machine.lengths[tool] ?? NaN) - machine.partTop;

  function go(kind: TipMove['kind'], to: { x?: number; y?: number; z?: number }, line: number): void {
    if (kind === 'feed' && rpm === 0) throw new MachineAlarm(`line ${line}: feeds with the spindle stopped`);
    if (kind === 'feed' && feed <= 0) throw new MachineAlarm(`line ${line}: feeds without a feed`);
    const from = { x, y, z: tipZ() };
    x = to.x ?? x;
    y = to.y ?? y;
    if (to.z !== undefined) spindleZ = to.z + offset();
    moves.push({ kind, tool, from, to: { x, y, z: tipZ() }, rpm, feed, line, compensation });
  }

  function drill(line: number, code: number): void {
    const { r, z, peck, initial } = cycle;
    go('rapid', { z: r }, line);
    if (code === 83)
      for (let at = r - peck; at > z + 1e-9; at -= peck) {
        go('feed', { z: at }, line);
        go('rapid', { z: r }, line);
        go('rapid', { z: at + Math.min(0.5 / per, peck / 2) }, line);
      }
    go('feed', { z }, line);
    if (code === 85) go('feed', { z: r }, line);
    go('rapid', { z: initial }, line);
  }

  lines.forEach((words, line) => {
    const value = (letter: string) => words.find(([name]) => name === letter)?.[1];
    const codes = words.filter(([letter]) => letter === 'G').map(([, code]) => code);
    if (codes.includes(10)) return setRow(machine, value, incremental);
    for (const code of codes) {
      if (code === 20 || code === 21) per = millimetresPer(code === 20 ? 'in' : 'mm');
      else if (code === 90 || code === 91) incremental = code === 91;
      else if (code === 43) compensation = value('H') ?? NaN;
      else if (code === 0 || code === 1 || CYCLES.has(code)) motion = code;
      else if (!MODAL_NOTHING.has(code)) throw new MachineAlarm(`line ${line}: G${code} is not known here`);
      if (code === 80) motion = 0;
    }
    selected = value('T') ?? selected;
    speed = value('S') ?? speed;
    const rate = value('F');
    if (rate !== undefined) feed = rate * per;
    for (const [, code] of words.filter(([letter]) => letter === 'M')) {
      if (code === 3) rpm = speed;
      else if (code === 5) rpm = 0;
      else if (code === 6) {
        if (rpm > 0) throw new MachineAlarm(`line ${line}: changes the tool with the spindle turning`);
        tool = selected;
      } else if (code === 0) machine.onStop?.(tool, machine);
      else if (code !== 30) throw new MachineAlarm(`line ${line}: M${code} is not known here`);
    }
    const known = (letter: 'X' | 'Y' | 'Z', now: number) => {
      const word = value(letter);
      return word === undefined ? undefined : incremental ? now + word * per : word * per;
    };
    const there = { x: known('X', x), y: known('Y', y) };
    const across = { ...(there.x !== undefined && { x: there.x }), ...(there.y !== undefined && { y: there.y }) };
    if (CYCLES.has(motion)) {
      const starts = codes.some((code) => CYCLES.has(code));
      if (starts) {
        if (machine.dialect === 'plain-moves') throw new MachineAlarm(`line ${line}: no cycles here`);
        const initial = programZ();
        const counted = incremental || machine.dialect === 'reference-distance';
        const [toR, toZ] = [(value('R') ?? NaN) * per, (value('Z') ?? NaN) * per];
        const r = counted ? initial + toR : toR;
        cycle = { r, z: counted ? r + toZ : toZ, peck: (value('Q') ?? 0) * per, initial };
        if (motion === 83 && cycle.peck <= 0) throw new MachineAlarm(`line ${line}: a peck of nothing`);
      }
      if (starts || Object.keys(across).length > 0) {
        go('rapid', across, line);
        drill(line, motion);
      }
      return;
    }
    const z = known('Z', programZ());
    if (Object.keys(across).length > 0 || z !== undefined)
      go(motion === 1 ? 'feed' : 'rapid', { ...across, ...(z !== undefined && { z }) }, line);
  });
  return moves;
}

function rowOf({ table }: HiddenMachine, row: number): number {
  const length = table[row];
  if (length === undefined) throw new MachineAlarm(`no length in row ${row}`);
  return length;
}

/** A line that sets a row of the table, in the words of the dialect. */
function setRow(
  { dialect, table }: HiddenMachine,
  value: (letter: string) => number | undefined,
  incremental: boolean,
): void {
  const [kind, letter] = dialect === 'reference-height' ? [1, 'Z'] : [10, 'R'];
  const [row, length] = [value('P'), value(letter as string)];
  if (dialect === 'plain-moves' || value('L') !== kind || row === undefined || length === undefined || incremental)
    throw new MachineAlarm('a row of the table in words that are not known here');
  table[row] = length;
}
