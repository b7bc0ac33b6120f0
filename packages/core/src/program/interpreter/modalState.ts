import type { LengthUnit } from '../../units/unit';

/** What stays in force from block to block (ISO 6983-1), as far as a program has said it. */
export interface ModalState {
  /** G20 or G21. */
  unit: LengthUnit | undefined;
  /** G91. */
  incremental: boolean;
  /** 0, 1, 2, 3, or a cycle's code; -1 for none. */
  motion: number;
  /** G17, G18, G19. */
  plane: 17 | 18 | 19;
  /** Centres of arcs from the zero instead of from the start: G90.1. */
  absoluteCentres: boolean;
  /** G54 and the like, as a program writes it. */
  workOffset: string | undefined;
  /** H of the length compensation in force; 0 for none, NaN where G43 named no row. */
  length: number;
  /** G41 and G42: 0 for none. */
  radius: 0 | 41 | 42;
  /** The tool the next change brings, and the one in the spindle; 0 before any. */
  selected: number;
  tool: number;
  /** rpm as last said; which way it turns. */
  speed: number;
  spindle: 'stopped' | 'clockwise' | 'anticlockwise';
  /** As last said, mm/min; 0 before any. */
  feed: number;
  /** G93 inverse time, G94 a minute, G95 a turn. */
  feedMode: 93 | 94 | 95;
  /** G98: back to where the cycle began, else to R. */
  toInitial: boolean;
  /** Where the tip is, mm; NaN where the program has not said. */
  x: number;
  y: number;
  z: number;
  /** A rotary axis stands away from zero, or the zero was moved: places do not mean the part's any more. */
  lost: boolean;
}

/** What a control stands at before a program says anything: nothing is taken as known but absolute places. */
export const startingState = (): ModalState => ({
  unit: undefined,
  incremental: false,
  motion: -1,
  plane: 17,
  absoluteCentres: false,
  workOffset: undefined,
  length: 0,
  radius: 0,
  selected: 0,
  tool: 0,
  speed: 0,
  spindle: 'stopped',
  feed: 0,
  feedMode: 94,
  toInitial: true,
  x: NaN,
  y: NaN,
  z: NaN,
  lost: false,
});
