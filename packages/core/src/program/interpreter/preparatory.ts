import { millimetresPer, type LengthUnit } from '../../units/unit';
import { isCycle, NO_CYCLE } from '../motion/cycle';
import type { Block } from './block';
import { D, H, has, L, offsetName, X, Y, Z } from './blockWords';
import type { ModalState } from './modalState';
import { markLost, unknown, type Run } from './run';

/**
 * Codes that change nothing that is looked at here, in tenths: exact stop, ends of polar, scaled and turned
 * coordinates, ways of passing corners.
 */
const HARMLESS_G = new Set([90, 500, 501, 610, 611, 640, 690]);

/** Words of which one alone can hold: motion and cycles, distances, feed, unit, plane. In tenths. */
const MODAL_GROUPS: readonly ((code: number) => boolean)[] = [
  (code) => [0, 10, 20, 30].includes(code) || isCycle(code),
  (code) => code === 900 || code === 910,
  (code) => code === 930 || code === 940 || code === 950,
  (code) => code === 200 || code === 210,
  (code) => code === 170 || code === 180 || code === 190,
];

/** What moves, turns or scales the zero, in tenths. */
const MOVES_ZERO = new Set([510, 511, 520, 680, 920, 923]);

/** Ends of a zero that G92 moved: nothing where none was moved. */
const ENDS_MOVED = new Set([921, 922]);

/** What the coordinates of a block are for. */
type BlockUse = 'motion' | 'home' | 'machine' | 'none';

/** Modal and other G codes; what the block's coordinates are for. */
export function runPreparatory(run: Run, block: Block, line: number): BlockUse {
  const { state, tell } = run;
  let use: BlockUse = 'motion';
  if (block.g.count > 1) clashes(run, block, line);
  for (let i = 0; i < block.g.count; i += 1) {
    const code = block.g.codes[i] ?? 0;
    if (code === 0 || code === 10 || code === 20 || code === 30) setMotion(run, code / 10);
    else if (code === 200 || code === 210) setUnit(run, code === 200 ? 'in' : 'mm', line);
    else if (code === 900 || code === 910) setIncremental(run, code === 910, line);
    else if (code === 170 || code === 180 || code === 190) state.plane = (code / 10) as ModalState['plane'];
    else if (code === 901 || code === 911) state.absoluteCentres = code === 901;
    else if (code === 400) state.radius = 0;
    else if (code === 410 || code === 420) compensateRadius(run, block, (code / 10) as 41 | 42, line);
    else if (code === 430) compensate(run, block, line);
    else if (code === 490) compensateBy(run, 0, line);
    else if (code >= 930 && code <= 950 && code % 10 === 0) setFeedMode(run, (code / 10) as ModalState['feedMode']);
    else if (code === 980 || code === 990) state.toInitial = code === 980;
    else if (code === 800) setMotion(run, -1);
    else if (isCycle(code)) {
      setMotion(run, code / 10);
      if (run.dialect === 'plain-moves') tell.fault('cycles-not-kept', line, {});
    } else if (code === 280 || code === 300) use = 'home';
    else if (code === 530) use = 'machine';
    else if (code === 40) use = 'none';
    else if (code === 100) {
      use = 'none';
      rowSet(run, block, line);
    } else if (code === 650 || code === 660) tell.fault('subprogram', line, { code: `G${code / 10}` });
    else if (offsetName(code, block) !== undefined) {
      state.workOffset = offsetName(code, block);
      tell.offset(state.workOffset ?? '', line);
    } else if (code === 150 || code === 160) {
      setPolar(run, code === 160, line);
    } else if (MOVES_ZERO.has(code) || ENDS_MOVED.has(code)) {
      use = 'none';
      if (shifts(run, code, block)) moveZero(run, `G${code / 10}`, line);
    } else if (!HARMLESS_G.has(code)) unknown(run, `G${code / 10}`, line);
  }
  return use;
}

/** Another way of counting F leaves no F in force: the old figure would mean something else. */
function setFeedMode(run: Run, mode: ModalState['feedMode']): void {
  const { state } = run;
  if (state.feedMode !== mode) state.feed = 0;
  state.feedMode = mode;
}

/** Two words of one modal group in a line (ISO 6983-1 allows one). */
function clashes(run: Run, block: Block, line: number): void {
  const { tell } = run;
  for (const group of MODAL_GROUPS) {
    const found = new Set<number>();
    for (let i = 0; i < block.g.count; i += 1) {
      const code = block.g.codes[i] ?? 0;
      if (group(code)) found.add(code);
    }
    if (found.size < 2) continue;
    const words = [...found].map((code) => `G${code / 10}`).join(' and ');
    tell.fault('modes-clash', line, { words }, words);
  }
}

/** G10 writes a row: of the tool table, or of the work offsets, which moves the zero. */
function rowSet(run: Run, block: Block, line: number): void {
  const { tell } = run;
  const kind = has(block, L) ? (block.value[L] ?? 0) : 0;
  if (kind === 2 || kind === 20) moveZero(run, `G10 L${kind}`, line);
  else tell.fault('row-set', line, { word: 'G10' });
}

/** A local shift of nothing, and the end of a shift there is none of, move no zero. */
function shifts(run: Run, code: number, block: Block): boolean {
  if (run.zeroMoved) return true;
  if (ENDS_MOVED.has(code)) return false;
  return code !== 520 || [X, Y, Z].some((axis) => has(block, axis) && block.value[axis] !== 0);
}

/** X and Y as a radius and an angle: what is drawn of them would be wrong. */
function setPolar(run: Run, on: boolean, line: number): void {
  const { state, tell } = run;
  if (on && !run.polar) tell.fault('polar', line, {});
  run.polar = on;
  markLost(run);
  if (on) state.x = state.y = NaN;
}

function moveZero(run: Run, word: string, line: number): void {
  const { state, tell } = run;
  run.zeroMoved = true;
  state.lost = true;
  tell.fault('zero-moved', line, { word });
}

function setMotion(run: Run, motion: number): void {
  const { state } = run;
  if (state.motion !== motion && !isCycle(state.motion * 10)) run.cycle = { ...run.cycle, initial: NaN };
  state.motion = motion;
  if (motion < 0 || motion <= 3) run.cycle = NO_CYCLE;
}

function setUnit(run: Run, next: LengthUnit, line: number): void {
  const { state, tell } = run;
  if (state.unit !== undefined && state.unit !== next) tell.fault('unit-changes', line, { to: next });
  state.unit = next;
  run.per = millimetresPer(next);
}

function setIncremental(run: Run, on: boolean, line: number): void {
  const { state } = run;
  if (on && !state.incremental) run.since = line;
  if (!on) run.since = 0;
  state.incremental = on;
}

function compensate(run: Run, block: Block, line: number): void {
  compensateBy(run, (block.seen & (1 << H)) !== 0 ? (block.value[H] ?? NaN) : NaN, line);
}

function compensateRadius(run: Run, block: Block, side: 41 | 42, line: number): void {
  const { state, tell } = run;
  state.radius = side;
  const row = has(block, D) ? (block.value[D] ?? 0) : state.tool;
  if (row !== state.tool && row !== 0)
    tell.fault('radius-other', line, { tool: state.tool, D: row }, `${state.tool} ${row}`);
}

function compensateBy(run: Run, row: number, line: number): void {
  const { state, tell } = run;
  tell.length(row, line, state);
  // Another length is another tip: where it is is not known until the next Z.
  if (!Object.is(state.length, row)) state.z = NaN;
  state.length = row;
}
