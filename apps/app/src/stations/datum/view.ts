import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { Reading } from '@zero-point/core/records/log/reading';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { planAxes } from '@zero-point/core/records/shop/machine';
import { featureKey, featureName } from '@zero-point/core/datum/feature';
import { FACES_ACROSS } from '@zero-point/core/datum/shapes';
import { agreements } from '@zero-point/core/state/checks/agreements';
import type { Agreement } from '@zero-point/core/state/checks/check';
import { foundFeatures, type FoundFeature } from '@zero-point/core/state/datum/foundFeatures';
import { allReadingsOf, lastZeroing, readingsOf } from '@zero-point/core/state/basis/activeRecords';
import { sweepReadings } from '@zero-point/core/state/datum/round';

/** A feature that something is known of, with its name. */
export interface FoundView extends FoundFeature {
  name: string;
}

/** State of the Datum station to view, while no feature is in hand. */
export function datumView(book: SetupState) {
  const { without } = book.machine;
  // An axis the machine has not needs no setting.
  const isDone = (axis: 'x' | 'y') => without?.includes(axis) === true || lastZeroing(book, axis) !== undefined;
  const set = { x: isDone('x'), y: isDone('y') };
  const found = named(book);
  return { set, found, checks: agreements(book), sentence: nextSentence(set, found, planAxes(book.machine)) };
}

function nextSentence(
  set: { x: boolean; y: boolean },
  found: readonly FoundView[],
  axes: readonly ('x' | 'y')[],
): string {
  const [only] = axes.length === 1 ? axes : [];
  if (set.x && set.y && only)
    return `${only.toUpperCase()} is set. Tap a face to touch it again as a check, or go to Z & tools.`;
  if (only)
    return `Tap the ${only === 'y' ? 'front or the back' : 'left or the right'} face: this machine has ${only.toUpperCase()} and Z only.`;
  if (set.x && set.y) return 'X and Y are set. Look where zero is, or tap a face to touch it again as a check.';
  const middle = found.find(({ feature, stands }) => feature.kind === 'middle' && stands);
  if (set.x) return 'X is set. Now Y: tap the front or the back face.';
  if (set.y) return 'Y is set. Now X: tap the left or the right face.';
  if (middle?.feature.kind === 'middle') {
    const axis = middle.feature.axis.toUpperCase();
    return `Both faces across ${axis} are touched: set ${axis} at their middle, or tap another place.`;
  }
  return 'Tap what you will touch: a face, a corner, the middle or a hole.';
}

const named = (book: SetupState): FoundView[] =>
  foundFeatures(book).map((found) => ({ ...found, name: featureName(book.part, found.feature) }));

/** Checks that belong to a feature in hand: of itself, or of a face it is made of. */
export function checksOf(feature: Feature, checks: readonly Agreement[]): Agreement[] {
  const axis = feature.kind === 'face' ? (feature.face === 'left' || feature.face === 'right' ? 'x' : 'y') : undefined;
  const of = 'of' in feature ? feature.of : undefined;
  return checks.filter(({ feature: one, suspects }) => {
    if (featureKey(one) === featureKey(feature)) return true;
    if (one.kind === 'middle' && axis === one.axis && one.of === of) return suspects.length > 0;
    return (
      feature.kind === 'middle' &&
      one.kind === 'face' &&
      one.of === feature.of &&
      FACES_ACROSS[feature.axis].includes(one.face)
    );
  });
}

/** Readings of one subject that are shown: a touch's on the scale in use, a sweep's of the last time round. */
const shownOf = (book: SetupState, subject: Reading['subject']): readonly Reading[] =>
  subject.kind === 'sweep'
    ? sweepReadings(book, subject.of, subject.pass)
    : subject.kind === 'run-out' || subject.kind === 'bore-size' || subject.kind === 'alignment'
      ? allReadingsOf(book, subject)
      : readingsOf(book, subject);

/** Readings of a feature's touches as the log has them, struck ones included. */
export function loggedReadingsOf(book: SetupState, subjects: readonly Reading['subject'][]): Reading[] {
  const seen = new Map<string, Reading>();
  for (const subject of subjects) for (const reading of shownOf(book, subject)) seen.set(reading.id, reading);
  return [...seen.values()].sort((a, b) => a.seq - b.seq || a.takenAt.localeCompare(b.takenAt));
}
