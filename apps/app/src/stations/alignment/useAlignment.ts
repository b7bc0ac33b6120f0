import { alignmentOf } from '@zero-point/core/alignment/defaults';
import { placesOf, PLUG_PLACES } from '@zero-point/core/alignment/places';
import type { Alignment } from '@zero-point/core/contract/alignment';
import { ALIGNMENT_TASKS } from '@zero-point/core/alignment/tasks';
import type { AlignmentTask, Touched } from '@zero-point/core/contract/ledger';
import type { Approach, Axis } from '@zero-point/core/contract/quantities';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { FACE_TOUCH } from '@zero-point/core/datum/partFrame';
import { alignmentPass, isInLine, latestPass, type AlignmentPass } from '@zero-point/core/ledger/alignmentPass';
import { lastCheck } from '@zero-point/core/workholding/steps';
import type { DialFace } from '../../indicator/IndicatorDial';
import { logReading } from '../newReading';
import { logEntry } from '../useSetup';
import { advise, type Advice } from './advice';
import { entryLabel, isPlug, question } from './words';

export type TaskState = 'open' | 'begun' | 'off' | 'in line' | 'skipped';

export const skipItem = (task: AlignmentTask): string => `align-${task}`;

/** Where a task stands. */
export function taskState(snapshot: Snapshot, task: AlignmentTask): TaskState {
  const alignment = alignmentOf(snapshot, task);
  const latest = latestPass(snapshot, task);
  if (alignment && latest > 0) {
    const pass = alignmentPass(snapshot, alignment, latest);
    if (isInLine(pass.answer) || (alignment.task === 'skew' && alignment.carriedPass === latest)) return 'in line';
    return pass.answer ? 'off' : 'begun';
  }
  return lastCheck(snapshot, skipItem(task))?.action === 'skip' ? 'skipped' : 'open';
}

/** Something was lined up or skipped, and nothing that was begun is left out of line. */
export function alignmentDone(snapshot: Snapshot): boolean {
  const states = ALIGNMENT_TASKS.map((task) => taskState(snapshot, task));
  return (
    states.some((state) => state === 'in line' || state === 'skipped') &&
    states.every((state) => state !== 'off' && state !== 'begun')
  );
}

/** What the screen of one task shows. */
export interface AlignmentView {
  alignment: Alignment;
  pass: AlignmentPass;
  places: number[];
  /** The place read next, or read once more. */
  place: number | undefined;
  question: string | undefined;
  label: string;
  advice: Advice | undefined;
  /** Passes that were answered, for the chart. */
  history: { pass: number; error: number; U: number }[];
  dial: DialFace | undefined;
  log: (text: string) => string | undefined;
}

/** State of one task to view; `again` is a place to read once more. */
export function alignmentView(
  snapshot: Snapshot,
  alignment: Alignment,
  passNumber: number | undefined,
  again: number | undefined,
): AlignmentView {
  const { task } = alignment;
  const number = passNumber ?? Math.max(1, latestPass(snapshot, task));
  const pass = alignmentPass(snapshot, alignment, number);
  const places = placesOf(alignment);
  const place = again !== undefined && places.includes(again) ? again : pass.next;
  return {
    alignment,
    pass,
    places,
    place,
    question: place === undefined ? undefined : question(snapshot, alignment, place, place === places[0]),
    label: place === undefined ? '' : entryLabel(snapshot, alignment, place),
    advice: pass.answer && advise(snapshot, alignment, pass.answer),
    history: Array.from({ length: number }, (_, i) => i + 1).flatMap((one) => {
      const { answer } = alignmentPass(snapshot, alignment, one);
      if (!answer || isPlug(alignment)) return [];
      const { error, uncertainty } = advise(snapshot, alignment, answer);
      return [{ pass: one, error, U: uncertainty.U }];
    }),
    dial: dialOf(snapshot, alignment),
    log: (text) => (place === undefined ? 'Everything is read.' : logPlace(snapshot, alignment, number, place, text)),
  };
}

/** The face of the indicator in use; undefined where the scale is read instead. */
export function dialOf(snapshot: Snapshot, alignment: Alignment): DialFace | undefined {
  if (alignment.task === 'skew' || isPlug(alignment)) return undefined;
  const gauge = snapshot.gauges.find(({ id }) => id === alignment.indicatorId);
  const resolution = gauge?.resolution ?? 0.01;
  const perTurn = gauge?.perTurn ?? resolution * 100;
  return { perTurn, resolution, range: gauge?.range ?? perTurn * 5, sense: alignment.sense };
}

function logPlace(snapshot: Snapshot, alignment: Alignment, pass: number, place: number, text: string) {
  const subject: Touched = { kind: 'alignment', task: alignment.task, place, pass };
  const plain = { subject, feeler: 0, ticked: [] };
  if (alignment.task === 'skew') {
    const { axis, approach } = FACE_TOUCH[alignment.face];
    const { finderId, feeler } = snapshot.setup;
    return logReading(snapshot, { ...plain, axis, approach, gaugeId: finderId, feeler }, text);
  }
  if (isPlug(alignment)) {
    const axis = place === PLUG_PLACES.x ? 'x' : 'y';
    const gaugeId = alignment.plugId ?? alignment.indicatorId;
    return logReading(snapshot, { ...plain, axis, approach: 1, gaugeId }, text);
  }
  const own = { scale: 'indicator' as const, epoch: pass };
  return logReading(snapshot, { ...plain, ...pressing(alignment), gaugeId: alignment.indicatorId, own }, text);
}

/** Axis the stylus presses along, and the way it moves as it touches. */
function pressing(alignment: Alignment): { axis: Axis; approach: Approach } {
  switch (alignment.task) {
    case 'vise':
      return { axis: alignment.along === 'x' ? 'y' : 'x', approach: alignment.side === 'low' ? 1 : -1 };
    case 'head':
    case 'level':
      return { axis: 'z', approach: -1 };
    default:
      return { axis: 'x', approach: 1 };
  }
}

/** Keeps how a task is read. */
export const keepAlignment = (snapshot: Snapshot, alignment: Alignment): void =>
  logEntry({ kind: 'alignment', setupId: snapshot.setup.id, body: alignment });
