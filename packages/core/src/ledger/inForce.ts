import type { Reading, ReadingScale, Subject, Zeroing } from '../contract/ledger';
import type { Axis } from '../contract/quantities';
import type { Snapshot } from '../contract/setup';

/** The scale that readings are taken on now. */
export const scaleOf = ({ setup, machine }: Pick<Snapshot, 'setup' | 'machine'>): ReadingScale =>
  setup.scale ?? machine.scale;

/** The stock is meant where no shape of the part is named. */
export const STOCK = 'stock';

const sameShape = (a: { of?: string | undefined }, b: { of?: string | undefined }): boolean =>
  (a.of ?? STOCK) === (b.of ?? STOCK);

/** Whether two readings are of the same touch. */
export function sameSubject(a: Subject, b: Subject): boolean {
  switch (a.kind) {
    case 'face':
      return b.kind === 'face' && a.face === b.face && sameShape(a, b);
    case 'round':
    case 'standing':
      return b.kind === a.kind && a.of === b.of;
    case 'bore-size':
      return b.kind === 'bore-size' && a.of === b.of;
    case 'sweep':
      return b.kind === 'sweep' && a.of === b.of && a.pass === b.pass && a.place === b.place;
    case 'master':
      return b.kind === 'master' && a.master === b.master;
    case 'run-out':
      return (
        b.kind === 'run-out' && a.tool === b.tool && a.height === b.height && a.place === b.place && a.pass === b.pass
      );
    case 'middle':
      return b.kind === 'middle' && a.axis === b.axis && sameShape(a, b);
    case 'corner':
      return b.kind === 'corner' && a.corner === b.corner && sameShape(a, b);
    case 'hole-line':
      return b.kind === 'hole-line' && a.from === b.from && a.to === b.to;
    case 'datum':
      return b.kind === 'datum' && a.datum === b.datum;
    case 'lost':
      return b.kind === 'lost' && a.why === b.why;
    case 'alignment':
      return b.kind === 'alignment' && a.task === b.task && a.pass === b.pass && a.place === b.place;
    default:
      return b.kind === a.kind && a.tool === b.tool;
  }
}

/** Zeroings of one axis' scale as it is read now. */
const zeroingsOf = (snapshot: Snapshot, axis: Axis, scale: ReadingScale): Zeroing[] =>
  snapshot.zeroings.filter((zeroing) => zeroing.axis === axis && (zeroing.scale ?? snapshot.machine.scale) === scale);

/** Epoch an axis is in now: readings taken next belong to it. Each scale counts its own. */
export const currentEpoch = (snapshot: Snapshot, axis: Axis, scale: ReadingScale = scaleOf(snapshot)): number =>
  zeroingsOf(snapshot, axis, scale).reduce((latest, { epoch }) => Math.max(latest, epoch), 1);

/** The last time an axis was set on the scale in use; undefined where it never was, or its zero was lost since. */
export function lastZeroing(snapshot: Snapshot, axis: Axis): Zeroing | undefined {
  const last = zeroingsOf(snapshot, axis, scaleOf(snapshot)).at(-1);
  return last?.form === 'lost' ? undefined : last;
}

/** Whether X and Y are both set. */
export const isSet = (snapshot: Snapshot): boolean =>
  lastZeroing(snapshot, 'x') !== undefined && lastZeroing(snapshot, 'y') !== undefined;

/** Whether readings are of the scale as it stands: coordinates of an older zero must not be driven to. */
export const onThisScale = (snapshot: Snapshot, readings: readonly Reading[]): boolean =>
  readings.every(
    ({ axis, epoch, scale }) => scale === scaleOf(snapshot) && epoch === currentEpoch(snapshot, axis, scale),
  );

/** Readings of one touch, struck ones included, of the scale read last and, on each axis, its latest epoch that has any. */
export function readingsOf(snapshot: Snapshot, subject: Subject): Reading[] {
  const all = snapshot.readings.filter((reading) => sameSubject(reading.subject, subject));
  const scale = all.at(-1)?.scale;
  const onScale = all.filter((reading) => reading.scale === scale);
  const latest = (axis: Axis) => Math.max(...onScale.filter((one) => one.axis === axis).map(({ epoch }) => epoch));
  return onScale.filter(({ axis, epoch }) => epoch === latest(axis));
}

/** Readings that count: of the latest epoch, not struck out. */
export const readingsInForce = (snapshot: Snapshot, subject: Subject): Reading[] =>
  readingsOf(snapshot, subject).filter((reading) => reading.struckBy === null);
