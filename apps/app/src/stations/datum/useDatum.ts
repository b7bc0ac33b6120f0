import type { DatumPlan, Feature, LocalDatum } from '@zero-point/core/contract/datumPlan';
import type { Reading } from '@zero-point/core/contract/ledger';
import type { Snapshot } from '@zero-point/core/contract/setup';
import type { Part } from '@zero-point/core/contract/shop';
import { featureKey, featureName } from '@zero-point/core/datum/feature';
import { CORNERS, FACES } from '@zero-point/core/datum/faces';
import { FACES_ACROSS, rectanglesOf, roundsOf } from '@zero-point/core/datum/shapes';
import { agreements, type Agreement } from '@zero-point/core/ledger/agreements';
import { featureAnswer, type FeatureAnswer } from '@zero-point/core/ledger/featureAnswer';
import { lastZeroing, onThisScale, readingsOf } from '@zero-point/core/ledger/inForce';
import { uuidv7 } from 'uuidv7';
import { logEntry } from '../useSetup';

/** A feature that something is known of. */
export interface FoundView {
  feature: Feature;
  key: string;
  name: string;
  answer: FeatureAnswer;
  /** Its coordinates may be driven to: the scale was not set since. */
  stands: boolean;
}

/** State of the Datum station to view, while no feature is in hand. */
export function datumView(snapshot: Snapshot) {
  const set = { x: lastZeroing(snapshot, 'x') !== undefined, y: lastZeroing(snapshot, 'y') !== undefined };
  const found = foundFeatures(snapshot);
  return { set, found, checks: agreements(snapshot), sentence: nextSentence(set, found) };
}

function nextSentence(set: { x: boolean; y: boolean }, found: readonly FoundView[]): string {
  if (set.x && set.y) return 'X and Y are set. Tap a face to touch it again as a check, or go on to Heights.';
  const middle = found.find(({ feature, stands }) => feature.kind === 'middle' && stands);
  if (set.x) return 'X is set. Now Y: tap the front or the back face.';
  if (set.y) return 'Y is set. Now X: tap the left or the right face.';
  if (middle?.feature.kind === 'middle') {
    const axis = middle.feature.axis.toUpperCase();
    return `Both faces across ${axis} are touched: set ${axis} at their middle, or tap another place.`;
  }
  return 'Tap what you will touch: a face, a corner, the middle or a hole.';
}

/** Everything that can be made of what was touched. */
function foundFeatures(snapshot: Snapshot): FoundView[] {
  return candidates(snapshot).flatMap((feature) => {
    const answer = featureAnswer(snapshot, feature);
    if (!answer) return [];
    return [
      {
        feature,
        key: featureKey(feature),
        name: featureName(snapshot.part, feature),
        answer,
        stands: onThisScale(
          snapshot,
          answer.readings.filter(({ scale }) => scale !== 'indicator'),
        ),
      },
    ];
  });
}

/** Features that could have an answer: those of shapes that were touched. */
function candidates({ part, readings, datumPlan }: Snapshot): Feature[] {
  const touched = new Set(
    readings.flatMap(({ subject }) =>
      subject.kind === 'face'
        ? (subject.of ?? 'stock')
        : subject.kind === 'round' || subject.kind === 'standing' || subject.kind === 'sweep'
          ? subject.of
          : [],
    ),
  );
  const shapes = rectanglesOf(part).filter(({ id }) => touched.has(id));
  const rounds = roundsOf(part).filter(({ id }) => touched.has(id));
  const of = (id: string) => (id === 'stock' ? {} : { of: id });
  const asked = (key: string) => Object.hasOwn(datumPlan.ways, key);
  return [
    ...shapes.flatMap(({ id }) => FACES.map((face): Feature => ({ kind: 'face', face, ...of(id) }))),
    // Corners true to the axes are their two faces over again; one found with its skew is more.
    ...shapes.flatMap(({ id }) =>
      CORNERS.map((corner): Feature => ({ kind: 'corner', corner, ...of(id) })).filter((corner) =>
        asked(featureKey(corner)),
      ),
    ),
    ...shapes.flatMap(({ id }) => (['x', 'y'] as const).map((axis): Feature => ({ kind: 'middle', axis, ...of(id) }))),
    ...rounds.map(({ id }): Feature => ({ kind: 'round', of: id })),
    ...(rounds.length > 1 && rounds[0]
      ? rounds.slice(1).map(({ id }): Feature => ({ kind: 'hole-line', from: rounds[0]?.id ?? '', to: id }))
      : []),
  ];
}

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

/** Keeps a change of how features are found. */
export function changeDatumPlan(snapshot: Snapshot, change: Partial<DatumPlan>): void {
  logEntry({ kind: 'datum', setupId: snapshot.setup.id, body: { ...snapshot.datumPlan, ...change } });
}

/** Names a local datum. */
export function addLocalDatum(snapshot: Snapshot, datum: Omit<LocalDatum, 'id'>): void {
  changeDatumPlan(snapshot, { local: [...snapshot.datumPlan.local, { ...datum, id: uuidv7() }] });
}

/** Adds something to the part's drawing that can be touched. */
export function addShape(snapshot: Snapshot, shape: NonNullable<Part['shapes']>[number]): void {
  const { part } = snapshot;
  logEntry({
    kind: 'shop',
    setupId: '',
    collection: 'parts',
    body: { ...part, shapes: [...(part.shapes ?? []), shape] },
  });
}

/** Readings of a feature's touches as the ledger has them, struck ones included. */
export function ledgerOf(snapshot: Snapshot, subjects: readonly Reading['subject'][]): Reading[] {
  const seen = new Map<string, Reading>();
  for (const subject of subjects) for (const reading of readingsOf(snapshot, subject)) seen.set(reading.id, reading);
  return [...seen.values()].sort((a, b) => a.seq - b.seq || a.takenAt.localeCompare(b.takenAt));
}
