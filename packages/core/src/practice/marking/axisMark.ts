import type { Axis } from '../../schema/quantities';

/** How an axis was set, against where it should be. mm. */
export interface AxisMark {
  axis: Axis;
  /** What the scale shows where it should show nothing; undefined where the axis was never set. */
  error: number | undefined;
  /** The ± the reckoning stated, where it gave an answer. */
  U: number | undefined;
  /** Within what the job allows. */
  good: boolean;
}
