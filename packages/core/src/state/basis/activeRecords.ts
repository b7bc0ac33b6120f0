import { planAxes } from '../../records/shop/machine';
import { FIRST_EPOCH, isSamePlace, type ReadingScale } from '../../records/values/place';
import { isTouch, type Reading, type TouchReading } from '../../records/log/reading';
import type { Subject, Touched } from '../../records/values/subject';
import type { Zeroing } from '../../records/log/zeroing';
import type { Axis } from '../../schema/quantities';
import { memoize, type SetupState } from './setupState';
import { subjectKey } from './subjectKey';

/** The scale that readings are taken on now. */
export const scaleOf = ({ setup, machine }: Pick<SetupState, 'setup' | 'machine'>): ReadingScale =>
  setup.scale ?? machine.scale;

/** Settings of one axis on one scale, in the order they were made: the later counts, the earlier stay visible. */
export const settingsOf = (book: SetupState, axis: Axis, scale: ReadingScale = scaleOf(book)): readonly Zeroing[] =>
  book.index.settings.get(`${axis} ${scale}`) ?? [];

/** The zero a scale has now: readings taken next belong to it. */
export const currentEpoch = (book: SetupState, axis: Axis, scale: ReadingScale = scaleOf(book)): string =>
  settingsOf(book, axis, scale).findLast(({ opens }) => opens !== undefined)?.opens ?? FIRST_EPOCH;

/** How many times a scale was given a new zero before an epoch; -1 for one that nobody opened. */
export function epochPlace(book: SetupState, axis: Axis, scale: ReadingScale, epoch: string): number {
  if (epoch === FIRST_EPOCH) return 0;
  const at = settingsOf(book, axis, scale).findIndex(({ opens }) => opens === epoch);
  return at < 0 ? -1 : at + 1;
}

/** Settings of Z on the scale and in the work offset in hand, in the order they were made. */
export const zSettings = (book: SetupState): Zeroing[] =>
  settingsOf(book, 'z').filter((one) => ofThisOffset(book, one));

/** A setting counts for the work offset in hand; where either names none, there is but one. */
const ofThisOffset = ({ setup }: SetupState, { place }: Zeroing): boolean =>
  setup.workOffset === undefined || place.workOffset === undefined || place.workOffset === setup.workOffset;

/** The last time an axis was set on the scale in use; undefined where it never was, or its zero was lost since. */
export function lastZeroing(book: SetupState, axis: Axis): Zeroing | undefined {
  const last = settingsOf(book, axis).findLast((one) => ofThisOffset(book, one));
  return last?.form === 'lost' ? undefined : last;
}

/**
 * Settings that another one passed over: made in the same epoch by a device that had not seen it. The later counts;
 * these are shown, so that nobody wonders.
 */
export const passedOver = (book: SetupState, axis: Axis): Zeroing[] => {
  const opening = settingsOf(book, axis).filter(({ opens }) => opens !== undefined);
  return opening.filter((one, i) => opening.slice(i + 1).some(({ began }) => began === one.began));
};

/** Whether X and Y are both set, or the one of them that the machine has. */
export const isSet = (book: SetupState): boolean =>
  planAxes(book.machine).every((axis) => lastZeroing(book, axis) !== undefined);

/** Whether readings are of the scale as it stands: coordinates of an older zero must not be driven to. */
export function isOnThisScale(book: SetupState, readings: readonly Reading[]): boolean {
  const scale = scaleOf(book);
  const now = { x: currentEpoch(book, 'x'), y: currentEpoch(book, 'y'), z: currentEpoch(book, 'z') };
  return readings.every((one) => !isTouch(one) || (one.place.scale === scale && one.epoch === now[one.axis]));
}

/** Every reading of a subject, struck ones included, whatever scale it was on. */
export const allReadingsOf = (book: SetupState, subject: Subject | Touched): readonly Reading[] =>
  book.index.ofSubject.get(subjectKey(subject)) ?? [];

/**
 * Readings of one touch, struck ones included, of the place read last and, on each axis, its latest epoch that has any.
 * What was struck out chooses neither: a slip on a wrong scale must not hide what was there before.
 */
export const readingsOf = (book: SetupState, subject: Subject): readonly TouchReading[] =>
  memoize(book, `readings of ${subjectKey(subject)}`, () => chosenReadings(book, subject));

function chosenReadings(book: SetupState, subject: Subject): TouchReading[] {
  const all = allReadingsOf(book, subject).filter(isTouch);
  const last = all.findLast(({ struckBy }) => struckBy === null) ?? all.at(-1);
  if (!last) return [];
  const anyCounts = last.struckBy === null;
  const latest = new Map<Axis, { epoch: string; place: number }>();
  const here: TouchReading[] = [];
  for (const reading of all) {
    if (!isSamePlace(reading.place, last.place)) continue;
    here.push(reading);
    const { axis, epoch, struckBy } = reading;
    if (anyCounts && struckBy !== null) continue;
    const known = latest.get(axis);
    if (known?.epoch === epoch) continue;
    const place = epochPlace(book, axis, last.place.scale, epoch);
    if (!known || place > known.place) latest.set(axis, { epoch, place });
  }
  return here.filter(({ axis, epoch }) => latest.get(axis)?.epoch === epoch);
}

/** Readings that count: of the latest epoch, not struck out. */
export const activeReadings = (book: SetupState, subject: Subject): readonly TouchReading[] =>
  memoize(book, `in force of ${subjectKey(subject)}`, () =>
    readingsOf(book, subject).filter((reading) => reading.struckBy === null),
  );
