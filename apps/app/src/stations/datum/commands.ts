import type { LocalDatum } from '@zero-point/core/records/setup/datumPlan.schema';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { uuidv7 } from 'uuidv7';
import { saveDatumPlan } from '../../commands/saveDatumPlan';
import type { Part } from '@zero-point/core/records/shop/part.schema';
import { saveThing } from '../../commands/logEntry';

/** Names a local datum. */
export function addLocalDatum(book: SetupState, datum: Omit<LocalDatum, 'id'>): void {
  saveDatumPlan(book, { local: [...book.datumPlan.local, { ...datum, id: uuidv7() }] });
}

/** Adds something to the part's drawing that can be touched. */
export function addShape(book: SetupState, shape: NonNullable<Part['shapes']>[number]): void {
  const { part } = book;
  saveThing(book, 'part', { ...part, shapes: [...(part.shapes ?? []), shape] });
}
