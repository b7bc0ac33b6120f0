import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Point } from '@zero-point/core/geometry/point';
import { patternPositions } from '@zero-point/core/holes/patterns/pattern';
import type { PatternKind } from '@zero-point/core/holes/patterns/pattern.schema';
import { uuidv7 } from 'uuidv7';

export const KIND_NAMES: Readonly<Record<PatternKind, string>> = {
  'bolt-circle': 'Bolt circle',
  row: 'Row',
  grid: 'Grid',
  frame: 'Frame',
  polar: 'Polar list',
  points: 'Single points',
};

/** What each kind is, in few words, where it is chosen. */
export const KIND_WORDS: Readonly<Record<PatternKind, string>> = {
  'bolt-circle': 'on a circle or an arc',
  row: 'along a line, equally spaced',
  grid: 'in rows and columns',
  frame: 'round a rectangle',
  polar: 'at distances and angles from a centre',
  points: 'one by one, typed or pasted',
};

export const PATTERN_KINDS = Object.keys(KIND_NAMES) as PatternKind[];

const round = (mm: number): number => Math.round(mm);

/** A new pattern of a kind in the middle of the part, to be changed. */
export function startPattern({ part, setup, patterns }: SetupState, kind: PatternKind): Pattern {
  const { x: wide, y: deep } = part.size;
  const sign = { x: setup.partZero.endsWith('right') ? -1 : 1, y: setup.partZero.startsWith('back') ? -1 : 1 };
  const middle: Point =
    setup.partZero === 'centre' ? { x: 0, y: 0 } : { x: (sign.x * wide) / 2, y: (sign.y * deep) / 2 };
  const common = {
    id: uuidv7(),
    name: `${KIND_NAMES[kind]} ${patterns.length + 1}`,
    holeDiameter: 4,
  };
  const corner = { x: round(middle.x - wide / 4), y: round(middle.y - deep / 4) };
  switch (kind) {
    case 'bolt-circle':
      return {
        ...common,
        kind,
        circle: {
          centre: middle,
          diameter: round(Math.min(wide, deep) / 2),
          holes: 6,
          firstAngle: 0,
          direction: 'counter-clockwise',
        },
      };
    case 'row':
      return { ...common, kind, row: { start: corner, pitch: round(wide / 8), holes: 5, angle: 0 } };
    case 'grid':
      return {
        ...common,
        kind,
        grid: { start: corner, pitchX: round(wide / 6), pitchY: round(deep / 6), columns: 4, rows: 4, angle: 0 },
      };
    case 'frame':
      return {
        ...common,
        kind,
        frame: { centre: middle, width: round(wide * 0.8), height: round(deep * 0.8), columns: 2, rows: 2, angle: 0 },
      };
    case 'polar':
      return {
        ...common,
        kind,
        polar: { centre: middle, places: [{ radius: round(Math.min(wide, deep) / 4), angle: 0 }] },
      };
    case 'points':
      return { ...common, kind, points: [{ x: round(middle.x), y: round(middle.y) }] };
  }
}

/** A copy of a pattern, a little aside so that it is seen. */
export const copyOf = (pattern: Pattern, aside: number): Pattern => ({
  ...pattern,
  id: uuidv7(),
  name: `${pattern.name.slice(0, 70)} copy`,
  moved: {
    ...pattern.moved,
    shift: { x: (pattern.moved?.shift?.x ?? 0) + aside, y: (pattern.moved?.shift?.y ?? 0) + aside },
  },
});

/** The same holes one by one, so that each may have a size, depth and note of its own. */
export function asPoints(pattern: Pattern): Pattern {
  const { id, name, holeDiameter, depth, steps, note, datum } = pattern;
  return {
    id,
    name,
    holeDiameter,
    ...(depth !== undefined && { depth }),
    ...(steps && { steps }),
    ...(note !== undefined && { note }),
    ...(datum !== undefined && { datum }),
    kind: 'points',
    points: patternPositions(pattern).map(({ x, y }) => ({ x, y })),
  };
}
