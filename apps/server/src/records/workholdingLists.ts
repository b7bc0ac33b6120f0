import type { Holding } from '@zero-point/core/records/shop/workholdingList';
import { DEFAULT_HOLDINGS } from '@zero-point/core/workholding/defaultHoldings';

/** The shop's short lists: its own where it changed one, else those it started with. */
export const shopHoldings = (own: readonly Holding[]): Holding[] => [
  ...DEFAULT_HOLDINGS.map((first) => own.find(({ id }) => id === first.id) ?? first),
  ...own.filter(({ id }) => !DEFAULT_HOLDINGS.some((first) => first.id === id)),
];
