import type { Axis } from '../../schema/quantities';

/** What goes into the spindle and finds a face or a height, by how it shows that it has. */
export type ContactKind =
  'spring-finder' | 'bearing-finder' | 'contact-light' | 'probe' | 'pin' | 'cutter' | 'indicator' | 'plug';

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
  /** Fastest it may turn, rpm. */
  mostRpm?: number;
  /** It is held by three jaws that were never meant to be true. */
  inChuck?: true;
  /** How far its end may stand off the spindle's axis: standard deviation, mm. */
  runsOut?: number;
}

/** What is held between the contact and the part, or slipped under it. */
export interface Between {
  id: string;
  name: string;
  kind: 'feeler' | 'paper' | 'block' | 'plate' | 'setter' | 'sensor' | 'stand';
  /** Marked thickness, mm; of a sensor on its arm what it stands below the cutter, of an indicator on its stand where it is read above the tip. */
  thickness: number;
  /** It may be so much thinner than it is marked, mm, at least and at most. */
  thinner?: { least: number; most: number };
}

export interface MillBore {
  x: number;
  y: number;
  diameter: number;
  /** A ring that was measured: as wide as it says. */
  ring?: true;
}

export type Coordinates = Readonly<Record<Axis, number>>;

/** What can be seen of a mill, and what lies beside it. */
export interface MillSpec {
  /** The display's step, mm; where the collars are read, a line of them. */
  step: Coordinates;
  /** What is read: scales on the table, or the collars of the handwheels, which go with the screw. */
  reads: 'table' | 'screw';
  /** Turn its handwheels, where they are not as usual: travel of one turn, mm, and lines. */
  wheels?: Partial<Readonly<Record<Axis, { perTurn: number; lines: number }>>>;
  /** Play of each screw in its nut, mm. */
  play: Coordinates;
  contacts: readonly Contact[];
  betweens: readonly Between[];
  /** Size of the part as it is drawn, mm. */
  part: Coordinates;
  /** It lies turned in its vise, nobody knows how far. */
  turned?: true;
  /** A bore through it: its centre from the front left corner, and its diameter, as they are drawn, mm. */
  bore?: MillBore;
  /** A boss on it, the same. */
  boss?: MillBore;
  /** Its DRO keeps a second zero for another feature. */
  twoZeros?: true;
  /** The spindle's quill can be let down and locked apart from the knee. */
  quill?: true;
  /** Axes that can be moved; all three where it is left out. */
  axes?: readonly Axis[];
  /** It finds its own zero by switches, each time a little elsewhere: standard deviation, mm. */
  homes?: number;
  /** What is in the spindle when it begins; nothing where it is left out. */
  holds?: string;
  /** Which way its table tilts: +1 as ISO 841 has it, where it is left out. */
  sense?: 1 | -1;
  /** What else can be done there than moving and touching. */
  work?: WorkKind;
}

/**
 * A head that leans, a jaw to be lined up, a part to be tapped down onto its parallels, a rotary table to be brought under
 * the spindle, a part in a chuck that turns, a table that tilts, a bore to be cut to size, a face to height.
 */
export type WorkKind = 'head' | 'vise' | 'seat' | 'table' | 'chuck' | 'tilt' | 'boring' | 'facing';
