import type { Stretch } from './segmentClip';
import type { Box } from '../checkContext';

/** Squares along the longer side of the stock, and the least one, mm. */
const SQUARES = 192;
const LEAST = 0.25;

/** The very surface: to touch it at a rapid is no better than to go in, mm. */
const SURFACE = 1e-6;

/** Heights nearer than this are the same, mm. */
const SAME = 0.01;

/**
 * What of the stock was cut away so far, by squares seen from above, each with the lowest Z that a tool's end went over all of
 * it: so that a rapid in a pocket is told from one through solid stock. mm in the part's frame.
 */
export interface CutAway {
  /** A feed of a tool of this radius, which it has from so far above its tip. */
  cut: (stretch: Stretch, radius: number, point?: number) => void;
  /** Whether a tool of this radius goes along it without meeting what still stands. */
  isOpen: (stretch: Stretch, radius: number) => boolean;
}

/** The stock seen from above, in squares. */
interface Squares {
  size: number;
  count: number;
  /** Goes over the squares within a radius of a place, until one says stop. */
  each: (px: number, py: number, radius: number, visit: (square: number) => boolean) => boolean;
  /** Goes along a stretch, a square at a time. */
  along: (stretch: Stretch, at: (px: number, py: number, pz: number) => boolean) => boolean;
}

/** Squares of the stock; undefined where its outline is not known. */
function squaresOf({ x, y }: Box): Squares | undefined {
  const [wide, deep] = [x[1] - x[0], y[1] - y[0]];
  const size = Math.max(LEAST, Math.max(wide, deep) / SQUARES);
  const across = Math.max(1, Math.ceil(wide / size));
  const rows = Math.max(1, Math.ceil(deep / size));
  if (!Number.isFinite(wide + deep) || across * rows > 4 * SQUARES * SQUARES) return undefined;

  function each(px: number, py: number, radius: number, visit: (square: number) => boolean): boolean {
    const first = Math.max(0, Math.floor((py - radius - y[0]) / size));
    const last = Math.min(rows - 1, Math.floor((py + radius - y[0]) / size));
    for (let row = first; row <= last; row += 1) {
      const off = y[0] + (row + 0.5) * size - py;
      const reach = radius * radius - off * off;
      if (reach < 0) continue;
      const side = Math.sqrt(reach);
      const from = Math.max(0, Math.ceil((px - side - x[0]) / size - 0.5));
      const to = Math.min(across - 1, Math.floor((px + side - x[0]) / size - 0.5));
      for (let column = from; column <= to; column += 1) if (!visit(row * across + column)) return false;
    }
    return true;
  }

  function along({ x0, y0, z0, x1, y1, z1 }: Stretch, at: (px: number, py: number, pz: number) => boolean): boolean {
    const [fx, fy, fz] = [Number.isNaN(x0) ? x1 : x0, Number.isNaN(y0) ? y1 : y0, Number.isNaN(z0) ? z1 : z0];
    const way = Math.hypot(x1 - fx, y1 - fy);
    const steps = Math.max(1, Math.ceil(way / size));
    for (let i = 0; i <= steps; i += 1) {
      const part = i / steps;
      if (!at(fx + part * (x1 - fx), fy + part * (y1 - fy), fz + part * (z1 - fz))) return false;
    }
    return true;
  }

  return { size, count: across * rows, each, along };
}

/** Nothing known of the stock: nothing is ever cut away. */
const NOTHING_OPEN: CutAway = { cut: () => undefined, isOpen: () => false };

export function cutAway(stock: Box): CutAway {
  const squares = squaresOf(stock);
  return squares ? cutIn(squares, stock.z[1]) : NOTHING_OPEN;
}

function cutIn({ size, count, each, along }: Squares, top: number): CutAway {
  let floor: Float64Array | undefined;
  const half = (size * Math.SQRT2) / 2;

  /** Feeds since a rapid was last looked at: seven figures each. Most programs never need them, so nothing is worked out before. */
  let waiting = new Float32Array(7 * 256);
  let feeds = 0;
  const one: Stretch = { x0: NaN, y0: NaN, z0: NaN, x1: NaN, y1: NaN, z1: NaN };

  function cutWaiting(): Float64Array {
    const squares = (floor ??= new Float64Array(count).fill(Infinity));
    for (let i = 0; i < feeds; i += 1) {
      const at = 7 * i;
      one.x0 = waiting[at] ?? NaN;
      one.y0 = waiting[at + 1] ?? NaN;
      one.z0 = waiting[at + 2] ?? NaN;
      one.x1 = waiting[at + 3] ?? NaN;
      one.y1 = waiting[at + 4] ?? NaN;
      one.z1 = waiting[at + 5] ?? NaN;
      // A square is gone where the tool went over all of it.
      const whole = (waiting[at + 6] ?? 0) - half;
      along(
        one,
        (px, py, pz) =>
          pz >= top ||
          each(px, py, whole, (square) => {
            if (pz < (squares[square] ?? -Infinity)) squares[square] = pz;
            return true;
          }),
      );
    }
    feeds = 0;
    return squares;
  }

  return {
    cut: ({ x0, y0, z0, x1, y1, z1 }, radius, point = 0) => {
      if (radius <= half || (z1 + point >= top && !(z0 + point < top))) return;
      const at = 7 * feeds;
      if (at === waiting.length) {
        const more = new Float32Array(2 * at);
        more.set(waiting);
        waiting = more;
      }
      waiting[at] = x0;
      waiting[at + 1] = y0;
      waiting[at + 2] = z0 + point;
      waiting[at + 3] = x1;
      waiting[at + 4] = y1;
      waiting[at + 5] = z1 + point;
      waiting[at + 6] = radius;
      feeds += 1;
    },
    isOpen: (stretch, radius) => {
      if (feeds === 0 && !floor) return false;
      // Squares at the tool's very edge are open where the same tool went before.
      const inner = Math.max(0, radius - 2 * half);
      if (inner < half) return false;
      const squares = cutWaiting();
      return along(
        stretch,
        (px, py, pz) =>
          pz > top + SURFACE || each(px, py, inner, (square) => (squares[square] ?? Infinity) <= pz + SAME),
      );
    },
  };
}
