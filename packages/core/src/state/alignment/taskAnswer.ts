import { alignmentPlaces, PLUG_PLACES } from '../../alignment/places';
import { centrePlug } from '../../alignment/centrePlug';
import { centreSweep } from '../../alignment/centreSweep';
import { chuckFlip } from '../../alignment/chuckFlip';
import { headTram } from '../../alignment/headTram';
import { jawLine } from '../../alignment/jawLine';
import { level } from '../../alignment/level';
import { partSkew } from '../../alignment/partSkew';
import type { Alignment, AlignmentOf } from '../../records/setup/alignment';
import type { AlignmentTask } from '../../records/values/subject';
import type { Reading } from '../../records/log/reading';
import type { IndicatorUse } from '../../schema/indicator';
import { answerWith, type StateAnswer } from '../gauges/answer';
import { memoize, asKnownAt, type SetupState } from '../basis/setupState';
import { allReadingsOf } from '../basis/activeRecords';
import { FACE_TOUCH } from '../../datum/partFrame';
import { Refusal } from '../../problem/problem';
import { uTouch } from '../gauges/contactSize';

/** What a pass of each task answers with. */
export type AlignmentResult =
  | { task: 'vise'; alignment: AlignmentOf<'vise'>; result: ReturnType<typeof jawLine> }
  | { task: 'head'; result: ReturnType<typeof headTram>; other: ReturnType<typeof headTram> }
  | { task: 'centre'; school: 'sweep'; result: ReturnType<typeof centreSweep> }
  | { task: 'centre'; school: 'plug'; result: ReturnType<typeof centrePlug> }
  | { task: 'chuck'; result: ReturnType<typeof chuckFlip> }
  | { task: 'level'; result: ReturnType<typeof level> }
  | { task: 'skew'; alignment: AlignmentOf<'skew'>; result: ReturnType<typeof partSkew> };

/** What a pass answers with, in the shape of every answer. */
export type AlignmentAnswer = StateAnswer<'alignment'> & AlignmentResult;

/** One time round: its readings, which place is next, and what it answers once all are in. */
export interface AlignmentPass {
  pass: number;
  /** Struck ones included. */
  readings: Reading[];
  /** The first place that has no reading in force yet. */
  next: number | undefined;
  answer: AlignmentAnswer | undefined;
  /** Why it cannot be answered, though everything was read. */
  refusal: Refusal | undefined;
}

/** The latest pass of a task that has anything; 0 for none. */
export function latestPass(book: SetupState, task: AlignmentTask): number {
  const read = readOf(book, task).flatMap(({ subject }) => (subject.kind === 'alignment' ? subject.pass : []));
  const swept = task === 'centre' ? book.sweeps.map(({ pass }) => pass) : [];
  return Math.max(0, ...read, ...swept);
}

const readOf = (book: SetupState, task: AlignmentTask): readonly Reading[] =>
  allReadingsOf(book, { kind: 'alignment', task, place: 0, pass: 1 });

/** A pass as the log has it. */
export const alignmentPass = (book: SetupState, alignment: Alignment, pass: number): AlignmentPass =>
  memoize(book, `alignment ${JSON.stringify(alignment)} ${pass}`, () => passOf(book, alignment, pass));

function passOf(book: SetupState, alignment: Alignment, pass: number): AlignmentPass {
  const readings = readOf(book, alignment.task).filter(
    ({ subject, on }) =>
      subject.kind === 'alignment' &&
      subject.pass === pass &&
      // A plug is read on the machine's scales, a sweep on the dial: the two never mix.
      (on === 'dial') === readsDial(alignment),
  );
  const at = (place: number): number[] =>
    readings.flatMap(({ subject, value, struckBy }) =>
      subject.kind === 'alignment' && subject.place === place && struckBy === null ? value : [],
    );
  const sweep = isSweep(alignment) ? book.sweeps.filter((one) => one.pass === pass).at(-1) : undefined;
  const next = sweep ? undefined : alignmentPlaces(alignment).find((place) => at(place).length === 0);
  const none = { pass, readings, next, answer: undefined, refusal: undefined };
  if (next !== undefined) return none;
  try {
    const inForce = readings.filter(({ struckBy }) => struckBy === null);
    const moment = sweep?.at ?? inForce.at(-1)?.takenAt;
    const then = moment === undefined ? book : asKnownAt(book, moment);
    return { ...none, answer: answerOf(solveTask(then, alignment, at, sweep?.points), inForce, alignment.allowed) };
  } catch (error) {
    if (error instanceof Refusal) return { ...none, refusal: error };
    throw error;
  }
}

/** The head is as good as the worse of its two planes, and its tape has both. */
function answerOf(found: AlignmentResult, readings: readonly Reading[], allowed: number): AlignmentAnswer {
  const kind = 'alignment' as const;
  if (found.task !== 'head') return { ...answerWith(kind, found.result, readings, allowed), ...found };
  const { result, other } = found;
  const worse = other.uncertainty.U > result.uncertainty.U ? other : result;
  const tape = { sections: [...result.tape.sections, ...other.tape.sections] };
  return { ...answerWith(kind, worse, readings, allowed), tape, ...found };
}

const readsDial = (alignment: Alignment): boolean =>
  alignment.task !== 'skew' && !(alignment.task === 'centre' && alignment.school === 'plug');

const isSweep = (alignment: Alignment): boolean => alignment.task === 'centre' && alignment.school === 'sweep';

type At = (place: number) => number[];

function solveTask(
  book: SetupState,
  alignment: Alignment,
  at: At,
  sweep: { angle: number; reading: number }[] | undefined,
): AlignmentResult {
  const { allowed } = alignment;
  const places = alignmentPlaces(alignment).map((place) => ({ at: place, readings: at(place) }));
  switch (alignment.task) {
    case 'vise':
      return solveVise(book, alignment, places);
    case 'head': {
      const indicator = indicatorUseOf(book, alignment);
      const swung = { swing: alignment.swing, indicator, allowed };
      return {
        task: 'head',
        result: headTram({ plane: 'left-right', low: at(180), high: at(0), ...swung }),
        other: headTram({ plane: 'front-back', low: at(270), high: at(90), ...swung }),
      };
    }
    case 'centre':
      return alignment.school === 'plug'
        ? { task: 'centre', school: 'plug', result: plugOf(book, alignment, at) }
        : {
            task: 'centre',
            school: 'sweep',
            result: centreSweep({
              feature: alignment.feature,
              points: sweep ?? places.flatMap((one) => one.readings.map((reading) => ({ angle: one.at, reading }))),
              indicator: indicatorUseOf(book, alignment),
              allowed,
            }),
          };
    case 'chuck':
      return solveChuck(book, alignment, at);
    case 'level': {
      const { task, distance, rotarySense } = alignment;
      const indicator = indicatorUseOf(book, alignment);
      return {
        task,
        result: level({ distance, first: at(0), second: at(distance), indicator, sense: rotarySense, allowed }),
      };
    }
    case 'skew':
      return solveSkew(book, alignment, places);
  }
}

/** Readings of each place along a jaw or a face. */
type PlaceReadings = { at: number; readings: number[] }[];

function solveVise(book: SetupState, alignment: AlignmentOf<'vise'>, points: PlaceReadings): AlignmentResult {
  const { task, along, side, from, to, pivot, loose, allowed } = alignment;
  const indicator = indicatorUseOf(book, alignment);
  const over = Math.abs(to - from) || 1;
  const result = jawLine({ along, side, points, indicator, over, pivot, loose, ends: { from, to }, allowed });
  return { task, alignment, result };
}

function solveChuck(book: SetupState, alignment: AlignmentOf<'chuck'>, at: At): AlignmentResult {
  const { pairs, jaws, chuckTir, allowed } = alignment;
  const pair = (mark: 0 | 90) => ({ mark, here: at(mark), flipped: at(mark + 180) });
  return {
    task: 'chuck',
    result: chuckFlip({
      pairs: pairs === 2 ? [pair(0), pair(90)] : [pair(0)],
      indicator: indicatorUseOf(book, alignment),
      jaws,
      ...(chuckTir !== null && { chuckTir }),
      allowed,
    }),
  };
}

function solveSkew(book: SetupState, alignment: AlignmentOf<'skew'>, points: PlaceReadings): AlignmentResult {
  const { face, pivot, loose, allowed } = alignment;
  const { axis, approach } = FACE_TOUCH[face];
  const along = axis === 'x' ? 'y' : 'x';
  const finder = book.gauges.find(({ id }) => id === book.setup.finderId);
  return {
    task: 'skew',
    alignment,
    result: partSkew({
      along,
      approach,
      points,
      method: { resolution: book.machine.axes[axis].step, methodSd: finder ? uTouch(finder) : 0.012 },
      over: book.part.size[along],
      pivot,
      loose,
      allowed,
    }),
  };
}

/** The indicator of a task as the shop knows it. */
export function indicatorUseOf(book: SetupState, alignment: { indicatorId: string; sense: 1 | -1 }): IndicatorUse {
  const gauge = book.gauges.find(({ id }) => id === alignment.indicatorId);
  return {
    sense: alignment.sense,
    resolution: gauge?.resolution ?? 0.01,
    methodSd: gauge ? uTouch(gauge) : 0.004,
    ...(gauge?.range !== undefined && { range: gauge.range }),
  };
}

function plugOf(book: SetupState, alignment: AlignmentOf<'centre'>, at: At) {
  const plug = book.gauges.find(({ id }) => id === alignment.plugId);
  const u = plug ? uTouch(plug) : 0.01;
  return centrePlug({
    x: at(PLUG_PLACES.x),
    y: at(PLUG_PLACES.y),
    nominal: { x: 0, y: 0 },
    method: { resolution: book.machine.axes.x.step, methodSd: u },
    uTouch: u,
    plugTir: alignment.plugTir,
    confirm: alignment.confirmTir === null ? { by: 'word' } : { by: 'sweep', tir: alignment.confirmTir },
    allowed: alignment.allowed,
  });
}

/** Whether a pass is done with: proven in line, or for a plug good enough. */
export function isInLine(answer: AlignmentResult | undefined): boolean {
  if (!answer) return false;
  if (answer.task === 'centre' && answer.school === 'plug') return answer.result.verdict !== 'poor';
  if (answer.task === 'head') return answer.result.state === 'within' && answer.other.state === 'within';
  return answer.result.state === 'within';
}
