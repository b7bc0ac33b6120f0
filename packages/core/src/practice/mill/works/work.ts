import { chance } from '../../../metrology/chance';
import type { SpringyBar } from './bar';
import type { MillSpec, WorkKind } from '../millSpec';

/** How the work stands now, as only the mill knows it. Lengths mm, angles degrees unless said. */
export type MillWork =
  /** The jaw's turn, counter-clockwise from above, in radians; its bolts; and how far the indicator went along it since they were touched. */
  | { kind: 'vise'; turn: number; tight: boolean; gone: number }
  /** How far a part stands off its parallels at either side; whether the vise is tight; which parallel moved as they were tried. */
  | {
      kind: 'seat';
      off: { left: number; right: number };
      tight: boolean;
      tried: { left: boolean; right: boolean } | undefined;
    }
  /** How far a table with its part has been moved; whether it is bolted, and was swept since. */
  | { kind: 'table'; moved: { x: number; y: number }; tight: boolean; swept: boolean }
  /** How far the head leans to the right and away from the operator, radians. */
  | { kind: 'head'; lean: { x: number; y: number } }
  /** The part's middle off the table's, toward its marks 0 and 90; the mark that looks at the operator; parallels under it. */
  | {
      kind: 'chuck';
      off: readonly [number, number];
      mark: number;
      parallels: boolean;
      /** Tapped so far since the table was turned, and how far it stood out before, mm. */
      tapped: { by: number; out: number } | undefined;
    }
  /** The table's command, and +1 where a plus one turns the tool right-handed about the part (ISO 841), −1 the other way; where its axis is in Y and Z in the mill's own frame; and its face above that. */
  | { kind: 'tilt'; command: number; sense: 1 | -1; axis: { y: number; z: number }; face: number }
  /** What the head is set to, and the bore as it is, on the diameter; the share of a setting that is cut, and what is lost. */
  | {
      kind: 'boring';
      set: number;
      dialZero: number;
      locked: boolean;
      indicator: boolean;
      bore: number;
      spring: SpringyBar;
      /** So far the slide goes as it is locked. */
      locks: number;
      cuts: number;
    }
  /** How much came off the top, in how many passes. */
  | { kind: 'facing'; off: number; passes: number };

export type WorkOf<K extends WorkKind> = Extract<MillWork, { kind: K }>;

/** Parts these draws from the part's own. */
const WORKS = 0x90b5;

/** A jaw is out by so much at least and at most, and a head leans by so much, radians; a part in a chuck by so much, mm. */
const JAW = { least: 0.0006, most: 0.0025 };
const LEAN = { least: 0.0004, most: 0.0015 };
const CHUCK = { least: 0.08, most: 0.3 };

/** Where the table's axis is, mm from the frame's own zero, and its face above it. */
const AXIS = { y: { least: 60, most: 66 }, z: { least: -190, most: -180 }, face: { least: 3, most: 6 } };

/** The bore before the first cut, mm; how far locking moves the slide, on the diameter; how much of a setting a bar cuts. */
const BORE = { least: 25.3, most: 25.5 };
const LOCKS = { least: 0.02, most: 0.035 };
const SPRING = { least: 0.72, most: 0.95 };

/** The work as somebody left it. */
export function beginWork({ work, bore, sense = 1 }: MillSpec, seed: number): MillWork | undefined {
  const { between, normal } = chance(seed + WORKS);
  const side = () => (normal() < 0 ? -1 : 1);
  switch (work) {
    case undefined:
      return undefined;
    case 'vise':
      return { kind: work, turn: side() * between(JAW.least, JAW.most), tight: false, gone: 0 };
    case 'head':
      return {
        kind: work,
        lean: { x: side() * between(LEAN.least, LEAN.most), y: side() * between(LEAN.least, LEAN.most) },
      };
    case 'seat':
      return { kind: work, off: { left: 0, right: 0 }, tight: false, tried: undefined };
    case 'table':
      return { kind: work, moved: { x: 0, y: 0 }, tight: false, swept: false };
    case 'chuck':
      return {
        kind: work,
        off: [side() * between(CHUCK.least, CHUCK.most), side() * between(CHUCK.least, CHUCK.most)],
        mark: 0,
        parallels: true,
        tapped: undefined,
      };
    case 'tilt':
      return {
        kind: work,
        command: 0,
        sense,
        axis: { y: between(AXIS.y.least, AXIS.y.most), z: between(AXIS.z.least, AXIS.z.most) },
        face: between(AXIS.face.least, AXIS.face.most),
      };
    case 'boring': {
      const start = bore ? bore.diameter : between(BORE.least, BORE.most);
      const wide = start + between(-0.1, 0.1);
      return {
        kind: work,
        // The bar was brought to the wall before.
        set: wide,
        dialZero: wide / 2,
        locked: true,
        indicator: false,
        bore: wide,
        spring: { k: between(SPRING.least, SPRING.most), c: 0 },
        locks: side() * between(LOCKS.least, LOCKS.most),
        cuts: 0,
      };
    }
    case 'facing':
      return { kind: work, off: 0, passes: 0 };
  }
}
