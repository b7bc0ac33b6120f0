import type { Hidden } from './hiddenTruth';
import type { MillEvent } from './events';
import { beginWork, type MillWork } from './works/work';
import type { Between, Contact, Coordinates, MillSpec } from './millSpec';

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
  /** A readout's second zero, for another feature, and which of the two is in sight. */
  second: Coordinates;
  scale: 'absolute' | 'incremental';
  /** So far from its true place it found its own zero the last time. */
  homedOff: Coordinates;
  /** How far the quill is let down, mm, and whether it is locked; where the mill has one. */
  quill: number;
  quillLocked: boolean;
  /** How far it was let down when Z was set last. */
  quillAtZ: number | undefined;
  rpm: number;
  held: Contact | undefined;
  between: Between | undefined;
  /** How often a contact was free to find something again: each time it trips a little elsewhere. */
  arms: number;
  /** It has found something, and was not backed off since. */
  found: boolean;
  /** It presses on what it is to find, and was not backed off since. */
  pressing: boolean;
  /** A block that is tried at the tool has slid under it. */
  under: boolean;
  /** How much had been noticed when it last stood above the part. */
  raisedAt: number;
  /** So far the spindle was turned by hand, degrees, counter-clockwise from above. */
  turned: number;
  /** What an indicator's dial calls nothing, mm of its travel; and how often it has come to read something again. */
  dialZero: number;
  dialReads: number;
  /** The work itself, where more is done with it than touching. */
  work: MillWork | undefined;
  /** How much was done with the work: each thing goes a little otherwise. */
  done: number;
  /** What a gauge said of the work last, mm. */
  measured: number | undefined;
  /** What the caliper said last, mm, of what. */
  caliper: { of: string; value: number } | undefined;
  /** Why nothing moves any more. */
  broken: 'bent' | 'flew-apart' | 'dug-in' | 'thrown' | undefined;
  events: readonly MillEvent[];
}

/** An indicator's zero as it comes out of its box, mm of its travel. */
const MIDDLE_OF_TRAVEL = 0.8;

/** A quill is left let down by so much, mm. */
const LEFT_DOWN = 12;

/** High above and away from the part; over the middle of the work along an axis that cannot be moved. */
function startAt({ axes = ['x', 'y', 'z'] }: MillSpec, { corner, size, bore }: Hidden): Coordinates {
  const over = (axis: 'x' | 'y') => (axes.includes(axis) ? 0 : corner[axis] + (bore?.[axis] ?? size[axis] / 2));
  return { x: over('x'), y: over('y'), z: 0 };
}

/** A mill as somebody left it: nothing in the spindle, which stands high above and away from the part. */
export function createMill(spec: MillSpec, hidden: Hidden): Mill {
  const start = startAt(spec, hidden);
  return {
    spec,
    hidden,
    screw: start,
    at: start,
    zero: { x: 0, y: 0, z: 0 },
    second: { x: 0, y: 0, z: 0 },
    scale: 'absolute',
    homedOff: { x: 0, y: 0, z: 0 },
    // As somebody left it.
    quill: spec.quill ? LEFT_DOWN : 0,
    quillLocked: false,
    quillAtZ: undefined,
    rpm: 0,
    held: spec.contacts.find(({ id }) => id === spec.holds),
    between: undefined,
    arms: 0,
    found: false,
    pressing: false,
    under: false,
    raisedAt: 0,
    turned: 0,
    dialZero: MIDDLE_OF_TRAVEL,
    dialReads: 0,
    work: beginWork(spec, hidden.seed),
    done: 0,
    measured: undefined,
    caliper: undefined,
    broken: undefined,
    events: [],
  };
}
