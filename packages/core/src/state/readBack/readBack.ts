import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import type { Axis } from '../../schema/quantities';
import type { Zeroing } from '../../records/log/zeroing';
import { radiusBefore, touchBefore } from '../datum/previousContact';
import { sizeOf } from '../gauges/contactSize';
import { airCut } from '../zAndTools/airCut';
import type { SetupState } from '../basis/setupState';
import { lastZeroing, settingsOf } from '../basis/activeRecords';
import { INCH } from '../../units/unit';
import { withinHalfStep } from '../basis/withinHalfStep';

/** Why a machine may show something else than it was set to. */
export const READ_BACK_MISTAKES = [
  'not-set',
  'sign',
  'unit',
  'radius',
  'gauge',
  'plate-entry',
  'lift',
  'other-offset',
  'unknown',
] as const;

export type ReadBackMistake = (typeof READ_BACK_MISTAKES)[number];

/** A setting held against what the machine shows of it. mm. */
export interface ReadBackState {
  axis: Axis;
  setting: Zeroing;
  /** What it must show: the coordinate, or the figure of the work offset. */
  expected: number;
  /** What was read last; undefined while nobody looked. */
  shown: number | undefined;
  /** Within half a step of the display. */
  agrees: boolean | undefined;
  /** What would explain it, where it does not agree; all that fit, the likeliest first. */
  slips: ReadBackMistake[];
}

/** The last setting of an axis with what was read back after it; undefined where it was never set. */
export function readBackOf(book: SetupState, axis: Axis): ReadBackState | undefined {
  const setting = lastZeroing(book, axis);
  if (!setting) return undefined;
  const shown = book.readBacks.findLast(({ of }) => of.kind === 'setting' && of.zeroingId === setting.id)?.shown;
  const expected = setting.value;
  const agrees = shown === undefined ? undefined : withinHalfStep(book, axis, shown - expected);
  return {
    axis,
    setting,
    expected,
    shown,
    agrees,
    slips: shown === undefined || agrees ? [] : slipsOf(book, axis, setting, shown),
  };
}

/** So long a setting is worth looking at, milliseconds: a day at the mill. After a night a touch proves more. */
const WORTH_LOOKING = 12 * 3600 * 1000;

/** Settings that were not read back yet, or do not show what they must; the latest first. */
export const openReadBacks = (book: SetupState, now: number): ReadBackState[] =>
  (['x', 'y', 'z'] as const)
    .flatMap((axis) => readBackOf(book, axis) ?? [])
    .filter(({ setting, agrees }) => agrees !== true && now - Date.parse(setting.at) < WORTH_LOOKING)
    .sort((a, b) => b.setting.seq - a.setting.seq || b.setting.at.localeCompare(a.setting.at));

/** Every slip that makes just this figure. */
function slipsOf(book: SetupState, axis: Axis, setting: Zeroing, shown: number): ReadBackMistake[] {
  const { value } = setting;
  const fits = (would: number) => withinHalfStep(book, axis, shown - would);
  const before = touchBefore(book, axis, setting);
  const radius = radiusBefore(book, axis, setting);
  const gauge = before && book.gauges.find(({ id }) => id === before.gaugeId);
  const thickness = axis === 'z' && gauge ? sizeOf(gauge) : 0;
  const plate = gauge && GAUGE_FACTS[gauge.kind].isPlate ? gauge.nominal - sizeOf(gauge) : 0;
  const lift = airCut(book).asked || (setting.lift ?? 0);
  const others = settingsOf(book, axis).filter(
    ({ id, place }) => id !== setting.id && place.workOffset !== setting.place.workOffset,
  );
  const found: [ReadBackMistake, boolean][] = [
    // Moved instead of set: the display still counts as it did at the touch.
    ['not-set', before !== undefined && fits(before.value)],
    ['sign', value !== 0 && fits(-value)],
    ['unit', value !== 0 && (fits(value * INCH) || fits(value / INCH))],
    ['radius', radius > 0 && [1, -1, 2, -2].some((times) => fits(value + times * radius))],
    ['plate-entry', plate !== 0 && (fits(value + plate) || fits(value - plate))],
    ['gauge', thickness > 0 && (fits(value + thickness) || fits(value - thickness))],
    ['lift', lift > 0 && (fits(value + lift) || fits(value - lift))],
    ['other-offset', others.some((one) => fits(one.value))],
  ];
  const named = found.flatMap(([slip, is]) => (is ? slip : []));
  return named.length > 0 ? named : ['unknown'];
}
