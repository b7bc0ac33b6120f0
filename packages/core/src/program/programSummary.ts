import type { LengthUnit } from '../units/unit';
import type { ProgramRule } from './checks/check';
import type { Extents } from './checks/extents';
import type { HolesSummary } from './compareHoles';
import { FEED } from './motion/path';

/** A tool as a program uses it. mm. */
export interface ToolSummary {
  number: number;
  /** H in force while it cuts; 0 for none, NaN where G43 named no row. */
  H: number;
  /** Lowest its tip goes. */
  lowest: number;
}

/** What a program believes, to be held beside what was set. */
export interface ProgramSummary {
  unit: LengthUnit | undefined;
  offsets: string[];
  tools: ToolSummary[];
  extents: Extents;
  holes: HolesSummary;
  /** Lowest the tools go across at a rapid, mm; null where they never do. */
  lowestAcross: number | null;
  lines: number;
  stretches: number;
  /** The last line that was checked: short of the end where something stopped the reading. */
  checkedTo: number;
}

/** Gathers what a program uses, tool by tool. */
export function summarizeProgram() {
  const tools: ToolSummary[] = [];
  const offsets: string[] = [];
  const places = new Map<number, number>();
  let unit: LengthUnit | undefined;
  let lowestAcross: number | null = null;
  let inHand: ToolSummary | undefined;
  const toolOf = (number: number): ToolSummary => {
    const place = places.get(number);
    const known = place === undefined ? undefined : tools[place];
    if (known) return known;
    const made = { number, H: 0, lowest: Infinity };
    places.set(number, tools.length);
    tools.push(made);
    return made;
  };
  const check: ProgramRule = {
    change: (_line, { tool }) => {
      inHand = toolOf(tool);
    },
    offset: (name) => {
      if (!offsets.includes(name)) offsets.push(name);
    },
    move: ({ kind, x, y, z }, state) => {
      unit ??= state.unit;
      inHand ??= toolOf(state.tool);
      if (z < inHand.lowest) inHand.lowest = z;
      if (kind === FEED) {
        inHand.H = state.length;
      } else if (
        !Number.isNaN(z) &&
        z === state.z &&
        (x !== state.x || y !== state.y) &&
        z < (lowestAcross ?? Infinity)
      )
        lowestAcross = z;
    },
  };
  return {
    check,
    /** Which of the program's tools is in the spindle, by its place. */
    place: (number: number) => places.get(number) ?? 0,
    told: () => ({ unit, offsets, tools, lowestAcross }),
  };
}
