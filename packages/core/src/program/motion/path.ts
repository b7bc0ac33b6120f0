import type { Move } from '../interpreter/listener';

/** How the tool goes along a stretch of its path. */
export const RAPID = 0;
export const FEED = 1;

/**
 * Where a program takes the tips of its tools: straight stretches one after the other, arcs as chords. Each entry is the end
 * of a stretch; its beginning is the entry before. mm in the program's own frame; NaN where the program alone does not say.
 */
export interface Path {
  count: number;
  x: Float32Array;
  y: Float32Array;
  z: Float32Array;
  /** RAPID or FEED. */
  kind: Uint8Array;
  /** The line it stands in, from 1. */
  line: Uint32Array;
  /** Which of the program's tools, by its place among them. */
  tool: Uint16Array;
}

/** A path that grows. */
export interface PathWriter {
  add: (to: Move, tool: number) => void;
  /** As far as it came, cut to its length. */
  path: () => Path;
}

function blank(size: number): Omit<Path, 'count'> {
  return {
    x: new Float32Array(size),
    y: new Float32Array(size),
    z: new Float32Array(size),
    kind: new Uint8Array(size),
    line: new Uint32Array(size),
    tool: new Uint16Array(size),
  };
}

/** Begins a path; with an idea of how many stretches it will have. */
export function writePath(about = 0): PathWriter {
  let size = Math.max(256, about);
  let count = 0;
  let kept = blank(size);
  function grow(): void {
    size *= 2;
    const wider = blank(size);
    for (const name of ['x', 'y', 'z', 'kind', 'line', 'tool'] as const) wider[name].set(kept[name]);
    kept = wider;
  }
  return {
    add: ({ kind, x, y, z, line }, tool) => {
      if (count === size) grow();
      kept.x[count] = x;
      kept.y[count] = y;
      kept.z[count] = z;
      kept.kind[count] = kind;
      kept.line[count] = line;
      kept.tool[count] = tool;
      count += 1;
    },
    path: () => ({
      count,
      x: kept.x.slice(0, count),
      y: kept.y.slice(0, count),
      z: kept.z.slice(0, count),
      kind: kept.kind.slice(0, count),
      line: kept.line.slice(0, count),
      tool: kept.tool.slice(0, count),
    }),
  };
}
