import type { Holding } from '@zero-point/core/records/shop/workholdingList';
import { DEFAULT_WORKHOLDING } from '@zero-point/core/workholding/defaultHoldings';

/** The shop's short lists: its own where it changed one, else those it started with. */
export const workholdingLists = (own: readonly Holding[]): Holding[] => [
  ...DEFAULT_WORKHOLDING.map((first) => own.find(({ id }) => id === first.id) ?? first),
  ...own.filter(({ id }) => !DEFAULT_WORKHOLDING.some((first) => first.id === id)),
];
