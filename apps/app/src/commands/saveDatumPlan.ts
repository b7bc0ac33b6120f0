import type { DatumPlan } from '@zero-point/core/records/setup/datumPlan.schema';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { saveInSetup } from './logEntry';

/** Keeps a change of how features are found. */
export function saveDatumPlan(book: SetupState, change: Partial<DatumPlan>): void {
  saveInSetup(book, 'datumPlan', { ...book.datumPlan, ...change });
}
