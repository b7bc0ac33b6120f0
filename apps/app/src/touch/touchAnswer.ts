import type { Verdict } from '@zero-point/core/metrology/judge';
import type { Repeats } from '@zero-point/core/metrology/repeats';
import type { Uncertainty } from '@zero-point/core/metrology/uncertainty';
import type { Reading } from '@zero-point/core/records/log/reading';
import type { Working } from '@zero-point/core/working/working';

/** What every touch calculation answers with. */
export interface TouchAnswer {
  readings: readonly Reading[];
  result: { repeats?: Repeats; uncertainty: Uncertainty; verdict: Verdict | null; tape: Working };
  /** Ids of wild readings, where they are not told by `repeats`. */
  wild?: readonly string[];
}

/** Ids of readings that lie far from the others. */
export const wildOf = ({ wild, result, readings }: TouchAnswer): readonly string[] =>
  wild ?? result.repeats?.wild.flatMap((i) => readings[i]?.id ?? []) ?? [];
