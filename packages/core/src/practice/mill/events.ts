import type { Approach, Axis } from '../../schema/quantities';
import type { Surface } from './surface';
import type { Coordinates } from './millSpec';

/** What stands at the part, and where. */
export interface Touching {
  surface: Surface;
  contact: string;
  between: string | undefined;
}

/** Something a mill notices of what is done with it. Only marking reads them. */
export type MillEvent = {
  /** Scale readingsed then, mm. */
  shown: Coordinates;
} & (
  | {
      kind: 'found';
      surface: Surface;
      /** Moved toward + as it found it, or toward −; by the last move, whichever axis that was. */
      axis: Axis;
      way: Approach;
      contact: string;
      between: string | undefined;
    }
  /** Pushed against the part without a chance to show it: a finder that must turn stood still. */
  | { kind: 'pushed-still'; surface: Surface; contact: string }
  /** Touched while it turned, though it must stand. */
  | { kind: 'touched-turning'; surface: Surface; contact: string; between: string | undefined }
  /** A hand went to the spindle while it turned: to change what is in it, or to hold something there. */
  | { kind: 'hand-at-turning' }
  /** The spindle was started with the clip of a plate still on the tool. */
  | { kind: 'clip-on' }
  /** Started with a sensor's arm in the way, or with the indicator on the boring head. */
  | { kind: 'sensor-in' }
  | { kind: 'indicator-on' }
  /** A part in a chuck was tapped away by so much where it stood so far out, mm. */
  | { kind: 'tapped'; by: number; out: number }
  | { kind: 'parallels-in' }
  /** Z was set with the part off its parallels by so much, mm. */
  | { kind: 'unseated'; by: number }
  /** Something was touched from above with the quill elsewhere than when Z was set. */
  | { kind: 'quill-moved' }
  /** The table was tilted into what stood low over it. */
  | { kind: 'swung-into' }
  /** A bore was cut at a setting, mm on the diameter. */
  | { kind: 'cut'; set: number }
  | { kind: 'too-deep' }
  /** A turning drill has marked the part: where, mm from its front left corner. */
  | { kind: 'spotted'; at: { x: number; y: number } }
  | { kind: 'too-fast'; contact: string; rpm: number; most: number }
  | { kind: 'lowered-onto'; between: string }
  /** Something gave way; `crossing` where it had left a side it had found, and was not raised since. */
  | { kind: 'crash'; surface: Surface; axis: Axis; crossing: boolean }
  /** A scale was given a figure; with what it was found by, where it still stands there. */
  | { kind: 'set'; axis: Axis; value: number; scale: 'absolute' | 'incremental'; touching: Touching | undefined }
);
