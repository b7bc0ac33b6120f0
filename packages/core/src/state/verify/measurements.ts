import { outlineOf } from '../../datum/partFrame';
import { agreementOf } from '../../metrology/agreement';
import { Refusal } from '../../problem/problem';
import type { HoleOf, Measurement } from '../../records/log/measurement';
import { chordOverPins } from '../../verify/chordOverPins';
import { heightCheck } from '../../verify/heightCheck';
import type { HeightCheckOutput } from '../../verify/heightCheck.schema';
import { patternFit } from '../../verify/patternFit';
import type { PatternFitOutput } from '../../verify/patternFit.schema';
import { placesByMeasures, type Measure } from '../../verify/placesByMeasures';
import { memoize, gaugeAt, type SetupState } from '../basis/setupState';
import { patternHoles, patternsInHand, type Hole } from '../holes/holes';
import { lastZeroing } from '../basis/activeRecords';
import { uMeasuring } from '../boreAndFace/bore';

/** One thing measured, against what it should be. mm. */
export interface MeasuredSize {
  measurement: Measurement;
  /** What it should be. */
  should: number;
  /** Calibration results: a chord from middle to middle, a size as the gauge shows it. */
  found: number;
  /** U of that at 95 %. */
  U: number;
  /** Within its limits; null where none were told. */
  isIn: boolean | null;
}

/** A hole found by what was measured: where it should be, where it is, from part zero. mm. */
export interface VerifiedHole {
  name: string;
  hole: Hole;
  found: { x: number; y: number };
  U: number;
  /** False where too little was measured to say. */
  told: boolean;
}

/** What a finished part tells of the setup. */
export interface Verified {
  sizes: MeasuredSize[];
  holes: VerifiedHole[];
  /** The pattern as a whole, once a hole is told. */
  fit: PatternFitOutput | undefined;
  heights: (MeasuredSize & { check: HeightCheckOutput; tool: number | undefined })[];
  /** Whether everything with limits is in; null while nothing has any. */
  isIn: boolean | null;
}

const keyOf = ({ of }: Measurement): string => JSON.stringify({ ...of, limits: undefined });

/** The last measurement of each thing, in the order they were first measured. */
export function activeMeasurements({ measurements }: Pick<SetupState, 'measurements'>): Measurement[] {
  const last = new Map<string, Measurement>();
  for (const one of measurements) last.set(keyOf(one), one);
  return [...last.values()];
}

/** A hole of the patterns in hand; undefined where its pattern was laid aside or changed since. */
export const holeNamed = (book: SetupState, { pattern, hole }: HoleOf): Hole | undefined => {
  const found = patternsInHand(book).find(({ id }) => id === pattern);
  return found && patternHoles(book, found).find((one) => one.hole === hole);
};

export const holeName = ({ pattern, hole }: Hole): string => `${pattern.name} ${hole}`;

/** Everything measured of the part, held against what it should be. */
export const verified = (book: SetupState): Verified => memoize(book, 'verified', () => verify(book));

function verify(book: SetupState): Verified {
  const inForce = activeMeasurements(book);
  const sizes = inForce.flatMap((one) => sizeOf(book, one) ?? []);
  const heights = sizes.flatMap((size) => {
    const { of } = size.measurement;
    if (of.kind !== 'height') return [];
    const check = heightCheck({
      should: of.should,
      measured: size.measurement.value,
      counts: of.counts,
      measuredU: size.U,
      tolerance: book.setup.tolerance,
    });
    return [{ ...size, check, tool: of.tool }];
  });
  const holes = placesOf(book, inForce);
  const told = holes.filter((hole) => hole.told);
  const fit =
    told.length === 0
      ? undefined
      : refusedAs(() =>
          patternFit({
            holes: told.map(({ name, hole, found }) => ({
              name,
              nominal: { x: hole.x, y: hole.y },
              measured: found,
              zone: 2 * book.setup.tolerance,
            })),
            u: Math.max(...told.map(({ U }) => U / 2)),
          }),
        );
  const verdicts = [
    ...sizes.flatMap(({ isIn }) => (isIn === null ? [] : [isIn])),
    ...(fit?.holes.map(({ inZone }) => inZone) ?? []),
  ];
  return { sizes, holes, fit, heights, isIn: verdicts.length === 0 ? null : verdicts.every(Boolean) };
}

function refusedAs<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch (error) {
    if (error instanceof Refusal) return undefined;
    throw error;
  }
}

/** U of one measurement by its gauge as it was known then, mm at 95 %. */
function measuredU(book: SetupState, { gaugeId, at }: Measurement): number {
  const gauge = gaugeAt(book, gaugeId, at);
  return gauge ? 2 * uMeasuring(gauge) : 0.05;
}

/** What pins are known to, where nobody said: ground ones, mm at 95 %. */
const PIN_U = 0.002;

function sizeOf(book: SetupState, measurement: Measurement): MeasuredSize | undefined {
  const { of, value } = measurement;
  const U = measuredU(book, measurement);
  const within = (limits: { low: number; high: number } | undefined): boolean | null =>
    limits ? value >= limits.low && value <= limits.high : null;
  switch (of.kind) {
    case 'size': {
      const hole = holeNamed(book, of.of);
      return hole && { measurement, should: hole.diameter, found: value, U, isIn: within(of.limits) };
    }
    case 'chord': {
      const [a, b] = [holeNamed(book, of.from), holeNamed(book, of.to)];
      const chord = refusedAs(() => chordOverPins({ over: value, pins: of.pins, measuredU: U, pinU: PIN_U }));
      if (!a || !b || !chord) return undefined;
      const should = Math.hypot(a.x - b.x, a.y - b.y);
      return { measurement, should, found: chord.chord, U: chord.uncertainty.U, isIn: null };
    }
    case 'edge':
    case 'place': {
      const hole = holeNamed(book, of.of);
      const place = coordinateOf(book, measurement);
      if (!hole || !place) return undefined;
      return { measurement, should: hole[place.axis], found: place.value, U: 2 * place.u, isIn: null };
    }
    case 'height':
    case 'wall': {
      const { tolerance } = book.setup;
      const limits = of.limits ?? { low: of.should - tolerance, high: of.should + tolerance };
      return { measurement, should: of.should, found: value, U, isIn: within(limits) };
    }
  }
}

/** A coordinate of a hole from part zero, from the side of the part or as it was read. mm. */
function coordinateOf(
  book: SetupState,
  measurement: Measurement,
): { axis: 'x' | 'y'; value: number; u: number } | undefined {
  const { of, value } = measurement;
  const u = measuredU(book, measurement) / 2;
  if (of.kind === 'place') return { axis: of.axis, value, u };
  if (of.kind !== 'edge') return undefined;
  // Without the part's size only the sides that zero lies on could be measured from.
  const sides = outlineOf(book.part, book.setup.partZero);
  const away = value - of.pin / 2;
  switch (of.face) {
    case 'left':
      return { axis: 'x', value: sides.left + away, u };
    case 'right':
      return { axis: 'x', value: sides.right - away, u };
    case 'front':
      return { axis: 'y', value: sides.bottom + away, u };
    case 'back':
      return { axis: 'y', value: sides.top - away, u };
  }
}

function placesOf(book: SetupState, inForce: readonly Measurement[]): VerifiedHole[] {
  const holes: Hole[] = [];
  const place = (of: HoleOf): number | undefined => {
    const known = holes.findIndex(({ pattern, hole }) => pattern.id === of.pattern && hole === of.hole);
    if (known >= 0) return known;
    const hole = holeNamed(book, of);
    return hole && holes.push(hole) - 1;
  };
  const measures = inForce.flatMap((measurement): Measure[] => {
    const { of } = measurement;
    if (of.kind === 'chord') {
      const [from, to] = [place(of.from), place(of.to)];
      const size = sizeOf(book, measurement);
      return from === undefined || to === undefined || !size
        ? []
        : [{ kind: 'chord', from, to, value: size.found, u: Math.max(size.U / 2, 1e-4) }];
    }
    const coordinate = coordinateOf(book, measurement);
    if (!coordinate || !('of' in of)) return [];
    const hole = place(of.of);
    return hole === undefined ? [] : [{ kind: 'coordinate', of: hole, ...coordinate, u: Math.max(coordinate.u, 1e-4) }];
  });
  if (measures.length === 0) return [];
  return placesByMeasures(holes, measures).map(({ x, y, u, told }, i) => {
    const hole = holes[i] as Hole;
    return { name: holeName(hole), hole, found: { x, y }, U: 2 * Math.max(u.x, u.y), told };
  });
}

/** What to change for the next part. mm and degrees. */
export type Correction =
  /** Part zero is to stand so much further. */
  | { kind: 'shift'; x: number; y: number; U: number }
  /** The part is to be turned so much, counter-clockwise: its holes came out turned the same way on it. */
  | { kind: 'turn'; angle: number; U: number }
  | { kind: 'length'; tool: number; by: number; U: number };

/** When the part was measured, first of all; undefined while it was not. */
const measuredFrom = (book: SetupState, kinds: readonly Measurement['of']['kind'][]): string | undefined =>
  activeMeasurements(book)
    .filter(({ of }) => kinds.includes(of.kind))
    .map(({ at }) => at)
    .sort()[0];

/** Whether an axis was set after the part was measured: then the part tells nothing of how it stands now. */
function setSince(book: SetupState, axes: readonly ('x' | 'y')[]): boolean {
  const from = measuredFrom(book, ['chord', 'edge', 'place']);
  return axes.some((axis) => (lastZeroing(book, axis)?.at ?? '') > (from ?? ''));
}

/**
 * What would bring the next part right, as far as the differences are more than their ±; what was set again since the part
 * was measured is left in peace.
 */
export function corrections(book: SetupState): Correction[] {
  const { fit, heights } = verified(book);
  const found: Correction[] = [];
  if (fit && !setSince(book, ['x', 'y'])) {
    const { shift, turn, turnU, uncertainty } = fit;
    // A part that is turned has its zero found again: a shift would be taken twice.
    if (turnU !== null && Math.abs(turn) > turnU) found.push({ kind: 'turn', angle: turn, U: turnU });
    else if (Math.max(Math.abs(shift.x), Math.abs(shift.y)) > uncertainty.U)
      found.push({ kind: 'shift', x: -shift.x, y: -shift.y, U: uncertainty.U });
  }
  for (const { check, tool, measurement } of heights)
    if (check.isTold && tool !== undefined && keptAt(book, tool) <= measurement.at)
      found.push({ kind: 'length', tool, by: check.lengthBy, U: check.uncertainty.U });
  return found;
}

/** When a tool's row was last kept; the empty text where it never was. */
const keptAt = ({ toolTable }: SetupState, tool: number): string =>
  toolTable?.rows.find(({ number }) => number === tool)?.keptAt ?? '';

/** Whether a size agrees with what it should be, by its own ±. */
export const agreesWith = ({ found, should, U }: MeasuredSize): boolean =>
  agreementOf({ value: should, U: 0 }, { value: found, U: Math.max(U, 1e-9) }).agrees;
