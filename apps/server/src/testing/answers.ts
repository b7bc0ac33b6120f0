import { agreements } from '@zero-point/core/state/checks/agreements';
import { deriveState } from '@zero-point/core/state/basis/setupState';
import { carriedRotation } from '@zero-point/core/state/datum/partRotation';
import { driveStops, PLAIN_ORDER } from '@zero-point/core/state/holes/driveStops';
import { featureState } from '@zero-point/core/state/datum/featureAnswer';
import { lastZeroing } from '@zero-point/core/state/basis/activeRecords';
import { alignmentPass, latestPass } from '@zero-point/core/state/alignment/taskAnswer';
import { boreAnswer } from '@zero-point/core/state/boreAndFace/bore';
import { toolLengthAnswer, zZeroAnswer } from '@zero-point/core/state/zAndTools/zZero';
import { toolRunOut } from '@zero-point/core/state/zAndTools/runOut';
import { closingCheck, frameOf, tableAnswer } from '@zero-point/core/state/zAndTools/toolTable';
import { featureKey } from '@zero-point/core/datum/feature';
import { rectanglesOf, roundsOf } from '@zero-point/core/datum/shapes';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import { CORNERS, FACES } from '@zero-point/core/records/values/faces';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';

const WORDS_AND_INPUTS = new Set([
  'tape',
  'parts',
  'readings',
  'model',
  'input',
  'alignment',
  'receivedAt',
  'cautions',
]);

/** What of an answer is a number or a yes or no: words may change. */
export function figures(value: unknown): unknown {
  if (typeof value === 'number' || typeof value === 'boolean' || value === null) return value;
  if (Array.isArray(value)) {
    const all = value.map(figures).filter((one) => one !== undefined);
    return all.length > 0 ? all : undefined;
  }
  if (typeof value !== 'object') return undefined;
  const entries = Object.entries(value as object)
    .filter(([key]) => !WORDS_AND_INPUTS.has(key))
    .map(([key, one]) => [key, figures(one)] as const)
    .filter(([, one]) => one !== undefined);
  return entries.length > 0 ? Object.fromEntries(entries) : undefined;
}

function everyFeature(part: Snapshot['part']): Feature[] {
  const of = (id: string) => (id === 'stock' ? {} : { of: id });
  const rounds = roundsOf(part);
  const [first] = rounds;
  return [
    ...rectanglesOf(part).flatMap(({ id }): Feature[] => [
      ...FACES.map((face): Feature => ({ kind: 'face', face, ...of(id) })),
      ...CORNERS.map((corner): Feature => ({ kind: 'corner', corner, ...of(id) })),
      ...(['x', 'y'] as const).map((axis): Feature => ({ kind: 'middle', axis, ...of(id) })),
    ]),
    ...rounds.map(({ id }): Feature => ({ kind: 'round', of: id })),
    ...rounds.slice(1).map(({ id }): Feature => ({ kind: 'hole-line', from: first?.id ?? '', to: id })),
  ];
}

/** Every answer a setup gives, as figures. */
export function answersOf(snapshot: Snapshot): unknown {
  const book = deriveState(snapshot);
  const found: Record<string, unknown> = {};
  for (const feature of everyFeature(book.part)) {
    const state = featureState(book, feature);
    if (state.state === 'refused') found[featureKey(feature)] = 'refused';
    if (state.state !== 'found') continue;
    const { x, y, skew, size, off, weakest, form, offSquare, taken, covariance, uncertainty } = state.answer;
    const { u, U } = uncertainty;
    found[featureKey(feature)] = figures({ x, y, skew, size, off, weakest, form, offSquare, taken, covariance, u, U });
  }
  const numbers = [1, 2, 3, 4, 5];
  const each = <T>(all: readonly T[], name: (one: T) => string, answer: (one: T) => unknown) =>
    Object.fromEntries(
      all.flatMap((one) => {
        const given = answer(one);
        return given === undefined ? [] : [[name(one), figures(given)]];
      }),
    );
  const { rows, workOffset } = tableAnswer(book);
  return {
    found,
    zero: figures(zZeroAnswer(book)?.result),
    tools: each(numbers, String, (number) => toolLengthAnswer(book, number)?.result),
    table: figures({ rows, workOffset }),
    closing: figures(closingCheck(book)),
    frame: figures(frameOf(book)),
    alignments: Object.fromEntries(
      book.alignments.flatMap((one) =>
        Array.from({ length: latestPass(book, one.task) }, (_, i) => [
          `${one.task} ${i + 1}`,
          figures(alignmentPass(book, one, i + 1).answer),
        ]),
      ),
    ),
    carried: figures(carriedRotation(book)),
    bores: each(
      book.cutPlan.bores,
      ({ id }) => id,
      (bore) => {
        const { log, answer } = boreAnswer(book, bore);
        return { log, answer: answer?.result };
      },
    ),
    runOut: each(
      book.tools,
      ({ number }) => String(number),
      (tool) => toolRunOut(book, tool)?.result,
    ),
    agreements: Object.fromEntries(
      agreements(book).map(({ key, measured, known, U, explanation }) => [
        key,
        {
          measured,
          known,
          U,
          agrees: explanation.agrees,
          likely: explanation.likely.map(({ slip }) => slip),
        },
      ]),
    ),
    set: Object.fromEntries(
      (['x', 'y', 'z'] as const).flatMap((axis) => {
        const last = lastZeroing(book, axis);
        return last ? [[axis, { value: last.value, form: last.form }]] : [];
      }),
    ),
    targets: driveStops(book, PLAIN_ORDER).map(({ target }) => [target.x, target.y]),
  };
}
