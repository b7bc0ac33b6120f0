import type { Axis } from '../schema/quantities';

/** What the scales of some axes show. */
export type Figures = Partial<Record<Axis, number>>;
