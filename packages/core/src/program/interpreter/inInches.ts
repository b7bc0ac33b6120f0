import { INCH } from '../../units/unit';
import { isEmptySpan, type Extents } from '../checks/extents';
import type { Box } from '../checkContext';

/** How far beside the stock a tool's middle may go, mm, and the least part of a side that a job of the whole part cuts. */
const BESIDE = 30;
const SHARE = 0.5;

/**
 * Whether what a program cuts is the stock's own outline over 25.4: inches read as millimetres. A small job in one corner is
 * not: times 25.4 it must lie within the stock, and go over half of both its sides.
 */
export const toInches = ({ cut }: Extents, stock: Box): boolean =>
  (['x', 'y'] as const).every((axis) => {
    const span = cut[axis];
    const [from, to] = stock[axis];
    if (isEmptySpan(span)) return false;
    const [low, high] = [span.least * INCH, span.most * INCH];
    return low >= from - BESIDE && high <= to + BESIDE && high - low >= SHARE * (to - from);
  });
