import { GAUGE_FACTS } from '../../metrology/gauges/gaugeKinds';
import { isTouch } from '../../records/log/reading';
import type { NewReadBack } from '../../records/log/readBack';
import { INCH } from '../../units/unit';
import { gaugeAt, type SetupState } from '../basis/setupState';
import { sizeOf, thicknessOf } from '../gauges/contactSize';
import type { KnownGauge } from '../basis/calibratedGauge';
import type { ReadBackMistake } from './readBack';
import type { TableRow } from '../zAndTools/toolTable';
import { withinHalfStep } from '../basis/withinHalfStep';

/** A row of the control's tool table against what it was meant to be. mm. */
export interface RowReadBack {
  expected: number;
  /** What it read; undefined while nobody looked, or since the tool was touched again. */
  shown: number | undefined;
  agrees: boolean | undefined;
  /** What would make just this figure. */
  slips: (ReadBackMistake | 'other-row')[];
}

const shownOf = (book: SetupState, is: (of: NewReadBack['of']) => boolean) =>
  book.readBacks.findLast(({ of }) => is(of));

/**
 * What the control's tool table reads of a tool, against the length that was meant: a gauge left out or taken twice, a sign
 * dropped, the other unit, another tool's row. A touch after it makes it old.
 *
 * @returns undefined where the tool has no length to be held against
 */
export function rowReadBack(book: SetupState, rows: readonly TableRow[], number: number): RowReadBack | undefined {
  const length = rows.find((row) => row.number === number)?.length;
  if (length === undefined || length === null) return undefined;
  const seen = shownOf(book, (of) => of.kind === 'tool' && of.number === number);
  const touchedAt = book.readings
    .filter(isTouch)
    .filter(({ subject, struckBy }) => struckBy === null && subject.kind === 'tool-length' && subject.tool === number)
    .reduce((last, { takenAt }) => (takenAt > last ? takenAt : last), '');
  if (!seen || seen.at <= touchedAt) return { expected: length, shown: undefined, agrees: undefined, slips: [] };
  const fits = (would: number): boolean => withinHalfStep(book, 'z', seen.shown - would);
  if (fits(length)) return { expected: length, shown: seen.shown, agrees: true, slips: [] };
  const gauge = book.gauges.find(({ id }) => id === book.setup.heightGaugeId);
  const thickness = gauge ? thicknessOf(gauge) : 0;
  const found: [ReadBackMistake | 'other-row', boolean][] = [
    ['sign', length !== 0 && fits(-length)],
    ['gauge', thickness > 0 && [1, -1, 2, -2].some((times) => fits(length + times * thickness))],
    ['unit', length !== 0 && (fits(length * INCH) || fits(length / INCH))],
    ['other-row', rows.some((row) => row.number !== number && row.length !== null && fits(row.length))],
  ];
  const slips = found.flatMap(([slip, is]) => (is ? slip : []));
  return { expected: length, shown: seen.shown, agrees: false, slips: slips.length > 0 ? slips : ['unknown'] };
}

/** A touch plate: as it is marked, as it measures, and as the control has it. mm. */
export interface PlateEntry {
  marked: number;
  measured: number | undefined;
  /** What the control has entered; undefined while nobody looked. */
  entered: number | undefined;
  /**
   * How much higher every tool runs than it says, once the control has probed with what it has entered: its true thickness
   * less the entry. Plus cuts air, minus digs in. Null while either is not known.
   */
  runsHigh: number | null;
  agrees: boolean | undefined;
  /** What would make just this entry, where it is wrong: the other unit, or another plate of the shop by its name. */
  likely: 'unit' | { plate: string } | undefined;
}

/** An entry is some other figure where it comes this near to it: a control rounds. Share of it. */
const NEAR = 0.005;

function likelyEntry(book: SetupState, plate: KnownGauge, entered: number, size: number): PlateEntry['likely'] {
  const near = (would: number) => Math.abs(entered - would) <= NEAR * would;
  if (near(size * INCH) || near(size / INCH)) return 'unit';
  const other = book.gauges.find(
    (one) => one.id !== plate.id && GAUGE_FACTS[one.kind].isPlate && (near(one.nominal) || near(thicknessOf(one))),
  );
  return other && { plate: other.name };
}

/** The three figures of a plate held against each other. */
export function plateEntry(book: SetupState, plate: KnownGauge): PlateEntry {
  const today = gaugeAt(book, plate.id, '9999') ?? plate;
  const entered = shownOf(book, (of) => of.kind === 'plate' && of.gaugeId === plate.id)?.shown;
  const true_ = today.offsets?.z ?? today.measured;
  const size = true_ ?? sizeOf(today);
  const agrees = entered === undefined ? undefined : withinHalfStep(book, 'z', entered - size);
  const runsHigh = entered === undefined || true_ === undefined ? null : true_ - entered;
  return {
    marked: plate.nominal,
    measured: true_,
    entered,
    runsHigh,
    agrees,
    likely: entered === undefined || agrees === true ? undefined : likelyEntry(book, plate, entered, size),
  };
}
