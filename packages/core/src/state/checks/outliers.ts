import { repeats } from '../../metrology/repeats';
import { isSamePlace } from '../../records/values/place';
import type { Reading } from '../../records/log/reading';
import { memoize, gaugeAt, type SetupState } from '../basis/setupState';
import { methodWith, sameUse, uTouch } from '../gauges/contactSize';
import { sameTouchPoint } from '../basis/sameTouchPoint';

/** Ids of all readings in force that stand apart from the others of their own touch, whatever it was of. */
export const wildReadings = (book: SetupState): ReadonlySet<string> =>
  memoize(book, 'outliers', () => {
    const wild = new Set<string>();
    for (const all of book.index.ofSubject.values()) {
      for (const touch of touchesOf(book, all)) for (const id of apart(book, touch)) wild.add(id);
    }
    return wild;
  });

/** Readings of a subject put together as repeats of one touch each: same zero, contact and place. */
function touchesOf(book: SetupState, all: readonly Reading[]): Reading[][] {
  const touches: Reading[][] = [];
  for (const reading of all) {
    // A bore grows from size to size: those are no repeats.
    if (reading.struckBy !== null || reading.on === 'gauge') continue;
    const known = touches.findLast(([first]) => first !== undefined && isRepeat(book, first, reading));
    if (known) known.push(reading);
    else touches.push([reading]);
  }
  return touches;
}

function isRepeat(book: SetupState, a: Reading, b: Reading): boolean {
  if (a.on === 'scale' && b.on === 'scale') {
    return (
      a.axis === b.axis &&
      a.approach === b.approach &&
      a.epoch === b.epoch &&
      isSamePlace(a.place, b.place) &&
      sameTouchPoint(a.across, b.across) &&
      sameUse(book, a, b) &&
      sameReadingPlace(a, b)
    );
  }
  return a.on === b.on && a.gaugeId === b.gaugeId && sameReadingPlace(a, b);
}

/** Passes and places of a subject that is read at several. */
const sameReadingPlace = ({ subject: a }: Reading, { subject: b }: Reading): boolean =>
  a === b ||
  (('pass' in a ? a.pass : 0) === ('pass' in b ? b.pass : 0) &&
    ('place' in a ? a.place : 0) === ('place' in b ? b.place : 0) &&
    ('height' in a ? a.height : 0) === ('height' in b ? b.height : 0));

function apart(book: SetupState, touch: readonly Reading[]): string[] {
  const last = touch.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  if (!gauge || touch.length < 3) return [];
  const { methodSd, resolution } =
    last.on === 'scale'
      ? methodWith(book, gauge, last.axis)
      : { methodSd: uTouch(gauge), resolution: gauge.resolution ?? 0.01 };
  const { wild } = repeats(
    touch.map(({ value }) => value),
    { methodSd, resolution },
  );
  return wild.flatMap((i) => touch[i]?.id ?? []);
}
