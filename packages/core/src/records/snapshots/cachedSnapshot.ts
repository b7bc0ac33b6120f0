import { KINDS } from '../kinds/kinds';
import type { Snapshot } from './snapshot';

/** A setup as a device keeps it: with the version of every kind it was written by. */
export interface KeptSnapshot {
  kinds: Record<string, number>;
  snapshot: Snapshot;
}

/** A setup to be kept on the device. */
export const toCachedSnapshot = (snapshot: Snapshot): KeptSnapshot => ({
  kinds: Object.fromEntries(Object.values(KINDS).map(({ name, version }) => [name, version])),
  snapshot,
});
