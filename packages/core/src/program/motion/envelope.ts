import { isEmptySpan, type Span } from '../checks/extents';
import type { ProgramSummary } from '../programSummary';
import type { CheckContext } from '../checkContext';

/** What a program needs of the machine's room. mm. */
export interface Envelope {
  /** Tool that reaches furthest down and the widest one, of those the program calls; null where none is known. */
  longest: { number: number; length: number } | null;
  widest: { number: number; diameter: number } | null;
  /** What stands highest above zero: the stock or a box. */
  highest: { name: string; z: number } | null;
  /** Travel left beyond the program's extents, toward minus and plus; an axis whose machine zero is not known is left out. */
  left: Partial<Record<'x' | 'y', { minus: number; plus: number }>>;
}

/** The room a program takes: tools, what stands in its way, and what is left of the travel. */
export function envelopeOf(told: ProgramSummary, set: CheckContext): Envelope {
  const called = set.tools.filter(({ number }) => told.tools.some((tool) => tool.number === number));
  const most = <T>(of: readonly T[], size: (one: T) => number): T | undefined =>
    of.reduce<T | undefined>((best, one) => (best === undefined || size(one) > size(best) ? one : best), undefined);
  const longest = most(
    called.filter(({ length }) => length !== null),
    ({ length }) => length ?? -Infinity,
  );
  const widest = most(called, ({ diameter }) => diameter);
  const highest = most([...(set.stock ? [set.stock] : []), ...set.boxes], ({ z }) => z[1]);
  return {
    longest: longest ? { number: longest.number, length: longest.length ?? 0 } : null,
    widest: widest ? { number: widest.number, diameter: widest.diameter } : null,
    highest: highest ? { name: highest.name, z: highest.z[1] } : null,
    left: {
      ...leftAlong('x', told.extents.all.x, set),
      ...leftAlong('y', told.extents.all.y, set),
    },
  };
}

function leftAlong(axis: 'x' | 'y', span: Span, { offset, travel }: CheckContext) {
  const [zero, length] = [offset[axis], travel[axis]];
  if (zero === undefined || length === undefined || isEmptySpan(span)) return {};
  const [low, high] = zero < 0 ? [-length, 0] : [0, length];
  return { [axis]: { minus: zero + span.least - low, plus: high - (zero + span.most) } };
}
