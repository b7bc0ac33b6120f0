import type { Hidden } from './hidden';
import type { MillEvent } from './events';
import type { Between, Contact, Coordinates, MillSpec } from './spec';

/**
 * A mill with a part on it, at one moment. Coordinates are the spindle's nose relative to a frame that only the mill knows
 * (ISO 841: X right, Y away, Z up), mm; nothing is rounded.
 */
export interface Mill {
  spec: MillSpec;
  hidden: Hidden;
  /** Where the screws are, and where the table is that they push. */
  screw: Coordinates;
  at: Coordinates;
  /** What the scales call nothing. */
  zero: Coordinates;
  rpm: number;
  held: Contact | undefined;
  between: Between | undefined;
  /** How often a contact was free to find something anew: each time it trips a little elsewhere. */
  arms: number;
  /** It has found something, and was not backed off since. */
  found: boolean;
  /** It presses on what it is to find, and was not backed off since. */
  pressing: boolean;
  /** A block that is tried at the tool has slid under it. */
  under: boolean;
  /** How much had been noticed when it last stood above the part. */
  raisedAt: number;
  /** What the caliper said last, mm, of what. */
  caliper: { of: string; value: number } | undefined;
  /** Why nothing moves any more. */
  broken: 'bent' | 'flew-apart' | 'dug-in' | undefined;
  events: readonly MillEvent[];
}

const START: Coordinates = { x: 0, y: 0, z: 0 };

/** A mill as somebody left it: nothing in the spindle, which stands high above and away from the part. */
export const createMill = (spec: MillSpec, hidden: Hidden): Mill => ({
  spec,
  hidden,
  screw: START,
  at: START,
  zero: { x: 0, y: 0, z: 0 },
  rpm: 0,
  held: undefined,
  between: undefined,
  arms: 0,
  found: false,
  pressing: false,
  under: false,
  raisedAt: 0,
  caliper: undefined,
  broken: undefined,
  events: [],
});
