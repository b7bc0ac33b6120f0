import type { SetupState } from '../basis/setupState';
import { lastZeroing } from '../basis/activeRecords';

/** A pass in the air: how far the job is lifted by the last setting of Z, and how far it is meant to be. mm. */
export interface AirCut {
  /** 0 while Z was not set, or was set without a lift. */
  set: number;
  asked: number;
}

/**
 * The lift in force. It counts once a setting of Z was logged with it, and until one is logged without: what is only
 * asked for has not moved anything. A setting of an older record does not say; it is taken to have had what was asked.
 */
export function airCut(book: SetupState): AirCut {
  const asked = book.datumPlan.heights?.lift ?? 0;
  const last = lastZeroing(book, 'z');
  return { set: last ? (last.lift ?? asked) : 0, asked };
}
