import type { DialectName } from '../../records/values/dialects';
import { letterAt, type Block } from '../interpreter/block';
import type { Ways } from '../interpreter/listener';
import { FEED, RAPID } from './path';
import type { ModalState } from '../interpreter/modalState';

/** A drilling cycle as it was last said, mm in the program's frame. */
export interface Cycle {
  /** Where feeding begins, and the bottom; NaN where nobody said. */
  r: number;
  z: number;
  peck: number;
  /** Where the tool stood when the cycle began. */
  initial: number;
}

export const NO_CYCLE: Cycle = { r: NaN, z: NaN, peck: NaN, initial: NaN };

/** G73, G74, G76 and G81 to G89 without G87 and G88, whose ways are each control's own. In tenths. */
const CYCLES = new Set([730, 740, 760, 810, 820, 830, 840, 850, 860, 890]);

/** Cycles that feed out again: reamed, bored and tapped holes. */
const FEEDS_OUT = new Set([74, 84, 85, 89]);

const PECKS = new Set([73, 83]);

export const isCycle = (code: number): boolean => CYCLES.has(code);

const [I, J, K, L, Q, R, X, Y, Z] = [...'IJKLQRXYZ'].map(letterAt) as [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
];

/** More places than this no block repeats. */
const MOST_REPEATS = 10_000;

interface CycleBlock {
  block: Block;
  line: number;
  state: ModalState;
  cycle: Cycle;
  /** mm in the program's unit. */
  per: number;
  dialect: DialectName;
  /** The block names the cycle itself. */
  starts: boolean;
}

/** Drills at every place of a block; the cycle as it stands after it. */
export function cycleMoves(at: CycleBlock, ways: Ways): Cycle {
  const { block, line, state, starts } = at;
  const has = (letter: number) => (block.seen & (1 << letter)) !== 0;
  const cycle = saidBy(at, has);
  if (starts) {
    for (const [word, value] of [
      ['R', cycle.r],
      ['Z', cycle.z],
      ...(state.motion === 83 ? [['Q', cycle.peck] as const] : []),
    ] as const)
      if (Number.isNaN(value)) ways.fault('cycle-word', line, { word }, word);
    if (cycle.z >= cycle.r) ways.fault('cycle-order', line, {});
  }
  // First, less and least peck, as some controls have them: K is no count then.
  const pecks = PECKS.has(state.motion) && (has(I) || has(J));
  const repeats = has(L) ? block.value[L] : has(K) && state.motion !== 76 && !pecks ? block.value[K] : 1;
  if ((repeats ?? 1) > 1 && !state.incremental) ways.fault('repeats-in-place', line, { times: repeats ?? 1 });
  for (let i = 0; i < Math.min(repeats ?? 1, MOST_REPEATS); i += 1) {
    const place = (letter: number, now: number) =>
      has(letter) ? (state.incremental ? now : 0) + (block.value[letter] ?? 0) * at.per : now;
    const [x, y] = [place(X, state.x), place(Y, state.y)];
    if (x !== state.x || y !== state.y) ways.go(RAPID, x, y, state.z, line);
    drill(cycle, at, ways);
  }
  return cycle;
}

/** R and Z as heights: as they are, or counted from where the cycle began and from R. */
function saidBy({ block, state, cycle, per, dialect }: CycleBlock, has: (letter: number) => boolean): Cycle {
  const counted = state.incremental || dialect === 'reference-distance';
  const initial = Number.isNaN(cycle.initial) ? state.z : cycle.initial;
  const value = (letter: number) => (block.value[letter] ?? 0) * per;
  const r = has(R) ? (counted ? initial : 0) + value(R) : cycle.r;
  const moved = has(Z) ? (counted ? r : 0) + value(Z) : cycle.z;
  return {
    initial,
    r,
    z: moved,
    peck: has(Q) ? Math.abs(value(Q)) : has(I) && PECKS.has(state.motion) ? Math.abs(value(I)) : cycle.peck,
  };
}

function drill({ r, z, peck, initial }: Cycle, { line, state }: CycleBlock, { go, hole }: Ways): void {
  const { x, y } = state;
  if (r !== state.z) go(RAPID, x, y, r, line);
  if (PECKS.has(state.motion) && peck > 0 && (r - z) / peck < MOST_REPEATS) {
    for (let depth = r - peck; depth > z + 1e-9; depth -= peck) {
      go(FEED, x, y, depth, line);
      if (state.motion === 83) {
        go(RAPID, x, y, r, line);
        go(RAPID, x, y, depth, line);
      }
    }
  }
  go(FEED, x, y, z, line);
  hole(x, y, z, line, state);
  if (FEEDS_OUT.has(state.motion)) go(FEED, x, y, r, line);
  const back = state.toInitial && !Number.isNaN(initial) ? Math.max(initial, r) : r;
  if (back !== state.z) go(RAPID, x, y, back, line);
}
