import type { Alignment } from '../records/setup/alignment';

/** The two scales a plug is read on, as places. */
export const PLUG_PLACES = { x: 0, y: 1 } as const;

/** Evenly from the first place to the last, both included. */
const spread = (from: number, to: number, n: number): number[] =>
  Array.from({ length: n }, (_, i) => from + ((to - from) * i) / (n - 1));

/** Where a pass is read, in order: mm along the axis, or degrees round it. */
export function alignmentPlaces(alignment: Alignment): number[] {
  switch (alignment.task) {
    case 'vise':
    case 'skew':
      return spread(alignment.from, alignment.to, alignment.points);
    case 'head':
      return [180, 0, 270, 90];
    case 'centre': {
      if (alignment.school === 'plug') return [PLUG_PLACES.x, PLUG_PLACES.y];
      const { first, span, angles } = alignment;
      const step = span === 360 ? 360 / angles : span / (angles - 1);
      return Array.from({ length: angles }, (_, i) => first + i * step);
    }
    case 'chuck':
      return alignment.pairs === 2 ? [0, 180, 90, 270] : [0, 180];
    case 'level':
      return [0, alignment.distance];
  }
}
