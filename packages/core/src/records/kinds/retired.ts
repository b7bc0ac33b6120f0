import { day } from '../../schema/quantities';

/** Retired things stay for the readings that name them, and are offered no more. */
export const retiredOn = day.optional();
