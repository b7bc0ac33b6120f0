import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { saveInSetup } from './logEntry';

/** Keeps how the cutting is planned, with this of it changed. */
export const saveCutPlan = (book: SetupState, change: Partial<SetupState['cutPlan']>): void =>
  saveInSetup(book, 'cutPlan', { ...book.cutPlan, ...change });
