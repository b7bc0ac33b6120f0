import type { LengthUnit } from '../../units/unit';
import type { DialectName } from '../../records/values/dialects';
import { letterAt, type Block } from './block';
import { A, B, C, F, has, hasCode, isGrave, S, T } from './blockWords';
import type { Listener } from './listener';
import { runMiscellaneous } from './miscellaneous';
import type { ModalState } from './modalState';
import { runHome, machineMove, runMoves, turnAxes } from './moves';
import { runPreparatory } from './preparatory';
import { startRun, unknown, type Run } from './run';

export interface ReadingOf {
  /** What it is taken to be in, where it does not say. */
  unit: LengthUnit;
  dialect: DialectName;
}

/** Reads blocks one after the other, and tells what happens. */
export interface Interpreter {
  block: (block: Block, line: number) => void;
  /** Since when incremental coordinates are in force; 0 while they are not. */
  incrementalSince: () => number;
  /** Lines with a length without its point, where whole lengths of the program have theirs; the first such word. */
  withoutPoint: () => { lines: number[]; word: string } | undefined;
  ended: () => boolean;
  state: ModalState;
}

const ROTARY = (1 << A) | (1 << B) | (1 << C);

/** Distances along X, Y and Z by the way home, as some controls have them. */
const HOME_BY = (1 << letterAt('U')) | (1 << letterAt('V')) | (1 << letterAt('W'));

/** Letters that go with some word or other, and are no fault of themselves. */
const KNOWN_LETTERS = [...'ABCDFHIJKLPQRSTXYZ'].reduce((bits, letter) => bits | (1 << letterAt(letter)), 0);

/** Letters of lengths. */
const LENGTHS = [...'XYZRIJKQ'].map(letterAt);

/** So many whole lengths with a point show that whoever wrote the program writes it always. */
const SURE_OF_POINTS = 3;
const BARE_KEPT = 50;

/** Interprets a program (ISO 6983-1 and what its dialects have in common); nothing is guessed. */
export function interpret({ unit, dialect }: ReadingOf, tell: Listener): Interpreter {
  const run = startRun(unit, dialect, tell);
  return {
    state: run.state,
    ended: () => run.ended,
    incrementalSince: () => run.since,
    withoutPoint: () => (run.pointed >= SURE_OF_POINTS && run.bare.lines.length > 0 ? run.bare : undefined),
    block: (block, line) => {
      if (!run.ended) runBlock(run, block, line);
      else if (block.seen !== 0 || block.g.count + block.m.count > 0) tell.fault('after-end', line, {});
    },
  };
}

/** One block: its words, what they set, and the moves it makes. */
function runBlock(run: Run, block: Block, line: number): void {
  const { state, tell } = run;
  reportWords(run, block, line);
  if (has(block, T)) state.selected = block.value[T] ?? 0;
  if (has(block, S)) {
    state.speed = block.value[S] ?? 0;
    if (state.spindle !== 'stopped') tell.spindle(line, state);
  }
  const use = block.g.count === 0 ? 'motion' : runPreparatory(run, block, line);
  // Inverse time is of one line: it holds for no other.
  if (state.feedMode === 93) state.feed = 0;
  if (has(block, F)) state.feed = (block.value[F] ?? 0) * (state.feedMode === 93 ? 1 : run.per);
  const endsHere = block.m.count > 0 && runMiscellaneous(run, block, line);
  if ((block.seen & ROTARY) !== 0) turnAxes(run, block, line);
  if (use === 'home') runHome(run, block, line);
  else if (use === 'machine') machineMove(run, block, line);
  else if (use === 'motion') runMoves(run, block, line);
  if (endsHere) run.ended = true;
}

/** What is wrong with the words of a block, whatever they do. */
function reportWords(run: Run, block: Block, line: number): void {
  const { tell } = run;
  if (block.pointed !== 0) run.pointed += 1;
  if (block.bare !== 0 && run.bare.lines.length < BARE_KEPT) bareFigure(run, block, line);
  if (block.twice !== 0) {
    const word = String.fromCharCode(block.twice);
    tell.fault('word-twice', line, { word }, word);
  }
  if (block.optional) tell.fault(isGrave(block) ? 'optional-grave' : 'optional-blocks', line, {});
  const goesHome = hasCode(block, 280) || hasCode(block, 300);
  const strange = block.seen & ~KNOWN_LETTERS & (goesHome ? ~HOME_BY : ~0);
  if (strange === 0) return;
  for (let letter = 0; letter < 26; letter += 1)
    if ((strange & (1 << letter)) !== 0) unknown(run, String.fromCharCode(65 + letter), line);
}

/** A length without a point: a thousandth of it, or less, on some controls. */
function bareFigure(run: Run, block: Block, line: number): void {
  const axis = LENGTHS.find((one) => (block.bare & (1 << one)) !== 0);
  if (axis === undefined) return;
  if (run.bare.lines.length === 0) run.bare.word = `${String.fromCharCode(axis + 65)}${block.value[axis] ?? 0}`;
  run.bare.lines.push(line);
}
