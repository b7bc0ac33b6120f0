import type { FindingCode, FindingFigures } from '../finding';
import type { ModalState } from './modalState';

/** A straight stretch: how the tip goes, where to, mm, and the line that says so. Used again for the next one. */
export interface Move {
  kind: number;
  x: number;
  y: number;
  z: number;
  line: number;
}

/** What happens as a program runs. */
export interface Listener {
  /** The tip goes straight from where the state has it; the state still stands at the beginning. */
  move: (move: Move, state: ModalState) => void;
  /** A tool goes into the spindle. */
  change: (line: number, state: ModalState) => void;
  /** A drilling cycle makes a hole. */
  hole: (x: number, y: number, bottom: number, line: number, state: ModalState) => void;
  /** The program stops and waits. */
  stop: (line: number, state: ModalState) => void;
  /** A work offset is called for. */
  offset: (name: string, line: number) => void;
  /** Length compensation is called for: H, NaN where it names none, 0 where it ends. */
  length: (H: number, line: number, state: ModalState) => void;
  /** Axes go to a place the machine knows and the program does not, at a rapid; the state still has where from. */
  home: (across: boolean, line: number, state: ModalState) => void;
  /** Z goes to a height in machine coordinates (G53), mm. */
  machineHeight: (z: number, line: number, state: ModalState) => void;
  /** The spindle is set turning or its speed changed. */
  spindle: (line: number, state: ModalState) => void;
  fault: <C extends FindingCode>(code: C, line: number, figures: FindingFigures[C], key?: string) => void;
}

/** Ways out of a block that makes many moves: each stretch, and what is wrong. */
export interface Ways extends Pick<Listener, 'fault' | 'hole'> {
  go: (kind: number, x: number, y: number, z: number, line: number) => void;
}
