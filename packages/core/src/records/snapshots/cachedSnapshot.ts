import { kindVersions } from '../kinds/kindVersions';
import type { Snapshot } from './snapshot';

/** A setup as a device keeps it: with the version of every kind it was written by. */
export interface KeptSnapshot {
  kinds: Record<string, number>;
  snapshot: Snapshot;
}

/** A setup to be kept on the device. */
export const toCachedSnapshot = (snapshot: Snapshot): KeptSnapshot => ({
  kinds: kindVersions(),
  snapshot,
});
