import { alignmentOf } from '../../state/alignment/plan';
import type { SetupState } from '../../state/basis/setupState';
import { featureAnswer } from '../../state/datum/featureAnswer';
import { alignmentPass, latestPass, isInLine, type AlignmentAnswer } from '../../state/alignment/taskAnswer';
import { boreLog, uMeasuring } from '../../state/boreAndFace/bore';
import { runOutAllowed, runOutPlaces, toolRunOut } from '../../state/zAndTools/runOut';
import type { CalibrationFound } from '../../records/shop/calibration';
import { patternPositions } from '../../holes/patterns/pattern';
import { boxOf } from '../mill/box';
import { offAxis, tripAt, trueLength, trueRadius, trueThickness } from '../mill/hiddenTruth';
import type { Mill } from '../mill/mill';
import { SWING } from '../mill/works/swing';
import { JAW } from '../mill/works/workAct';
import type { Feature } from '../../records/setup/datumPlan';
import type { LessonThing } from '../lessons/lesson';

/** What became of something that was to be lined up, found or made. Lengths mm. */
export interface ThingMark {
  thing: LessonThing['thing'];
  /** Along which axis, where it has two. */
  along?: 'y' | 'z';
  /** How it truly is: how far out, how long, how wide. */
  is: number;
  /** What the reckoning said of it last, with its U; undefined where nothing was found of it. */
  said: number | undefined;
  U: number | undefined;
  /** Done, and within what the job allows. */
  good: boolean;
}

/** Holds something against the mill's own truth. */
export function thingMark(mill: Mill, book: SetupState, what: LessonThing): ThingMark {
  switch (what.thing) {
    case 'head':
    case 'vise':
    case 'centre':
    case 'chuck':
      return linedUp(mill, book, what.thing);
    case 'skew':
      return skewMark(mill, book, what.at);
    case 'run-out':
      return runOutMark(mill, book, what);
    case 'ball':
      return ballMark(mill, book, what.gaugeId);
    case 'trigger':
      return triggerMark(mill, book, what);
    case 'rotary-centre':
      return centreMark(mill, book, what.along);
    case 'bore':
      return boreMark(mill, book, what.of);
    case 'height':
      return heightMark(mill, book, what.remove);
    case 'holes':
      return holesMark(mill, book);
    case 'second-zero':
      return secondMark(mill, book, what.of);
  }
}

/** How far out it truly is, mm, as the alignment counts it. */
function outOf(mill: Mill): number {
  const { work, at, hidden } = mill;
  if (work?.kind === 'vise') return Math.abs(Math.tan(work.turn) * JAW);
  if (work?.kind === 'chuck') return Math.hypot(...work.off);
  // The worse of its two planes, over the whole swing.
  if (work?.kind === 'head') return SWING * Math.max(...Object.values(work.lean).map((one) => Math.abs(Math.tan(one))));
  const round = hidden.bore ?? hidden.boss;
  const { corner } = boxOf(mill) ?? hidden;
  return round ? Math.hypot(at.x - corner.x - round.x, at.y - corner.y - round.y) : NaN;
}

/** Lined up, proven by the last pass, and still so. */
function linedUp(mill: Mill, book: SetupState, task: 'head' | 'vise' | 'centre' | 'chuck'): ThingMark {
  const plan = alignmentOf(book, task);
  const answer = plan && lastAnswer(book, task);
  const is = outOf(mill);
  return {
    thing: task,
    is,
    said: answer && Math.abs(saidOut(answer)),
    U: answer?.uncertainty.U,
    good: plan !== undefined && isInLine(answer) && is <= plan.allowed,
  };
}

function lastAnswer(book: SetupState, task: 'head' | 'vise' | 'centre' | 'chuck'): AlignmentAnswer | undefined {
  const plan = alignmentOf(book, task);
  const passes = latestPass(book, task);
  return plan && passes > 0 ? alignmentPass(book, plan, passes).answer : undefined;
}

const saidOut = (answer: AlignmentAnswer): number =>
  answer.task === 'head'
    ? Math.max(Math.abs(answer.result.error), Math.abs(answer.other.error))
    : answer.task === 'vise' || answer.task === 'chuck' || (answer.task === 'centre' && answer.school === 'sweep')
      ? answer.result.error
      : NaN;

/** How far the part lies turned, as what its long side is out by from end to end. */
function skewMark({ hidden }: Mill, book: SetupState, at: Feature): ThingMark {
  const skew = featureAnswer(book, at)?.skew;
  const out = (angle: number) => book.part.size.x * Math.tan((angle * Math.PI) / 180);
  const is = out(hidden.turned ?? 0);
  const said = skew && out(skew.angle);
  return {
    thing: 'skew',
    is,
    said,
    U: skew && out(skew.U),
    good: said !== undefined && Math.abs(said - is) <= book.setup.tolerance,
  };
}

/** Largest less smallest of what a tool's end stands out at the places it is read at. */
function runOutMark(mill: Mill, book: SetupState, { tool, contact }: { tool: number; contact: string }): ThingMark {
  const held = mill.spec.contacts.find(({ id }) => id === contact);
  const known = book.tools.find(({ number }) => number === tool);
  const outs = known && held ? runOutPlaces(known).map((place) => offAxis(mill.hidden, held, place).x) : [];
  const is = Math.max(...outs) - Math.min(...outs);
  const answer = known && toolRunOut(book, known)?.result;
  const allowed = known ? runOutAllowed(book, known) : 0;
  return {
    thing: 'run-out',
    is,
    said: answer?.worst,
    U: answer?.uncertainty.U,
    // Said to be in limits or over them, as it is; near the limit either will do.
    good: answer !== undefined && (answer.passed === is <= allowed || Math.abs(is - allowed) <= answer.uncertainty.U),
  };
}

const foundOf = <W extends CalibrationFound['what']>(
  book: SetupState,
  what: W,
  of: string,
): Extract<CalibrationFound, { what: W }> | undefined =>
  book.calibrations
    .filter((one) => ('gaugeId' in one.of ? one.of.gaugeId : one.of.kind) === of)
    .map(({ found }) => found)
    .findLast((found): found is Extract<CalibrationFound, { what: W }> => found.what === what);

/** So near is near enough where a gauge is qualified, mm. */
const QUALIFIED = 0.015;

const found = (
  thing: LessonThing['thing'],
  is: number,
  said: number | undefined,
  U: number | undefined,
): ThingMark => ({
  thing,
  is,
  said,
  U,
  good: said !== undefined && Math.abs(said - is) <= QUALIFIED,
});

const WALLS = ['bore-left', 'bore-right', 'bore-front', 'bore-back'] as const;

/** A probe's ball: as wide as it works, with what it trips before each wall. */
function ballMark({ hidden, spec }: Mill, book: SetupState, gaugeId: string): ThingMark {
  const ball = spec.contacts.find(({ id }) => id === gaugeId);
  const size = foundOf(book, 'size', gaugeId);
  const early = ball ? WALLS.reduce((sum, wall) => sum + tripAt(hidden, ball, undefined, wall), 0) / WALLS.length : 0;
  return found('ball', ball ? 2 * (trueRadius(hidden, ball) + early) : NaN, size?.value, size?.U);
}

/** Z at which the bare spindle would touch what stands on the part. */
function triggerMark(
  mill: Mill,
  book: SetupState,
  { gaugeId, between }: { gaugeId: string; between: string },
): ThingMark {
  const put = mill.spec.betweens.find(({ id }) => id === between);
  const trigger = foundOf(book, 'trigger', gaugeId);
  const is = mill.hidden.top + trueThickness(mill.hidden, put) - mill.zero.z;
  return found('trigger', is, trigger?.value, trigger?.U);
}

/** Where a table tilts, along Y or along Z. */
function centreMark({ work, zero, spec, hidden, held }: Mill, book: SetupState, along: 'y' | 'z'): ThingMark {
  if (work?.kind !== 'tilt') return found('rotary-centre', NaN, undefined, undefined);
  const probe = held ?? spec.contacts[0];
  // Z as it is logged has the probe's marked length taken off.
  const longer = along === 'z' && probe ? trueLength(hidden, probe) - probe.length : 0;
  const centre = foundOf(book, 'centre', 'rotary');
  const at = along === 'y' ? 0 : 1;
  return { ...found('rotary-centre', work.axis[along] + longer - zero[along], centre?.at[at], centre?.U[at]), along };
}

/** A bore within its limits, as near as what measures it can tell, and as it was measured last. */
function boreMark({ work }: Mill, book: SetupState, of: string): ThingMark {
  const plan = book.cutPlan.bores.find(({ id }) => id === of);
  const log = boreLog(book, of);
  const gauge = book.gauges.find(({ id }) => id === plan?.gaugeId);
  const is = work?.kind === 'boring' ? work.bore : NaN;
  const U = gauge ? 2 * uMeasuring(gauge) : 0;
  return {
    thing: 'bore',
    is,
    said: log.passes.at(-1)?.measured ?? log.start,
    U,
    good: plan !== undefined && is >= plan.low - U && is <= plan.high + U,
  };
}

/** How far what is left stands over its height. */
function heightMark(mill: Mill, { setup }: SetupState, remove: number): ThingMark {
  const box = boxOf(mill);
  const is = box ? mill.hidden.size.z - remove : NaN;
  const left = box?.size.z;
  const { work } = mill;
  const cut = work?.kind === 'facing' && work.passes > 0;
  return {
    thing: 'height',
    is: left === undefined ? NaN : left - is,
    said: cut ? 0 : undefined,
    U: undefined,
    good: cut && left !== undefined && Math.abs(left - is) <= setup.tolerance,
  };
}

/** The hole that is furthest from its place, counted from the middle that they lie round. */
function holesMark({ events, hidden }: Mill, book: SetupState): ThingMark {
  const from = hidden.boss ?? hidden.bore ?? { x: hidden.size.x / 2, y: hidden.size.y / 2 };
  const marks = events.flatMap((one) =>
    one.kind === 'spotted' ? [{ x: one.at.x - from.x, y: one.at.y - from.y }] : [],
  );
  const places = book.patterns.flatMap(patternPositions);
  const off = places.map(({ x, y }) => Math.min(Infinity, ...marks.map((at) => Math.hypot(at.x - x, at.y - y))));
  const worst = Math.max(...off);
  return {
    thing: 'holes',
    is: worst,
    said: marks.length === 0 ? undefined : 0,
    U: undefined,
    good: worst <= book.setup.tolerance && marks.length === places.length,
  };
}

/** How far the readout's second zero is from a bore's middle; the first one is marked for itself. */
function secondMark({ hidden, second, events }: Mill, book: SetupState, of: string): ThingMark {
  const { bore, corner } = hidden;
  const set = (['x', 'y'] as const).every((axis) =>
    events.some((one) => one.kind === 'set' && one.scale === 'incremental' && one.axis === axis),
  );
  const off = bore && { x: corner.x + bore.x - second.x, y: corner.y + bore.y - second.y };
  const is = off ? Math.hypot(off.x, off.y) : NaN;
  const answer = featureAnswer(book, { kind: 'round', of });
  const U = Math.hypot(answer?.x?.uncertainty.U ?? NaN, answer?.y?.uncertainty.U ?? NaN);
  return {
    thing: 'second-zero',
    is,
    said: set ? 0 : undefined,
    U: Number.isFinite(U) ? U : undefined,
    good: set && is <= book.setup.tolerance,
  };
}
