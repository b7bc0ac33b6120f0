import type { Reading, Subject, Zeroing } from '../contract/ledger';
import type { Axis } from '../contract/quantities';
import type { Snapshot } from '../contract/setup';

/** Whether two readings are of the same touch. */
export function sameSubject(a: Subject, b: Subject): boolean {
  switch (a.kind) {
    case 'face':
      return b.kind === 'face' && a.face === b.face;
    case 'middle':
      return b.kind === 'middle' && a.axis === b.axis;
    case 'alignment':
      return b.kind === 'alignment' && a.task === b.task && a.pass === b.pass && a.place === b.place;
    default:
      return b.kind === a.kind && a.tool === b.tool;
  }
}

/** Epoch an axis is in now: readings taken next belong to it. */
export const currentEpoch = (snapshot: Snapshot, axis: Axis): number =>
  snapshot.zeroings.reduce((latest, zeroing) => (zeroing.axis === axis ? Math.max(latest, zeroing.epoch) : latest), 1);

/** The last time an axis was set, if it was. */
export const lastZeroing = (snapshot: Snapshot, axis: Axis): Zeroing | undefined =>
  snapshot.zeroings.filter((zeroing) => zeroing.axis === axis).at(-1);

/** Whether readings are of the scale as it stands: coordinates of an older zero must not be driven to. */
export const onThisScale = (snapshot: Snapshot, readings: readonly Reading[]): boolean =>
  readings.every(({ axis, epoch }) => epoch === currentEpoch(snapshot, axis));

/** Readings of one touch, struck ones included, of the latest epoch that has any. */
export function readingsOf(snapshot: Snapshot, subject: Subject): Reading[] {
  const all = snapshot.readings.filter((reading) => sameSubject(reading.subject, subject));
  const latest = Math.max(...all.map(({ epoch }) => epoch));
  return all.filter(({ epoch }) => epoch === latest);
}

/** Readings that count: of the latest epoch, not struck out. */
export const readingsInForce = (snapshot: Snapshot, subject: Subject): Reading[] =>
  readingsOf(snapshot, subject).filter((reading) => reading.struckBy === null);
