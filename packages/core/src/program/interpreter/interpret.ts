import { millimetresPer, type LengthUnit } from '../../units/unit';
import type { DialectName } from '../../records/values/dialects';
import { letterAt, type Block } from './block';
import { arcMove } from '../motion/arcMove';
import { cycleMoves, isCycle, NO_CYCLE, type Cycle } from '../motion/cycle';
import type { Listener, Move } from './listener';
import { startingState, type ModalState } from './modalState';

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

const [A, B, C, D, F, H, L, P, S, T, X, Y, Z] = [...'ABCDFHLPSTXYZ'].map(letterAt) as [
  number,
  number,
  number,
  number,
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

const ROTARY = (1 << A) | (1 << B) | (1 << C);

/** Distances along X, Y and Z by the way home, as some controls have them. */
const HOME_BY = (1 << letterAt('U')) | (1 << letterAt('V')) | (1 << letterAt('W'));

/** Letters that go with some word or other, and are no fault of themselves. */
const KNOWN_LETTERS = [...'ABCDFHIJKLPQRSTXYZ'].reduce((bits, letter) => bits | (1 << letterAt(letter)), 0);

/**
 * Codes that change nothing that is looked at here, in tenths: exact stop, ends of polar, scaled and turned coordinates,
 * ways of passing corners; a stop that a switch leaves out, coolant, orienting the spindle, rigid tapping, overrides.
 */
const HARMLESS_G = new Set([90, 500, 501, 610, 611, 640, 690]);
const HARMLESS_M = new Set([10, 70, 80, 90, 190, 290, 480, 490]);

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

/** Letters of lengths. */
const LENGTHS = [...'XYZRIJKQ'].map(letterAt);

/** So many whole lengths with a point show that whoever wrote the program writes it always. */
const SURE_OF_POINTS = 3;
const BARE_KEPT = 50;

/** Interprets a program (ISO 6983-1 and what its dialects have in common); nothing is guessed. */
export function interpret({ unit, dialect }: ReadingOf, tell: Listener): Interpreter {
  const state = startingState();
  let cycle: Cycle = NO_CYCLE;
  let ended = false;
  let since = 0;
  let zeroMoved = false;
  let polar = false;
  let pointed = 0;
  const bare = { lines: [] as number[], word: '' };
  const turned = [0, 0, 0];
  let per = millimetresPer(unit);
  // One object for a million moves: figures handed over one by one would each be made again.
  const next: Move = { kind: 0, x: NaN, y: NaN, z: NaN, line: 0 };

  function go(kind: number, x: number, y: number, z: number, line: number): void {
    next.kind = kind;
    next.x = x;
    next.y = y;
    next.z = z;
    step(line);
  }

  /** Goes where `next` says. */
  function step(line: number): void {
    next.line = line;
    tell.move(next, state);
    state.x = next.x;
    state.y = next.y;
    state.z = next.z;
  }

  function unknown(word: string, line: number): void {
    tell.fault('unknown-word', line, { word }, word);
  }

  /** Modal and other G codes; what the block's coordinates are for. */
  function preparatory(block: Block, line: number): 'motion' | 'home' | 'machine' | 'none' {
    let use: 'motion' | 'home' | 'machine' | 'none' = 'motion';
    if (block.g.count > 1) clashes(block, line);
    for (let i = 0; i < block.g.count; i += 1) {
      const code = block.g.codes[i] ?? 0;
      if (code === 0 || code === 10 || code === 20 || code === 30) setMotion(code / 10);
      else if (code === 200 || code === 210) setUnit(code === 200 ? 'in' : 'mm', line);
      else if (code === 900 || code === 910) setIncremental(code === 910, line);
      else if (code === 170 || code === 180 || code === 190) state.plane = (code / 10) as ModalState['plane'];
      else if (code === 901 || code === 911) state.absoluteCentres = code === 901;
      else if (code === 400) state.radius = 0;
      else if (code === 410 || code === 420) compensateRadius(block, (code / 10) as 41 | 42, line);
      else if (code === 430) compensate(block, line);
      else if (code === 490) compensateBy(0, line);
      else if (code >= 930 && code <= 950 && code % 10 === 0) setFeedMode((code / 10) as ModalState['feedMode']);
      else if (code === 980 || code === 990) state.toInitial = code === 980;
      else if (code === 800) setMotion(-1);
      else if (isCycle(code)) {
        setMotion(code / 10);
        if (dialect === 'plain-moves') tell.fault('cycles-not-kept', line, {});
      } else if (code === 280 || code === 300) use = 'home';
      else if (code === 530) use = 'machine';
      else if (code === 40) use = 'none';
      else if (code === 100) {
        use = 'none';
        rowSet(block, line);
      } else if (code === 650 || code === 660) tell.fault('subprogram', line, { code: `G${code / 10}` });
      else if (offsetName(code, block) !== undefined) {
        state.workOffset = offsetName(code, block);
        tell.offset(state.workOffset ?? '', line);
      } else if (code === 150 || code === 160) {
        setPolar(code === 160, line);
      } else if (MOVES_ZERO.has(code) || ENDS_MOVED.has(code)) {
        use = 'none';
        if (shifts(code, block)) moveZero(`G${code / 10}`, line);
      } else if (!HARMLESS_G.has(code)) unknown(`G${code / 10}`, line);
    }
    return use;
  }

  /** Another way of counting F leaves no F in force: the old figure would mean something else. */
  function setFeedMode(mode: ModalState['feedMode']): void {
    if (state.feedMode !== mode) state.feed = 0;
    state.feedMode = mode;
  }

  /** Two words of one modal group in a line (ISO 6983-1 allows one). */
  function clashes(block: Block, line: number): void {
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
  function rowSet(block: Block, line: number): void {
    const kind = has(block, L) ? (block.value[L] ?? 0) : 0;
    if (kind === 2 || kind === 20) moveZero(`G10 L${kind}`, line);
    else tell.fault('row-set', line, { word: 'G10' });
  }

  /** A local shift of nothing, and the end of a shift there is none of, move no zero. */
  function shifts(code: number, block: Block): boolean {
    if (zeroMoved) return true;
    if (ENDS_MOVED.has(code)) return false;
    return code !== 520 || [X, Y, Z].some((axis) => has(block, axis) && block.value[axis] !== 0);
  }

  /** X and Y as a radius and an angle: what is drawn of them would be wrong. */
  function setPolar(on: boolean, line: number): void {
    if (on && !polar) tell.fault('polar', line, {});
    polar = on;
    state.lost = zeroMoved || polar || turned.some((angle) => angle !== 0);
    if (on) state.x = state.y = NaN;
  }

  function moveZero(word: string, line: number): void {
    zeroMoved = true;
    state.lost = true;
    tell.fault('zero-moved', line, { word });
  }

  /** A rotary axis counts until it is sent back: one at zero says nothing of the others. */
  function turnAxes(block: Block, line: number): void {
    [A, B, C].forEach((axis, i) => {
      if (has(block, axis)) turned[i] = (state.incremental ? (turned[i] ?? 0) : 0) + (block.value[axis] ?? 0);
    });
    tell.fault('rotary-moves', line, {});
    state.lost = zeroMoved || polar || turned.some((angle) => angle !== 0);
  }

  function setMotion(motion: number): void {
    if (state.motion !== motion && !isCycle(state.motion * 10)) cycle = { ...cycle, initial: NaN };
    state.motion = motion;
    if (motion < 0 || motion <= 3) cycle = NO_CYCLE;
  }

  function setUnit(next: LengthUnit, line: number): void {
    if (state.unit !== undefined && state.unit !== next) tell.fault('unit-changes', line, { to: next });
    state.unit = next;
    per = millimetresPer(next);
  }

  function setIncremental(on: boolean, line: number): void {
    if (on && !state.incremental) since = line;
    if (!on) since = 0;
    state.incremental = on;
  }

  function compensate(block: Block, line: number): void {
    compensateBy((block.seen & (1 << H)) !== 0 ? (block.value[H] ?? NaN) : NaN, line);
  }

  function compensateRadius(block: Block, side: 41 | 42, line: number): void {
    state.radius = side;
    const row = has(block, D) ? (block.value[D] ?? 0) : state.tool;
    if (row !== state.tool && row !== 0)
      tell.fault('radius-other', line, { tool: state.tool, D: row }, `${state.tool} ${row}`);
  }

  function compensateBy(row: number, line: number): void {
    tell.length(row, line, state);
    // Another length is another tip: where it is is not known until the next Z.
    if (!Object.is(state.length, row)) state.z = NaN;
    state.length = row;
  }

  /** Whether the program ends here. */
  function miscellaneous(block: Block, line: number): boolean {
    let endsHere = false;
    for (let i = 0; i < block.m.count; i += 1) {
      const code = block.m.codes[i] ?? 0;
      if (code === 30 || code === 40 || code === 130 || code === 140) {
        state.spindle = code === 30 || code === 130 ? 'clockwise' : 'anticlockwise';
        tell.spindle(line, state);
      } else if (code === 50) state.spindle = 'stopped';
      else if (code === 60) {
        state.tool = state.selected;
        state.spindle = 'stopped';
        state.z = NaN;
        tell.change(line, state);
      } else if (code === 0) tell.stop(line, state);
      else if (code === 20 || code === 300) endsHere = true;
      else if (code === 970 || code === 980) tell.fault('subprogram', line, { code: `M${code / 10}` });
      else if (!HARMLESS_M.has(code)) unknown(`M${code / 10}`, line);
    }
    return endsHere;
  }

  const has = (block: Block, letter: number): boolean => (block.seen & (1 << letter)) !== 0;
  const place = (block: Block, letter: number, now: number): number =>
    has(block, letter) ? (state.incremental ? now : 0) + (block.value[letter] ?? 0) * per : now;

  /** By way of the place named, then to a place the machine knows and the program does not. */
  function home(block: Block, line: number): void {
    const names = (axis: number) => has(block, axis) || has(block, axis - 3);
    const any = names(X) || names(Y) || names(Z);
    // U, V and W stand three places before X, Y and Z: the same axes, as distances.
    const by = (axis: number, now: number) =>
      has(block, axis - 3) ? now + (block.value[axis - 3] ?? 0) * per : place(block, axis, now);
    const [x, y, z] = [by(X, state.x), by(Y, state.y), by(Z, state.z)];
    const goes = (to: number, from: number) => !Number.isNaN(to) && to !== from;
    if (any && (goes(x, state.x) || goes(y, state.y) || goes(z, state.z))) go(0, x, y, z, line);
    tell.home(!any || names(X) || names(Y), line, state);
    if (!any || names(X)) state.x = NaN;
    if (!any || names(Y)) state.y = NaN;
    if (!any || names(Z)) state.z = NaN;
  }

  /** A distance from a place that nobody knows. */
  const isFromNowhere = (block: Block): boolean =>
    (has(block, X) && Number.isNaN(next.x)) ||
    (has(block, Y) && Number.isNaN(next.y)) ||
    (has(block, Z) && Number.isNaN(next.z));

  function moves(block: Block, line: number): void {
    const across = has(block, X) || has(block, Y);
    if (state.motion > 3 && isCycle(state.motion * 10)) {
      const starts = hasCode(block, state.motion * 10);
      if (starts || across || has(block, Z))
        cycle = cycleMoves({ block, line, state, cycle, per, dialect, starts }, { ...tell, go });
      return;
    }
    if (!across && !has(block, Z)) return;
    const { seen, value } = block;
    // As `place` has it, for each axis by itself: a figure that is handed back a million times is made as often.
    next.x = (seen & (1 << X)) === 0 ? state.x : (state.incremental ? state.x : 0) + (value[X] ?? 0) * per;
    next.y = (seen & (1 << Y)) === 0 ? state.y : (state.incremental ? state.y : 0) + (value[Y] ?? 0) * per;
    next.z = (seen & (1 << Z)) === 0 ? state.z : (state.incremental ? state.z : 0) + (value[Z] ?? 0) * per;
    // Most controls go at a rapid then, some refuse.
    if (state.motion < 0) tell.fault('no-motion', line, {});
    if (state.incremental && isFromNowhere(block)) tell.fault('incremental-from-nowhere', line, {});
    if (state.motion <= 1) {
      next.kind = Math.max(0, state.motion);
      step(line);
    } else arcMove({ block, line, state, per, to: { ...next } }, { ...tell, go });
  }

  return {
    state,
    ended: () => ended,
    incrementalSince: () => since,
    withoutPoint: () => (pointed >= SURE_OF_POINTS && bare.lines.length > 0 ? bare : undefined),
    block: (block, line) => {
      if (ended) {
        if (block.seen !== 0 || block.g.count + block.m.count > 0) tell.fault('after-end', line, {});
        return;
      }
      if (block.pointed !== 0) pointed += 1;
      if (block.bare !== 0 && bare.lines.length < BARE_KEPT) bareFigure(block, line);
      if (block.twice !== 0) {
        const word = String.fromCharCode(block.twice);
        tell.fault('word-twice', line, { word }, word);
      }
      if (block.optional) tell.fault(isGrave(block) ? 'optional-grave' : 'optional-blocks', line, {});
      const goesHome = hasCode(block, 280) || hasCode(block, 300);
      const strange = block.seen & ~KNOWN_LETTERS & (goesHome ? ~HOME_BY : ~0);
      if (strange !== 0)
        for (let letter = 0; letter < 26; letter += 1)
          if ((strange & (1 << letter)) !== 0) unknown(String.fromCharCode(65 + letter), line);
      if (has(block, T)) state.selected = block.value[T] ?? 0;
      if (has(block, S)) {
        state.speed = block.value[S] ?? 0;
        if (state.spindle !== 'stopped') tell.spindle(line, state);
      }
      const use = block.g.count === 0 ? 'motion' : preparatory(block, line);
      // Inverse time is of one line: it holds for no other.
      if (state.feedMode === 93) state.feed = 0;
      if (has(block, F)) state.feed = (block.value[F] ?? 0) * (state.feedMode === 93 ? 1 : per);
      const endsHere = block.m.count > 0 && miscellaneous(block, line);
      if ((block.seen & ROTARY) !== 0) turnAxes(block, line);
      if (use === 'home') home(block, line);
      else if (use === 'machine') {
        tell.home(has(block, X) || has(block, Y), line, state);
        if (has(block, Z)) tell.machineHeight((block.value[Z] ?? 0) * per, line, state);
        if (has(block, X)) state.x = NaN;
        if (has(block, Y)) state.y = NaN;
        if (has(block, Z)) state.z = NaN;
      } else if (use === 'motion') moves(block, line);
      if (endsHere) ended = true;
    },
  };

  /** A length without a point: a thousandth of it, or less, on some controls. */
  function bareFigure(block: Block, line: number): void {
    const axis = LENGTHS.find((one) => (block.bare & (1 << one)) !== 0);
    if (axis === undefined) return;
    if (bare.lines.length === 0) bare.word = `${String.fromCharCode(axis + 65)}${block.value[axis] ?? 0}`;
    bare.lines.push(line);
  }

  /** A line that sets a length, an offset, a way of counting or a height: without it all that follows is elsewhere. */
  function isGrave(block: Block): boolean {
    if (has(block, Z) || has(block, T)) return true;
    for (let i = 0; i < block.g.count; i += 1) {
      const code = block.g.codes[i] ?? 0;
      if ([200, 210, 430, 490, 900, 910].includes(code) || offsetName(code, block) !== undefined) return true;
    }
    return false;
  }

  function hasCode(block: Block, code: number): boolean {
    for (let i = 0; i < block.g.count; i += 1) if (block.g.codes[i] === code) return true;
    return false;
  }

  function offsetName(code: number, block: Block): string | undefined {
    // With P it is another offset on many controls: never taken for the plain one.
    if (code >= 540 && code <= 590 && code % 10 === 0)
      return code === 540 && has(block, P) ? `G54 P${block.value[P] ?? 0}` : `G${code / 10}`;
    if (code >= 591 && code <= 593) return `G59.${code - 590}`;
    if (code === 541) return `G54.1 P${has(block, P) ? (block.value[P] ?? 0) : '?'}`;
    return undefined;
  }
}
