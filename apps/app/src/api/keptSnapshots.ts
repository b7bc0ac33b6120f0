import type { Snapshot } from '@zero-point/core/contract/setup';

/**
 * Copies of set-ups kept on this device, so that a reload with the server away still shows the work.
 * The number is that of the snapshot's shape: an older copy is not understood, and not read.
 */
const PREFIX = 'zero-point.setup-5.';

export function keptSnapshot(id: string): Snapshot | undefined {
  try {
    const text = globalThis.localStorage?.getItem(PREFIX + id);
    return text ? (JSON.parse(text) as Snapshot) : undefined;
  } catch {
    return undefined;
  }
}

/** Best effort: a full device only means the copy is older. */
export function keepSnapshot(snapshot: Snapshot): void {
  try {
    globalThis.localStorage?.setItem(PREFIX + snapshot.setup.id, JSON.stringify(snapshot));
  } catch {
    globalThis.localStorage?.removeItem(PREFIX + snapshot.setup.id);
  }
}
