import { Refusal } from '../problem/problem';
import { emptyBlock, letterAt, scanBlock } from './interpreter/block';
import type { ProgramRule } from './checks/check';
import { cuttingCheck } from './checks/cutting';
import { emptyExtents, extentsCheck, isEmptySpan } from './checks/extents';
import { modesCheck } from './checks/modes';
import { stockCheck } from './checks/stock';
import { toolsCheck } from './checks/tools';
import { compareHoles } from './compareHoles';
import { collectFindings, type Finding } from './finding';
import { interpret, type Interpreter } from './interpreter/interpret';
import type { Listener } from './interpreter/listener';
import { writePath, type Path } from './motion/path';
import { gatherHoles } from './programHoles';
import { gatherStates, type StateAt } from './interpreter/stateHistory';
import { summarizeProgram, type ProgramSummary } from './programSummary';
import type { CheckContext } from './checkContext';
import { toInches } from './interpreter/inInches';
import { meetsStock, zeroThatFits } from './zeroGuess';

/** The largest file that is read, bytes. */
export const LARGEST_PROGRAM = 20 * 1024 * 1024;

/** A program read to its end, or to where it could not be read further. */
export interface CheckedProgram {
  /** Worst first. An empty list says only that nothing of what was looked for was found. */
  findings: Finding[];
  told: ProgramSummary;
  path: Path;
  /** What is in force along the path: each holds from its stretch on. */
  states: StateAt[];
  /** Where each line begins, bytes. */
  lineStarts: Uint32Array;
}

/** What a line of a long program is about, at least. */
const BYTES_A_LINE = 20;

/** Progress is told after so many bytes. */
const SLICE = 1 << 19;

/** Codes after which no more can be read: what follows would be guessed. */
const ENDS_READING = ['macro', 'subprogram', 'long-block', 'unreadable'] as const;

/**
 * Reads a program (ISO 6983-1 and its common dialects) and holds every move against what is set. Nothing is called safe.
 *
 * @param bytes the file as it is; @param tell how far it is, 0 to 1
 * @throws Refusal of a file that is no text, is empty, or is larger than LARGEST_PROGRAM
 * @example checkProgram(programBytes('G21 G90 G54\nG0 X0 Y0\nM30'), set).told.lines // 3
 */
export function checkProgram(
  bytes: Uint8Array,
  set: CheckContext,
  tell: (share: number) => void = () => undefined,
): CheckedProgram {
  requireText(bytes);
  const findings = collectFindings();
  const path = writePath(Math.ceil(bytes.length / BYTES_A_LINE));
  const extents = emptyExtents();
  const holes = gatherHoles();
  const told = summarizeProgram();
  const states = gatherStates();
  // Most lines of a long program hold places alone, and leave everything in force as it was.
  let mayDiffer = true;
  let at = 0;
  const of = { set, findings, at: () => at };
  let program: Interpreter | undefined;
  // Nothing is asked of it before the first block is read.
  const reader = (): Interpreter => program as Interpreter;
  const checks: Checks = {
    told: told.check,
    modes: modesCheck(of, reader),
    tools: toolsCheck(of),
    cutting: cuttingCheck(of),
    stock: stockCheck(of),
    extents: extentsCheck(of, extents),
    holes: holes.check,
  };
  let tool = 0;
  const listener = listenerOf(checks, {
    fault: (code, line, figures, key) => findings.add(code, line, figures, key, at),
    drawn: (next, state) => {
      if (mayDiffer) {
        tool = told.place(state.tool);
        states.take(at, state);
        mayDiffer = false;
      }
      path.add(next, tool);
      at += 1;
    },
  });
  program = interpret(set, listener);
  const { lines, checkedTo, lineStarts } = readLines(bytes, program, listener, tell, {
    over: () => ENDS_READING.some((code) => findings.has(code)),
    changes: () => {
      mayDiffer = true;
    },
  });
  if (checkedTo === lines && !program.ended()) findings.add('no-end', lines, {});
  const bare = program.withoutPoint();
  for (const line of bare?.lines ?? []) findings.add('no-point', line, { word: bare?.word ?? '' });
  for (const check of Object.values(checks)) check.end?.(checkedTo);
  const holesTold = compareHoles(holes.holes(), set, findings, checkedTo === lines && !findings.has('zero-moved'));
  if (set.stock) {
    const { z } = extents.cut;
    const beside = !meetsStock(extents, set.stock) || findings.has('beside-stock');
    const zero = beside ? zeroThatFits(extents, set.stock) : null;
    if (!meetsStock(extents, set.stock) || zero) findings.add('not-at-part', 0, { zero });
    if (program.state.unit !== 'in' && !findings.has('holes-changed') && toInches(extents, set.stock))
      findings.add('inch-figures', 0, {});
    if (!isEmptySpan(z) && z.least > set.stock.z[1] + 1)
      findings.add('cuts-air', 0, { above: z.least - set.stock.z[1] });
  }
  return {
    findings: findings.list(),
    told: { ...told.told(), extents, holes: holesTold, lines, stretches: at, checkedTo },
    path: path.path(),
    states: states.list(),
    lineStarts,
  };
}

/** Letters of places, which change nothing that stays in force. */
const PLACES = [...'XYZ'].reduce((bits, letter) => bits | (1 << letterAt(letter)), 0);

type Drawn = Listener['move'];

/** Every check by its subject, in the order they hear. */
type Checks = Record<'told' | 'modes' | 'tools' | 'cutting' | 'stock' | 'extents' | 'holes', ProgramRule>;

/** One listener of all checks: each hears before the path goes on. */
function listenerOf(checks: Checks, { fault, drawn }: { fault: Listener['fault']; drawn: Drawn }): Listener {
  const { told, modes, tools, cutting, stock, extents, holes } = checks;
  const each =
    <N extends 'change' | 'hole' | 'stop' | 'offset' | 'length' | 'spindle' | 'home' | 'machineHeight'>(name: N) =>
    (...told: Parameters<Listener[N]>) => {
      for (const check of Object.values(checks)) (check[name] as ((...told: unknown[]) => void) | undefined)?.(...told);
    };
  return {
    fault,
    move: (next, state) => {
      // A million moves: called by name each stands in this place; out of a list every call would be looked up.
      told.move?.(next, state);
      modes.move?.(next, state);
      tools.move?.(next, state);
      cutting.move?.(next, state);
      stock.move?.(next, state);
      extents.move?.(next, state);
      holes.move?.(next, state);
      drawn(next, state);
    },
    change: each('change'),
    hole: each('hole'),
    stop: each('stop'),
    offset: each('offset'),
    length: each('length'),
    spindle: each('spindle'),
    home: each('home'),
    machineHeight: each('machineHeight'),
  };
}

function readLines(
  bytes: Uint8Array,
  program: Interpreter,
  { fault }: Listener,
  tell: (share: number) => void,
  { over, changes }: { over: () => boolean; changes: () => void },
): { lines: number; checkedTo: number; lineStarts: Uint32Array } {
  const block = emptyBlock();
  let starts = new Uint32Array(Math.max(256, Math.ceil(bytes.length / BYTES_A_LINE)));
  let line = 0;
  let next = SLICE;
  // A byte-order mark, as some editors write it, is no word.
  let at = bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf ? 3 : 0;
  let checkedTo = 0;
  let reading = true;
  while (at < bytes.length) {
    const start = at;
    if (line === starts.length) {
      const more = new Uint32Array(2 * line);
      more.set(starts);
      starts = more;
    }
    starts[line] = start;
    line += 1;
    at = reading ? scanBlock(bytes, at, block) : endOf(bytes, at);
    if (reading) {
      if (block.g.count + block.m.count > 0 || (block.seen & ~PLACES) !== 0) changes();
      if (block.trouble === undefined) program.block(block, line);
      else if (block.trouble === 'long') fault('long-block', line, {});
      else fault(block.trouble, line, { text: lineText(bytes, start).slice(0, 60) });
      checkedTo = line;
      if (block.trouble !== undefined || (block.g.count + block.m.count > 0 && over())) reading = false;
    }
    if (bytes[at] === 13) at += 1;
    if (bytes[at] === 10) at += 1;
    if (at > next) {
      tell(at / bytes.length);
      next = at + SLICE;
    }
  }
  return { lines: line, checkedTo, lineStarts: starts.slice(0, line) };
}

function endOf(bytes: Uint8Array, from: number): number {
  const end = bytes.indexOf(10, from);
  return end < 0 ? bytes.length : end;
}

/** The text of the line that begins here. */
export function lineText(bytes: Uint8Array, start: number): string {
  let end = start;
  while (end < bytes.length && bytes[end] !== 10 && bytes[end] !== 13 && end - start < 400) end += 1;
  return new TextDecoder().decode(bytes.subarray(start, end));
}

/** A program's text as bytes. */
export const programBytes = (text: string): Uint8Array => new TextEncoder().encode(text);

function requireText(bytes: Uint8Array): void {
  const refuse = (code: string, message: string) => new Refusal({ code, field: 'file', message });
  if (bytes.length > LARGEST_PROGRAM)
    throw refuse('too-large', 'The file is larger than 20 MB. Split the program, one tool a file, and check each.');
  const head = bytes.subarray(0, 4096);
  const strange = head.reduce((sum, byte) => sum + (byte < 9 || (byte > 13 && byte < 32) ? 1 : 0), 0);
  if (strange > head.length / 100)
    throw refuse(
      'not-text',
      'This is no program: a picture, or another file that is not text. Choose the program itself.',
    );
  if (!head.some((byte) => byte > 32))
    throw refuse('empty', 'The file is empty. Write it again from the CAM, and choose it once more.');
}
