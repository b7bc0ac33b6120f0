import type { Extents } from './checks/extents';
import { isEmptySpan } from './checks/extents';
import type { ProgramZeroPlace } from './finding';
import type { Box } from './checkContext';

/** What cuts may go beyond an outline, mm. */
const OVER = 15;

/**
 * Where a program's zero would have to be for its cuts to meet the stock: corners, middles of sides, the middle.
 *
 * @returns null where no such place makes them fit
 */
export function zeroThatFits({ cut }: Extents, stock: Box): ProgramZeroPlace | null {
  if (isEmptySpan(cut.x) || isEmptySpan(cut.y)) return null;
  const fits = (span: { least: number; most: number }, [low, high]: readonly [number, number], zero: number) =>
    span.least + zero >= low - OVER && span.most + zero <= high + OVER;
  const at = ([low, high]: readonly [number, number], i: number) => low + ((high - low) * i) / 2;
  const places = ['left', 'middle', 'right'] as const;
  const depths = ['front', 'middle', 'back'] as const;
  for (const [i, x] of places.entries())
    for (const [j, y] of depths.entries())
      if (fits(cut.x, stock.x, at(stock.x, i)) && fits(cut.y, stock.y, at(stock.y, j))) return { x, y };
  return null;
}

/** Whether the cuts meet the stock at all, seen from above. */
export function meetsStock({ cut }: Extents, stock: Box): boolean {
  if (isEmptySpan(cut.x) || isEmptySpan(cut.y)) return true;
  return (
    cut.x.most > stock.x[0] - OVER &&
    cut.x.least < stock.x[1] + OVER &&
    cut.y.most > stock.y[0] - OVER &&
    cut.y.least < stock.y[1] + OVER
  );
}
