import { arcMove } from '../motion/arcMove';
import { cycleMoves, isCycle } from '../motion/cycle';
import type { Block } from './block';
import { A, B, C, has, hasCode, X, Y, Z } from './blockWords';
import type { Ways } from './listener';
import { go, markLost, step, type Run } from './run';

/** A rotary axis counts until it is sent back: one at zero says nothing of the others. */
export function turnAxes(run: Run, block: Block, line: number): void {
  const { state, tell } = run;
  [A, B, C].forEach((axis, i) => {
    if (has(block, axis)) run.turned[i] = (state.incremental ? (run.turned[i] ?? 0) : 0) + (block.value[axis] ?? 0);
  });
  tell.fault('rotary-moves', line, {});
  markLost(run);
}

/** Where a letter sends an axis, mm: from where it is, where distances are in force. */
const place = ({ state, per }: Run, block: Block, letter: number, now: number): number =>
  has(block, letter) ? (state.incremental ? now : 0) + (block.value[letter] ?? 0) * per : now;

/** By way of the place named, then to a place the machine knows and the program does not. */
export function runHome(run: Run, block: Block, line: number): void {
  const { state, tell } = run;
  const names = (axis: number) => has(block, axis) || has(block, axis - 3);
  const any = names(X) || names(Y) || names(Z);
  // U, V and W stand three places before X, Y and Z: the same axes, as distances.
  const by = (axis: number, now: number) =>
    has(block, axis - 3) ? now + (block.value[axis - 3] ?? 0) * run.per : place(run, block, axis, now);
  const [x, y, z] = [by(X, state.x), by(Y, state.y), by(Z, state.z)];
  const goes = (to: number, from: number) => !Number.isNaN(to) && to !== from;
  if (any && (goes(x, state.x) || goes(y, state.y) || goes(z, state.z))) go(run, 0, x, y, z, line);
  tell.home(!any || names(X) || names(Y), line, state);
  if (!any || names(X)) state.x = NaN;
  if (!any || names(Y)) state.y = NaN;
  if (!any || names(Z)) state.z = NaN;
}

/** To a place in machine coordinates (G53): where on the part it is, is not known. */
export function machineMove(run: Run, block: Block, line: number): void {
  const { state, tell } = run;
  tell.home(has(block, X) || has(block, Y), line, state);
  if (has(block, Z)) tell.machineHeight((block.value[Z] ?? 0) * run.per, line, state);
  if (has(block, X)) state.x = NaN;
  if (has(block, Y)) state.y = NaN;
  if (has(block, Z)) state.z = NaN;
}

/** A distance from a place that nobody knows. */
const isFromNowhere = ({ next }: Run, block: Block): boolean =>
  (has(block, X) && Number.isNaN(next.x)) ||
  (has(block, Y) && Number.isNaN(next.y)) ||
  (has(block, Z) && Number.isNaN(next.z));

/** Ways out of a block that makes many moves. */
const waysOf = (run: Run): Ways => ({ ...run.tell, go: (kind, x, y, z, line) => go(run, kind, x, y, z, line) });

/** Straight moves, arcs and cycles. */
export function runMoves(run: Run, block: Block, line: number): void {
  const { state, tell } = run;
  const across = has(block, X) || has(block, Y);
  if (state.motion > 3 && isCycle(state.motion * 10)) {
    const starts = hasCode(block, state.motion * 10);
    if (starts || across || has(block, Z))
      run.cycle = cycleMoves(
        { block, line, state, cycle: run.cycle, per: run.per, dialect: run.dialect, starts },
        waysOf(run),
      );
    return;
  }
  if (!across && !has(block, Z)) return;
  const { seen, value } = block;
  const { next, per } = run;
  // As `place` has it, for each axis by itself: a figure that is handed back a million times is made as often.
  next.x = (seen & (1 << X)) === 0 ? state.x : (state.incremental ? state.x : 0) + (value[X] ?? 0) * per;
  next.y = (seen & (1 << Y)) === 0 ? state.y : (state.incremental ? state.y : 0) + (value[Y] ?? 0) * per;
  next.z = (seen & (1 << Z)) === 0 ? state.z : (state.incremental ? state.z : 0) + (value[Z] ?? 0) * per;
  // Most controls go at a rapid then, some refuse.
  if (state.motion < 0) tell.fault('no-motion', line, {});
  if (state.incremental && isFromNowhere(run, block)) tell.fault('incremental-from-nowhere', line, {});
  if (state.motion <= 1) {
    next.kind = Math.max(0, state.motion);
    step(run, line);
  } else arcMove({ block, line, state, per, to: { ...next } }, waysOf(run));
}
