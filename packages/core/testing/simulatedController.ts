import type { DialectName } from '../src/records/values/dialects';
import { millimetresPer } from '../src/units/unit';

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

/** A control as it runs: where it is, and what is in force. */
interface Running {
  readonly machine: HiddenMachine;
  readonly moves: TipMove[];
  x: number;
  y: number;
  spindleZ: number;
  tool: number;
  selected: number;
  rpm: number;
  speed: number;
  feed: number;
  /** Millimetres of one unit of the program. */
  per: number;
  incremental: boolean;
  motion: number;
  compensation: number;
  cycle: { r: number; z: number; peck: number; initial: number };
}

/** The value of a word of the line; undefined where it is not in it. */
type WordValue = (letter: string) => number | undefined;

/**
 * A stand-in for a control: reads a program, moves, compensates, and tells where each tool's tip went. It knows the
 * words of its dialect and no others.
 *
 * @throws MachineAlarm at a word it does not know, a length row it has not, a feed without spindle or feed rate
 */
export function runProgram(lines: readonly ProgramLine[], machine: HiddenMachine): TipMove[] {
  const { z, tool } = machine.start;
  const run: Running = {
    machine,
    moves: [],
    x: 0,
    y: 0,
    spindleZ: z,
    tool,
    selected: tool,
    rpm: 0,
    speed: 0,
    feed: 0,
    per: 1,
    incremental: false,
    motion: 0,
    compensation: 0,
    cycle: { r: 0, z: 0, peck: 0, initial: 0 },
  };
  lines.forEach((words, line) => runLine(run, words, line));
  return run.moves;
}

function runLine(run: Running, words: ProgramLine, line: number): void {
  const value: WordValue = (letter) => words.find(([name]) => name === letter)?.[1];
  const codes = words.filter(([letter]) => letter === 'G').map(([, code]) => code);
  if (codes.includes(10)) return setRow(run.machine, value, run.incremental);
  setModes(run, codes, value, line);
  run.selected = value('T') ?? run.selected;
  run.speed = value('S') ?? run.speed;
  const rate = value('F');
  if (rate !== undefined) run.feed = rate * run.per;
  for (const [, code] of words.filter(([letter]) => letter === 'M')) miscellaneous(run, code, line);
  const to = (letter: 'X' | 'Y' | 'Z', now: number) => {
    const word = value(letter);
    return word === undefined ? undefined : run.incremental ? now + word * run.per : word * run.per;
  };
  const there = { x: to('X', run.x), y: to('Y', run.y) };
  const across = { ...(there.x !== undefined && { x: there.x }), ...(there.y !== undefined && { y: there.y }) };
  const moves = Object.keys(across).length > 0;
  if (CYCLES.has(run.motion)) {
    const starts = codes.some((code) => CYCLES.has(code));
    if (starts) startCycle(run, value, line);
    if (!starts && !moves) return;
    go(run, 'rapid', across, line);
    drill(run, line);
    return;
  }
  const z = to('Z', programZ(run));
  if (moves || z !== undefined)
    go(run, run.motion === 1 ? 'feed' : 'rapid', { ...across, ...(z !== undefined && { z }) }, line);
}

const offsetZ = ({ machine, compensation }: Running): number =>
  machine.workOffsetZ + (compensation === 0 ? 0 : rowOf(machine, compensation));

const programZ = (run: Running): number => run.spindleZ - offsetZ(run);

const tipZ = ({ machine, spindleZ, tool }: Running): number =>
  spindleZ - (machine.lengths[tool] ?? NaN) - machine.partTop;

function go(run: Running, kind: TipMove['kind'], to: { x?: number; y?: number; z?: number }, line: number): void {
  const { tool, rpm, feed, compensation } = run;
  if (kind === 'feed' && rpm === 0) throw new MachineAlarm(`line ${line}: feeds with the spindle stopped`);
  if (kind === 'feed' && feed <= 0) throw new MachineAlarm(`line ${line}: feeds without a feed`);
  const from = { x: run.x, y: run.y, z: tipZ(run) };
  run.x = to.x ?? run.x;
  run.y = to.y ?? run.y;
  if (to.z !== undefined) run.spindleZ = to.z + offsetZ(run);
  run.moves.push({ kind, tool, from, to: { x: run.x, y: run.y, z: tipZ(run) }, rpm, feed, line, compensation });
}

function drill(run: Running, line: number): void {
  const { r, z, peck, initial } = run.cycle;
  go(run, 'rapid', { z: r }, line);
  if (run.motion === 83)
    for (let at = r - peck; at > z + 1e-9; at -= peck) {
      go(run, 'feed', { z: at }, line);
      go(run, 'rapid', { z: r }, line);
      go(run, 'rapid', { z: at + Math.min(0.5 / run.per, peck / 2) }, line);
    }
  go(run, 'feed', { z }, line);
  if (run.motion === 85) go(run, 'feed', { z: r }, line);
  go(run, 'rapid', { z: initial }, line);
}

/** R and Z of a cycle, as heights or as distances by the control's dialect. */
function startCycle(run: Running, value: WordValue, line: number): void {
  const { machine, per } = run;
  if (machine.dialect === 'plain-moves') throw new MachineAlarm(`line ${line}: no cycles here`);
  const initial = programZ(run);
  const counted = run.incremental || machine.dialect === 'reference-distance';
  const [toR, toZ] = [(value('R') ?? NaN) * per, (value('Z') ?? NaN) * per];
  const r = counted ? initial + toR : toR;
  run.cycle = { r, z: counted ? r + toZ : toZ, peck: (value('Q') ?? 0) * per, initial };
  if (run.motion === 83 && run.cycle.peck <= 0) throw new MachineAlarm(`line ${line}: a peck of nothing`);
}

function setModes(run: Running, codes: readonly number[], value: WordValue, line: number): void {
  for (const code of codes) {
    if (code === 20 || code === 21) run.per = millimetresPer(code === 20 ? 'in' : 'mm');
    else if (code === 90 || code === 91) run.incremental = code === 91;
    else if (code === 43) run.compensation = value('H') ?? NaN;
    else if (code === 0 || code === 1 || CYCLES.has(code)) run.motion = code;
    else if (!MODAL_NOTHING.has(code)) throw new MachineAlarm(`line ${line}: G${code} is not known here`);
    if (code === 80) run.motion = 0;
  }
}

function miscellaneous(run: Running, code: number, line: number): void {
  if (code === 3) run.rpm = run.speed;
  else if (code === 5) run.rpm = 0;
  else if (code === 6) {
    if (run.rpm > 0) throw new MachineAlarm(`line ${line}: changes the tool with the spindle turning`);
    run.tool = run.selected;
  } else if (code === 0) run.machine.onStop?.(run.tool, run.machine);
  else if (code !== 30) throw new MachineAlarm(`line ${line}: M${code} is not known here`);
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
