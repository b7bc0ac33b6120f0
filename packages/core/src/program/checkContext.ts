import type { Stale } from '../zAndTools/stale';
import type { LengthUnit } from '../units/unit';
import type { Machine } from '../records/shop/machine';
import type { DialectName } from '../records/values/dialects';

/** A place between two corners, mm. */
export interface Box {
  name: string;
  x: readonly [number, number];
  y: readonly [number, number];
  z: readonly [number, number];
}

/** A tool as it is known where the program will run. Lengths in mm. */
export interface SetTool {
  number: number;
  name: string;
  diameter: number;
  /** Cuts with its point: how wide a hole it makes hangs on how deep it goes. */
  pointed: boolean;
  /** How far above its tip it has its full diameter: a drill's point, the round end of a ball mill; 0 where it is left out. */
  point?: number | undefined;
  /** A tap's pitch. */
  pitch?: number | undefined;
  /** As the machine's table has it; null where nobody measured it. */
  length: number | null;
  /** What is not as it was when its length was kept; null where it is. */
  stale: Stale | null;
}

/** A position in hand, in the program's frame. mm. */
export interface SetHole {
  x: number;
  y: number;
  diameter: number;
  /** How far the deepest tool's point goes below the part's top; null where nobody said. */
  tip: number | null;
}

type Axes<T> = Partial<Record<'x' | 'y' | 'z', T>>;

/**
 * What a program is held against: everything that was set, in the program's own frame (part zero, machine's axes, mm).
 * What is left out is not known, and nothing is held against it.
 */
export interface CheckContext {
  unit: LengthUnit;
  dialect: DialectName;
  /** The work offset that was set; undefined where the machine has but one. */
  workOffset?: string | undefined;
  /** Axes of part zero that nobody set. */
  unset: readonly ('X' | 'Y' | 'Z')[];
  /** The machine was homed or left since, and nobody proved that zero stands. */
  inDoubt: boolean;
  /** An air cut is in force: Z zero is raised by so much. */
  lift: number;
  /** Whether the machine keeps a table of tool lengths. */
  keepsTable: boolean;
  /** Whose length is none, where lengths count from a tool. */
  referenceTool?: number | undefined;
  /** The tool Z was set with: without a table it is the only one that may run without being touched. */
  zSetWith?: number | undefined;
  /** The tool Z was set with, where it was re-clamped, ground or exchanged since: Z is not where it was. */
  zToolChanged?: number | undefined;
  tools: readonly SetTool[];
  /** The finder that the log last saw in the spindle, and how fast it may turn: rpm, 0 where it must stand. */
  gaugeIn?: { name: string; mostRpm: number } | undefined;
  limits: NonNullable<Machine['limits']>;
  /** The stock: sides that nobody told are left out with the whole. */
  stock?: Box | undefined;
  /** How far the part lies turned in the machine's axes, degrees. */
  turn: number;
  /** Room under the part, mm: how far a tool may come through. */
  room?: number | undefined;
  /** Above the stock, mm: where tools move across. */
  clear?: number | undefined;
  /** Clamps, jaws, screws, in the part's frame from part zero. */
  boxes: readonly Box[];
  /** Rapids go in a straight line; else each axis goes at its own full speed until it is there. */
  rapidsStraight?: boolean | undefined;
  holes: readonly SetHole[];
  /** Machine coordinates of part zero, and travel, where the machine counts from its own zero. */
  offset: Axes<number>;
  travel: Axes<number>;
}
