import { RAPID, type Path } from '@zero-point/core/program/motion/path';
import type { View } from './view';

/** The path as it is seen: from above, X across and Y up; from the front, X across and Z up. */
export type Side = 'above' | 'front';

/** One line to draw: how the tool goes there, which of the program's tools it is, and the path of it. */
export interface Trace {
  rapid: boolean;
  tool: number;
  d: string;
}

/** A stretch whose ends and middle lie on dots that are drawn already shows nothing new; a dot is so wide, px. */
const DOT = 1.6;

/** Dots of a drawing that are drawn already. */
function createDots(width: number, height: number) {
  const across = Math.ceil(width / DOT) + 1;
  const dots = new Uint8Array(across * (Math.ceil(height / DOT) + 1));
  return {
    /** Takes a stretch in; whether it shows anything new. */
    takes: (x0: number, y0: number, x1: number, y1: number): boolean => {
      const steps = Math.min(4096, Math.max(1, Math.ceil(Math.max(Math.abs(x1 - x0), Math.abs(y1 - y0)) / DOT)));
      let isNew = false;
      for (let i = 0; i <= steps; i += 1) {
        const x = x0 + ((x1 - x0) * i) / steps;
        const y = y0 + ((y1 - y0) * i) / steps;
        if (x < 0 || y < 0 || x > width || y > height) continue;
        const dot = Math.floor(y / DOT) * across + Math.floor(x / DOT);
        if (dots[dot] === 0) isNew = true;
        dots[dot] = 1;
      }
      return isNew;
    },
  };
}

/**
 * A program's path as lines of a drawing, tool by tool, rapids and feeds apart. What falls on dots that are drawn already
 * is left out, and so is what is out of sight: however long the program, the drawing holds no more than it has dots.
 *
 * @param view where mm of the program's own frame fall, px
 */
export function programTraces(path: Path, side: Side, view: View, width: number, height: number): Trace[] {
  const across = path.x;
  const up = side === 'above' ? path.y : path.z;
  const dots = { rapid: createDots(width, height), feed: createDots(width, height) };
  const lines = new Map<number, string[]>();
  let drawnTo = -1;
  let drawnKey = -1;
  // Half a million times: nothing is made that can be done without.
  let x1 = view.x(across[0] ?? NaN);
  let y1 = view.y(up[0] ?? NaN);
  for (let i = 1; i < path.count; i += 1) {
    const x0 = x1;
    const y0 = y1;
    x1 = view.x(across[i] ?? NaN);
    y1 = view.y(up[i] ?? NaN);
    if (Number.isNaN(x0 + y0 + x1 + y1) || isOutside(x0, x1, width) || isOutside(y0, y1, height)) continue;
    const rapid = path.kind[i] === RAPID;
    if (!(rapid ? dots.rapid : dots.feed).takes(x0, y0, x1, y1)) continue;
    const key = (path.tool[i] ?? 0) * 2 + (rapid ? 1 : 0);
    const line = lines.get(key) ?? [];
    if (line.length === 0) lines.set(key, line);
    if (drawnTo !== i - 1 || drawnKey !== key) line.push(`M${x0.toFixed(1)} ${y0.toFixed(1)}`);
    line.push(`L${x1.toFixed(1)} ${y1.toFixed(1)}`);
    drawnTo = i;
    drawnKey = key;
  }
  return [...lines].map(([key, line]) => ({ rapid: key % 2 === 1, tool: key >> 1, d: line.join('') }));
}

const isOutside = (a: number, b: number, most: number): boolean => (a < 0 && b < 0) || (a > most && b > most);
