import { millimetresPer, type LengthUnit } from '../../units/unit';
import type { DialectName } from '../../records/values/dialects';
import { NO_CYCLE, type Cycle } from '../motion/cycle';
import type { Listener, Move } from './listener';
import { startingState, type ModalState } from './modalState';

/** A program as it runs: what is in force, and what of it only the interpreter needs. */
export interface Run {
  readonly tell: Listener;
  readonly state: ModalState;
  readonly dialect: DialectName;
  cycle: Cycle;
  ended: boolean;
  /** The line since when incremental coordinates are in force; 0 while they are not. */
  since: number;
  /** A shift or scale of the zero is in force. */
  zeroMoved: boolean;
  polar: boolean;
  /** How many whole lengths had their point. */
  pointed: number;
  /** Lengths without a point, and the first such word. */
  bare: { lines: number[]; word: string };
  /** How far A, B and C are from zero, degrees. */
  turned: number[];
  /** Millimetres of one unit of the program. */
  per: number;
  /** One object for a million moves: figures handed over one by one would each be made again. */
  next: Move;
}

export const startRun = (unit: LengthUnit, dialect: DialectName, tell: Listener): Run => ({
  tell,
  state: startingState(),
  dialect,
  cycle: NO_CYCLE,
  ended: false,
  since: 0,
  zeroMoved: false,
  polar: false,
  pointed: 0,
  bare: { lines: [], word: '' },
  turned: [0, 0, 0],
  per: millimetresPer(unit),
  next: { kind: 0, x: NaN, y: NaN, z: NaN, line: 0 },
});

/** Goes straight to a place. */
export function go(run: Run, kind: number, x: number, y: number, z: number, line: number): void {
  run.next.kind = kind;
  run.next.x = x;
  run.next.y = y;
  run.next.z = z;
  step(run, line);
}

/** Goes where `next` says. */
export function step(run: Run, line: number): void {
  const { state, tell } = run;
  run.next.line = line;
  tell.move(run.next, state);
  state.x = run.next.x;
  state.y = run.next.y;
  state.z = run.next.z;
}

/** A word that is not known here. */
export function unknown(run: Run, word: string, line: number): void {
  const { tell } = run;
  tell.fault('unknown-word', line, { word }, word);
}

/** Places mean the part's no more where the zero was moved, X and Y are polar, or a rotary axis is away from zero. */
export function markLost({ state, zeroMoved, polar, turned }: Run): void {
  state.lost = zeroMoved || polar || turned.some((angle) => angle !== 0);
}
