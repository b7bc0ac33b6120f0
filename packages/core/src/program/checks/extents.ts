import type { Move } from '../interpreter/listener';
import { FEED } from '../motion/path';
import type { ModalState } from '../interpreter/modalState';
import type { ProgramRule, CheckOf } from './check';

/** How far something goes along one axis, mm. */
export interface Span {
  least: number;
  most: number;
}

export const emptySpan = (): Span => ({ least: Infinity, most: -Infinity });

/** Takes a place into a span; what is not known is left out. */
export function widen(span: Span, at: number): void {
  if (at < span.least) span.least = at;
  if (at > span.most) span.most = at;
}

export const isEmptySpan = ({ least, most }: Span): boolean => least > most;

/** How far the program goes, all of it and what it cuts; each axis. mm in the program's frame. */
export interface Extents {
  all: Record<'x' | 'y' | 'z', Span>;
  cut: Record<'x' | 'y' | 'z', Span>;
}

export const emptyExtents = (): Extents => ({
  all: { x: emptySpan(), y: emptySpan(), z: emptySpan() },
  cut: { x: emptySpan(), y: emptySpan(), z: emptySpan() },
});

/** Program's extents, gathered; and held against the machine's travel where the machine counts from its own zero. */
export function extentsCheck({ set, findings }: CheckOf, extents: Extents): ProgramRule {
  const lengths = new Map(set.tools.map(({ number, length }) => [number, length]));
  /** Z of the gauge line in machine coordinates, from Z zero. */
  const spindle = emptySpan();
  const lines = { x: [0, 0], y: [0, 0], z: [0, 0] };
  const { all, cut } = extents;
  let inHand = NaN;
  let length = NaN;
  return {
    move: (next, state) => {
      widenAll(next, all, lines);
      if (next.kind === FEED) widenCut(next, state, cut);
      if (!set.keepsTable) return;
      if (state.tool !== inHand) {
        inHand = state.tool;
        length = inHand === set.referenceTool ? 0 : (lengths.get(inHand) ?? NaN);
      }
      widen(spindle, next.z + length);
    },
    end: () => {
      for (const axis of ['x', 'y', 'z'] as const) {
        const travel = set.travel[axis];
        const span = axis === 'z' ? spindle : extents.all[axis];
        if (travel === undefined || isEmptySpan(span)) continue;
        const offset = set.offset[axis];
        const by = beyond(span, travel, offset, axis);
        if (by > 1e-6)
          findings.add(
            'travel',
            lines[axis][offset !== undefined && offset + span.least < -travel ? 0 : 1] ?? 0,
            { axis: axis.toUpperCase() as 'X' | 'Y' | 'Z', by },
            axis,
          );
      }
    },
  };
}

/** Takes a place into spans, and notes the lines that take them furthest. Axis by axis: a million places come. */
function widenAll({ x, y, z, line }: Move, all: Extents['all'], lines: Record<'x' | 'y' | 'z', number[]>): void {
  if (x < all.x.least) {
    all.x.least = x;
    lines.x[0] = line;
  }
  if (x > all.x.most) {
    all.x.most = x;
    lines.x[1] = line;
  }
  if (y < all.y.least) {
    all.y.least = y;
    lines.y[0] = line;
  }
  if (y > all.y.most) {
    all.y.most = y;
    lines.y[1] = line;
  }
  if (z < all.z.least) {
    all.z.least = z;
    lines.z[0] = line;
  }
  if (z > all.z.most) {
    all.z.most = z;
    lines.z[1] = line;
  }
}

/** Takes a cut into spans: it begins where the move before it ended. */
function widenCut({ x, y, z }: Move, from: ModalState, cut: Extents['cut']): void {
  widen(cut.x, from.x);
  widen(cut.y, from.y);
  widen(cut.x, x);
  widen(cut.y, y);
  widen(cut.z, z);
}

/**
 * How far a span goes beyond the travel, mm. A machine's own zero is at one end of its travel, which end is seen from the
 * offset's sign; up is zero along Z. Where no offset is known only the span's own length can be held against it.
 */
function beyond({ least, most }: Span, travel: number, offset: number | undefined, axis: 'x' | 'y' | 'z'): number {
  if (offset === undefined) return axis === 'z' ? 0 : most - least - travel;
  const [low, high] = axis === 'z' || offset < 0 ? [-travel, 0] : [0, travel];
  return Math.max(low - (offset + least), offset + most - high);
}
