import { quarterOf } from '../../metrology/judge';
import { centreSweep } from '../../alignment/centreSweep';
import type { CentreSweepOutput } from '../../alignment/centreSweep.schema';
import { centrePlug } from '../../alignment/centrePlug';
import type { CentrePlugOutput } from '../../alignment/centrePlug.schema';
import type { DialReading, Reading, TouchReading } from '../../records/log/reading';
import type { Approach } from '../../schema/quantities';
import { gaugeAt, type SetupState } from '../basis/setupState';
import { circle } from '../../datum/round/circle';
import type { CircleInput, CircleOutput } from '../../datum/round/circle.schema';
import { featureKey, nominalOf, roundOf } from '../../datum/feature';
import { ROUND_WAYS, type RoundWay } from '../../records/values/faces';
import { cycleCentre } from '../../datum/round/cycleCentre';
import type { CycleCentreOutput } from '../../datum/round/cycleCentre.schema';
import { oppositeFaces } from '../../datum/faces/oppositeFaces';
import type { OppositeFacesOutput } from '../../datum/faces/oppositeFaces.schema';
import type { KnownGauge } from '../basis/calibratedGauge';
import { mean } from '../../metrology/mean';
import { METHOD_FACTS, methodOf } from '../../methods/method';
import { Refusal } from '../../problem/problem';
import { point } from './corner';
import { contactInUse, uFelt, backlashAtTouch, methodWith, sameUse, uTouch } from '../gauges/contactSize';
import { allReadingsOf, activeReadings } from '../basis/activeRecords';

/** What a bore or boss answers with, by the way it was found. */
export type RoundAnswer = { readings: readonly Reading[] } & (
  | { way: 'points'; input: CircleInput; result: CircleOutput }
  | {
      way: 'pairs';
      x: OppositeFacesOutput | undefined;
      y: OppositeFacesOutput | undefined;
      diameter: { value: number; U: number } | undefined;
    }
  | { way: 'sweep'; result: CentreSweepOutput; stands: { x?: number; y?: number } }
  | { way: 'plug'; result: CentrePlugOutput }
  | { way: 'cycle'; result: CycleCentreOutput }
);

/** How a bore or boss is found: as it was chosen, else as the gauge in hand can. */
export function roundWay(book: SetupState, of: string): RoundWay {
  const way = book.datumPlan.ways[featureKey({ kind: 'round', of })];
  return ROUND_WAYS.find((one) => one === way) ?? 'pairs';
}

/** The gauge a bore or boss is found with in this way: the finder of the plan, or the indicator or plug chosen, else the shop's first. */
export function roundGauge({ gauges, setup, datumPlan }: SetupState, way: RoundWay): KnownGauge | undefined {
  const own = gauges.find(({ id }) => id === setup.finderId);
  if (way === 'pairs' || way === 'points' || way === 'cycle') return own;
  const kind = way === 'sweep' ? 'indicator' : 'plug';
  const chosen = gauges.find(({ id }) => id === datumPlan.centredWith?.[way]);
  return chosen ?? gauges.find((gauge) => gauge.kind === kind && gauge.retiredOn === undefined);
}

/** The latest time round of a sweep in the datum's own log; 1 before the first. */
export const sweepPass = (book: SetupState, of: string): number =>
  allReadingsOf(book, { kind: 'sweep', of, place: 0, pass: 1 }).reduce(
    (most, { subject }) => (subject.kind === 'sweep' ? Math.max(most, subject.pass) : most),
    1,
  );

/** Readings of one time round, struck ones included, in the order of the places. */
export function sweepReadings(book: SetupState, of: string, pass: number): DialReading[] {
  const all = allReadingsOf(book, { kind: 'sweep', of, place: 0, pass });
  return SWEEP_PLACES.flatMap((place) =>
    all.filter(
      (one): one is DialReading =>
        one.on === 'dial' && one.subject.kind === 'sweep' && one.subject.pass === pass && one.subject.place === place,
    ),
  );
}

/** Where the dial is read round a bore or boss, degrees. */
export const SWEEP_PLACES = [0, 90, 180, 270] as const;

/**
 * A bore or boss from the readings in force, by the way chosen; undefined while there are too few.
 *
 * @throws Refusal when they give no centre
 */
export function roundAnswer(book: SetupState, of: string): RoundAnswer | undefined {
  const way = roundWay(book, of);
  if (way === 'sweep') return swept(book, of);
  if (way === 'plug') return plugged(book, of);
  if (way === 'cycle') return byCycle(book, of);
  const round = roundOf(book.part, of);
  const inForce = activeReadings(book, { kind: 'round', of });
  const last = inForce.at(-1);
  const use = last && contactInUse(book, last, last.axis === 'x' ? 'x' : 'y');
  if (!use) return undefined;
  if (round.kind === 'bore' && 2 * (use.contact.diameter / 2 + use.contact.feeler) >= round.diameter) {
    throw new Refusal({
      code: 'contact-too-large',
      field: 'contact.diameter',
      message: `The contact is wider than ${round.name} and cannot go into it. Choose a smaller pin or ball.`,
    });
  }
  const readings = inForce.filter((reading) => sameUse(book, reading, last));
  if (METHOD_FACTS[methodOf(use.gauge.kind) ?? 'plug'].contact === 'centre') return undefined;
  return way === 'points' ? byPoints(book, of, readings, use) : byPairs(book, of, readings, use);
}

type Use = NonNullable<ReturnType<typeof contactInUse>>;

const lastOf = (readings: readonly TouchReading[]): string => readings.at(-1)?.takenAt ?? '';

const centreOf = (book: SetupState, of: string): { x: number; y: number } => {
  const { x = 0, y = 0 } = nominalOf(book.part, book.setup.partZero, { kind: 'round', of });
  return { x, y };
};

function byPoints(
  book: SetupState,
  of: string,
  all: TouchReading[],
  { gauge, contact, uSize }: Use,
): RoundAnswer | undefined {
  const readings = all.filter(({ across }) => across !== undefined);
  if (readings.length < 3) return undefined;
  const method = methodWith(book, gauge, 'x');
  const input: CircleInput = {
    feature: roundOf(book.part, of).kind,
    touches: readings.map((reading) => point(book, reading)),
    nominal: centreOf(book, of),
    contact,
    method: { ...method, resolution: Math.max(method.resolution, book.machine.axes.y.step) },
    uTouch: uFelt(book, gauge, lastOf(readings)),
    uSize,
    tolerance: book.setup.tolerance,
  };
  return { way: 'points', input, result: circle(input), readings };
}

/**
 * The middle between the two walls of a bore or boss along one axis, and how far apart they are, from touches made with one
 * contact; undefined while only one of them was touched.
 */
export function pairAlong(
  book: SetupState,
  of: string,
  axis: 'x' | 'y',
  all: readonly TouchReading[],
  { gauge, contact, uSize }: Use,
): OppositeFacesOutput | undefined {
  const { kind, diameter } = roundOf(book.part, of);
  const touched = (approach: Approach) => all.filter((one) => one.axis === axis && one.approach === approach);
  const [toward, away] = [touched(1), touched(-1)];
  if (toward.length === 0 || away.length === 0) return undefined;
  const lostMotion = backlashAtTouch(book, axis, lastOf(all));
  return oppositeFaces({
    first: { readings: toward.map(({ value }) => value), approach: 1 },
    second: { readings: away.map(({ value }) => value), approach: -1 },
    nominal: centreOf(book, of)[axis],
    expected: { kind: kind === 'bore' ? 'slot' : 'web', width: diameter },
    contact,
    method: methodWith(book, gauge, axis),
    uTouch: uTouch(gauge),
    uSize,
    ...(lostMotion && { lostMotion }),
    tolerance: book.setup.tolerance,
  });
}

function byPairs(book: SetupState, of: string, all: TouchReading[], use: Use): RoundAnswer | undefined {
  const [x, y] = [pairAlong(book, of, 'x', all, use), pairAlong(book, of, 'y', all, use)];
  if (!x && !y) return undefined;
  // The pair begun first is a chord; the other, taken through its middle, is the diameter. A wall touched again changes neither.
  const second = x && y ? (all[0]?.axis === 'x' ? y : x) : undefined;
  return {
    way: 'pairs',
    x,
    y,
    diameter: second && { value: second.width, U: second.widthUncertainty.U },
    readings: all,
  };
}

function swept(book: SetupState, of: string): RoundAnswer | undefined {
  const pass = sweepPass(book, of);
  const readings = sweepReadings(book, of, pass).filter(({ struckBy }) => struckBy === null);
  const last = readings.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  const read = new Set(readings.flatMap(({ subject }) => (subject.kind === 'sweep' ? subject.place : [])));
  if (!gauge || read.size < 3) return undefined;
  const result = centreSweep({
    feature: roundOf(book.part, of).kind,
    points: readings.flatMap(({ subject, value }) =>
      subject.kind === 'sweep' ? { angle: subject.place, reading: value } : [],
    ),
    indicator: {
      sense: 1,
      resolution: gauge.resolution ?? 0.01,
      methodSd: uTouch(gauge),
      ...(gauge.range !== undefined && { range: gauge.range }),
    },
    allowed: quarterOf(book.setup.tolerance),
  });
  const standing = activeReadings(book, { kind: 'standing', of }).filter(({ source }) => source.by !== 'control');
  return { way: 'sweep', result, stands: standsAt(standing), readings: [...readings, ...standing] };
}

function standsAt(readings: readonly TouchReading[]): { x?: number; y?: number } {
  const at = (axis: 'x' | 'y') => {
    const values = readings.filter((reading) => reading.axis === axis).map(({ value }) => value);
    return values.length > 0 ? { [axis]: mean(values) } : {};
  };
  return { ...at('x'), ...at('y') };
}

function plugged(book: SetupState, of: string): RoundAnswer | undefined {
  const readings = activeReadings(book, { kind: 'standing', of }).filter(({ source }) => source.by !== 'control');
  const last = readings.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  const values = (axis: 'x' | 'y') => readings.filter((one) => one.axis === axis).map(({ value }) => value);
  if (!gauge || values('x').length === 0 || values('y').length === 0) return undefined;
  const sweep = swept(book, of);
  const word = book.datumPlan.onMyWord.includes(featureKey({ kind: 'round', of }));
  const tir = sweep?.way === 'sweep' ? sweep.result.tir : undefined;
  // Neither swept nor taken on the person's word: not accepted.
  if (tir === undefined && !word) return undefined;
  const method = methodWith(book, gauge, 'x');
  return {
    way: 'plug',
    readings,
    result: centrePlug({
      x: values('x'),
      y: values('y'),
      nominal: centreOf(book, of),
      method: { ...method, resolution: Math.max(method.resolution, book.machine.axes.y.step) },
      uTouch: uTouch(gauge),
      plugTir: gauge.tir ?? 0,
      confirm: tir === undefined ? { by: 'word' } : { by: 'sweep', tir },
      allowed: book.setup.tolerance,
    }),
  };
}

/** The centre the control's own cycle gave; undefined until it was logged along both axes. */
function byCycle(book: SetupState, of: string): RoundAnswer | undefined {
  const readings = activeReadings(book, { kind: 'standing', of }).filter(({ source }) => source.by === 'control');
  const last = readings.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  const values = (axis: 'x' | 'y') => readings.filter((one) => one.axis === axis).map(({ value }) => value);
  const [x, y] = [values('x'), values('y')];
  if (!gauge || x.length === 0 || y.length === 0) return undefined;
  const result = cycleCentre({
    x,
    y,
    nominal: centreOf(book, of),
    method: methodWith(book, gauge, 'x'),
    uTouch: uTouch(gauge),
    tolerance: book.setup.tolerance,
  });
  return { way: 'cycle', result, readings };
}
