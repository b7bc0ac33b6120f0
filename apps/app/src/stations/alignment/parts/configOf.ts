import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Alignment } from '@zero-point/core/records/setup/alignment';

/** A task whose document is shown to be changed. */
export interface ConfigProps<A extends Alignment = Alignment> {
  book: SetupState;
  alignment: A;
}
