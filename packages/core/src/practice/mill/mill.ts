import type { Axis } from '../../schema/quantities';
import type { Hidden } from './hidden';
import type { MillEvent } from './events';

/** What goes into the spindle and finds a face or a height, by how it shows that it has. */
export type ContactKind = 'spring-finder' | 'bearing-finder' | 'pin' | 'cutter';

export interface Contact {
  id: string;
  name: string;
  kind: ContactKind;
  /** Marked diameter, mm. */
  diameter: number;
  /** From the spindle's nose to its end, mm; of a cutter only about. */
  length: number;
  /** How far its length may be from that, mm: standard deviation. */
  sticksOut?: number;
  /** Fastest it may turn, rev/min. */
  mostRpm?: number;
}

/** What is held between the contact and the part, or slipped under it. */
export interface Between {
  id: string;
  name: string;
  kind: 'feeler' | 'paper' | 'block';
  /** Marked thickness, mm. */
  thickness: number;
}

export interface Bore {
  x: number;
  y: number;
  diameter: number;
}

export type Coordinates = Readonly<Record<Axis, number>>;

/** What can be seen of a mill, and what lies beside it. */
export interface MillSpec {
  /** The display's step, mm; where the collars are read, a line of them. */
  step: Coordinates;
  /** What is read: scales on the table, or the collars of the handwheels, which go with the screw. */
  reads: 'table' | 'screw';
  /** Play of each screw in its nut, mm. */
  play: Coordinates;
  contacts: readonly Contact[];
  betweens: readonly Between[];
  /** Size of the part as it is drawn, mm. */
  part: Coordinates;
  /** A bore through it: its centre from the front left corner, and its diameter, as they are drawn, mm. */
  bore?: Bore;
}

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
  broken: undefined,
  events: [],
});
