import type { TouchReading } from '../../records/log/reading';
import { isTouch } from '../../records/log/reading';
import type { Zeroing } from '../../records/log/zeroing';
import type { Axis } from '../../schema/quantities';
import type { SetupState } from '../basis/setupState';
import { contactInUse } from '../gauges/contactSize';
import { allReadingsOf } from '../basis/activeRecords';

/** The touch a setting was made by: the last of its subject on that axis; undefined where it came from none. */
export const touchBefore = (book: SetupState, axis: Axis, setting: Zeroing): TouchReading | undefined =>
  allReadingsOf(book, setting.subject)
    .filter(isTouch)
    .filter((one) => one.axis === axis && one.takenAt <= setting.at && one.struckBy === null)
    .at(-1);

/** Radius of what touched before a setting, feeler included, mm; 0 where nothing touched sideways. */
export function radiusBefore(book: SetupState, axis: Axis, setting: Zeroing): number {
  const before = axis === 'z' ? undefined : touchBefore(book, axis, setting);
  const use = before && axis !== 'z' ? contactInUse(book, before, axis) : undefined;
  return use ? use.contact.diameter / 2 + use.contact.feeler : 0;
}
