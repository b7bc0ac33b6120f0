import type { Approach } from '../../schema/quantities';
import { trip, trueRadius, trueThickness, type Hidden, type Tripping } from './hiddenTruth';

/**
 * Where the spindle stands along an axis as a contact finds a flat that is come at by the finest steps: before it by half
 * the contact as it truly is, what lies between, and how far before or behind true contact it trips this time. mm.
 *
 * @param at of the flat, on that axis
 * @param approach +1 where it is come at toward plus
 */
export const metAt = (hidden: Hidden, of: Tripping, at: number, approach: Approach): number =>
  at - approach * (trueRadius(hidden, of.contact) + trueThickness(hidden, of.between, of.contact) + trip(hidden, of));

/** The same of a contact's end that comes down, or is raised past, what stands on a surface: its tip, mm. */
export const tipMetAt = (hidden: Hidden, of: Tripping, surface: number): number =>
  surface + trueThickness(hidden, of.between, of.contact) + trip(hidden, of);
