import type { ProgramRule } from './checks/check';
import { FEED } from './motion/path';
import type { ModalState } from './interpreter/modalState';

/** A place where a program makes a hole. mm in its own frame. */
export interface ProgramHole {
  x: number;
  y: number;
  /** Lowest the tip goes there. */
  bottom: number;
  /** Line it goes deepest in, and the tools that go down there. */
  line: number;
  tools: number[];
}

/** Two holes nearer than this are one place, mm. */
const SAME_PLACE = 0.002;

const placeKey = (x: number, y: number): string => `${Math.round(x / SAME_PLACE)} ${Math.round(y / SAME_PLACE)}`;

/** Gathers holes: those of cycles, and those where a tool feeds straight down and comes straight up again. */
export function gatherHoles(): { check: ProgramRule; holes: () => ProgramHole[] } {
  const holes = new Map<string, ProgramHole>();
  let plunge: { x: number; y: number; bottom: number; line: number } | undefined;
  const made = (x: number, y: number, bottom: number, line: number, tool: number): void => {
    const key = placeKey(x, y);
    const known = holes.get(key);
    if (!known) holes.set(key, { x, y, bottom, line, tools: [tool] });
    else {
      if (bottom < known.bottom) {
        known.bottom = bottom;
        known.line = line;
      }
      if (!known.tools.includes(tool)) known.tools.push(tool);
    }
  };
  return {
    holes: () => [...holes.values()],
    check: {
      hole: (x, y, bottom, line, { tool, lost }) => {
        if (!lost && !Number.isNaN(x + y)) made(x, y, bottom, line, tool);
        plunge = undefined;
      },
      move: ({ kind, x, y, z, line }, state) => {
        if (state.lost) return;
        if (!isUpright(x, y, state)) plunge = undefined;
        else if (z < state.z && kind === FEED)
          plunge = { x, y, bottom: Math.min(z, plunge?.bottom ?? z), line: plunge?.line ?? line };
        else if (z > state.z && plunge) {
          made(plunge.x, plunge.y, plunge.bottom, plunge.line, state.tool);
          plunge = undefined;
        }
      },
    },
  };
}

const isUpright = (x: number, y: number, state: ModalState): boolean => x === state.x && y === state.y;
