import { FIRST_EPOCH, samePlace, type ReadingScale } from '../record/place';
import { isTouch, type Reading, type TouchReading } from '../record/reading';
import type { Subject, Touched } from '../record/subject';
import type { Zeroing } from '../record/zeroing';
import type { Axis } from '../schema/quantities';
import { answered, type Book } from './book';
import { subjectKey } from './subjectKey';

/** The scale that readings are taken on now. */
export const scaleOf = ({ setup, machine }: Pick<Book, 'setup' | 'machine'>): ReadingScale =>
  setup.scale ?? machine.scale;

/** Settings of one axis on one scale, in the order they were made: the later counts, the earlier stay visible. */
export const settingsOf = (book: Book, axis: Axis, scale: ReadingScale = scaleOf(book)): readonly Zeroing[] =>
  book.index.settings.get(`${axis} ${scale}`) ?? [];

/** The zero a scale has now: readings taken next belong to it. */
export const currentEpoch = (book: Book, axis: Axis, scale: ReadingScale = scaleOf(book)): string =>
  settingsOf(book, axis, scale).findLast(({ opens }) => opens !== undefined)?.opens ?? FIRST_EPOCH;

/** How many times a scale was given a new zero before an epoch; -1 for one that nobody opened. */
export function epochPlace(book: Book, axis: Axis, scale: ReadingScale, epoch: string): number {
  if (epoch === FIRST_EPOCH) return 0;
  const at = settingsOf(book, axis, scale).findIndex(({ opens }) => opens === epoch);
  return at < 0 ? -1 : at + 1;
}

/** A setting counts for the work offset in hand; where either names none, there is but one. */
const ofThisOffset = ({ setup }: Book, { place }: Zeroing): boolean =>
  setup.workOffset === undefined || place.workOffset === undefined || place.workOffset === setup.workOffset;

/** The last time an axis was set on the scale in use; undefined where it never was, or its zero was lost since. */
export function lastZeroing(book: Book, axis: Axis): Zeroing | undefined {
  const last = settingsOf(book, axis).findLast((one) => ofThisOffset(book, one));
  return last?.form === 'lost' ? undefined : last;
}

/**
 * Settings that another one passed over: made in the same epoch by a device that had not seen it. The later counts;
 * these are shown, so that nobody wonders.
 */
export const passedOver = (book: Book, axis: Axis): Zeroing[] => {
  const opening = settingsOf(book, axis).filter(({ opens }) => opens !== undefined);
  return opening.filter((one, i) => opening.slice(i + 1).some(({ began }) => began === one.began));
};

/** Whether X and Y are both set. */
export const isSet = (book: Book): boolean =>
  lastZeroing(book, 'x') !== undefined && lastZeroing(book, 'y') !== undefined;

/** Whether readings are of the scale as it stands: coordinates of an older zero must not be driven to. */
export const onThisScale = (book: Book, readings: readonly Reading[]): boolean =>
  readings
    .filter(isTouch)
    .every(({ axis, epoch, place: { scale } }) => scale === scaleOf(book) && epoch === currentEpoch(book, axis, scale));

/** Every reading of a subject, struck ones included, whatever scale it was on. */
export const allReadingsOf = (book: Book, subject: Subject | Touched): readonly Reading[] =>
  book.index.ofSubject.get(subjectKey(subject)) ?? [];

/**
 * Readings of one touch, struck ones included, of the place read last and, on each axis, its latest epoch that has any.
 * What was struck out chooses neither: a slip on a wrong scale must not hide what was there before.
 */
export const readingsOf = (book: Book, subject: Subject): readonly TouchReading[] =>
  answered(book, `readings of ${subjectKey(subject)}`, () => chosenReadings(book, subject));

function chosenReadings(book: Book, subject: Subject): TouchReading[] {
  const all = allReadingsOf(book, subject).filter(isTouch);
  const counting = all.filter(({ struckBy }) => struckBy === null);
  const choosing = counting.length > 0 ? counting : all;
  const last = choosing.at(-1);
  if (!last) return [];
  const here = choosing.filter(({ place }) => samePlace(place, last.place));
  const latest = new Map<Axis, { epoch: string; place: number }>();
  for (const { axis, epoch } of here) {
    const known = latest.get(axis);
    if (known?.epoch === epoch) continue;
    const place = epochPlace(book, axis, last.place.scale, epoch);
    if (!known || place > known.place) latest.set(axis, { epoch, place });
  }
  return all.filter(({ axis, epoch, place }) => samePlace(place, last.place) && latest.get(axis)?.epoch === epoch);
}

/** Readings that count: of the latest epoch, not struck out. */
export const readingsInForce = (book: Book, subject: Subject): readonly TouchReading[] =>
  answered(book, `in force of ${subjectKey(subject)}`, () =>
    readingsOf(book, subject).filter((reading) => reading.struckBy === null),
  );
