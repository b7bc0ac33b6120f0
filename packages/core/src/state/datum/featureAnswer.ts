import type { Feature } from '../../records/setup/datumPlan';
import { memoize, type SetupState } from '../basis/setupState';
import { featureKey, rectangleOf } from '../../datum/feature';
import { holeLine } from '../../datum/round/holeLine';
import type { HoleLineInput } from '../../datum/round/holeLine.schema';
import { Refusal, type ProblemInfo } from '../../problem/problem';
import { cornerAnswer, type CornerFeature } from './corner';
import { afterHoming } from './zeroDoubt';
import { faceAnswer } from './face';
import {
  diagonalCovariance,
  lastStands,
  partsModel,
  whole,
  withBacklash,
  type AxisAnswer,
  type FeatureAnswer,
  type Of,
} from '../gauges/answer';
import { isSamePlace } from '../../records/values/place';
import { isTouch } from '../../records/log/reading';
import { middleAnswer } from './middle';
import { roundFeatureAnswer } from './roundFeature';

export type { FeatureAnswer } from '../gauges/answer';

export type FeatureState =
  | { state: 'open' }
  | { state: 'found'; answer: FeatureAnswer }
  /** Enough was touched, but no answer comes of it. */
  | { state: 'refused'; problem: ProblemInfo };

/** What the readings in force say of a feature. */
export function featureState(book: SetupState, feature: Feature): FeatureState {
  return memoize(book, `feature ${featureKey(feature)}`, () => stateOf(book, feature));
}

function stateOf(book: SetupState, feature: Feature): FeatureState {
  try {
    const answer = answerOf(book, feature);
    return answer ? { state: 'found', answer: afterHoming(book, answer) } : { state: 'open' };
  } catch (error) {
    if (error instanceof Refusal) return { state: 'refused', problem: error };
    throw error;
  }
}

/** A feature's answer; undefined while too little was touched, or no answer comes of it. */
export function featureAnswer(book: SetupState, feature: Feature): FeatureAnswer | undefined {
  const found = featureState(book, feature);
  return found.state === 'found' ? found.answer : undefined;
}

function answerOf(book: SetupState, feature: Feature): FeatureAnswer | undefined {
  switch (feature.kind) {
    case 'face':
      return ofFace(book, feature);
    case 'middle':
      return ofMiddle(book, feature);
    case 'corner':
      return ofCorner(book, feature);
    case 'round':
      return roundFeatureAnswer(book, feature);
    case 'hole-line':
      return ofHoleLine(book, feature);
  }
}

function ofFace(book: SetupState, feature: Of<'face'>): FeatureAnswer | undefined {
  const found = faceAnswer(book, feature.face, feature.of);
  if (!found) return undefined;
  const { result, readings } = found;
  const axis: AxisAnswer = {
    found: result.edge,
    nominal: result.edge - result.workOffset,
    workOffset: result.workOffset,
    uncertainty: result.uncertainty,
    stands: result.repeats.mean,
  };
  const name = readings[0]?.axis === 'y' ? 'y' : 'x';
  const both = name === 'x' ? ([axis, undefined] as const) : ([undefined, axis] as const);
  return {
    kind: 'feature',
    feature,
    readings,
    [name]: axis,
    wild: result.repeats.wild.flatMap((i) => readings[i]?.id ?? []),
    repeats: result.repeats,
    taken: readings.length,
    ...whole(book, result.uncertainty),
    covariance: diagonalCovariance(...both),
    model: partsModel(...both),
    tape: result.tape,
    cautions: result.cautions,
    notes: [],
  };
}

function ofMiddle(book: SetupState, feature: Of<'middle'>): FeatureAnswer | undefined {
  const found = middleAnswer(book, feature.axis, feature.of);
  if (!found) return undefined;
  const { result, readings } = found;
  const shape = rectangleOf(book.part, feature.of);
  const axis: AxisAnswer = {
    found: result.centre,
    nominal: result.centre - result.workOffset,
    workOffset: result.workOffset,
    uncertainty: result.uncertainty,
    ...lastStands(readings, feature.axis),
  };
  const both = feature.axis === 'x' ? ([axis, undefined] as const) : ([undefined, axis] as const);
  const { first, second } = result.repeats;
  return {
    kind: 'feature',
    feature,
    readings,
    [feature.axis]: axis,
    wild: [...first.wild, ...second.wild.map((i) => i + first.n)].flatMap((i) => readings[i]?.id ?? []),
    taken: Math.min(first.n, second.n),
    size: {
      what: 'width',
      measured: result.width,
      known: shape.to[feature.axis] - shape.from[feature.axis],
      U: result.widthUncertainty.U,
    },
    ...whole(book, result.uncertainty),
    covariance: diagonalCovariance(...both),
    model: partsModel(...both),
    tape: result.tape,
    cautions: result.cautions,
    notes: [],
  };
}

function ofCorner(book: SetupState, feature: CornerFeature): FeatureAnswer | undefined {
  const found = cornerAnswer(book, feature);
  if (!found) return undefined;
  const { result, readings, input } = found;
  const axis = (name: 'x' | 'y'): AxisAnswer => ({
    found: result.corner[name],
    nominal: input.nominal[name],
    workOffset: result.workOffset[name],
    uncertainty: result.axes[name],
    ...lastStands(readings, name),
  });
  return {
    kind: 'feature',
    feature,
    readings,
    x: axis('x'),
    y: axis('y'),
    wild: [],
    taken: Math.min(input.alongX.touches.length, input.alongY.touches.length),
    ...(input.want && { skew: { angle: result.skew, U: result.U.skew } }),
    ...(result.offSquare !== null && { offSquare: result.offSquare }),
    ...whole(book, result.uncertainty),
    covariance: result.covariance,
    model: { kind: 'corner', input },
    tape: withBacklash(book, readings, result.tape),
    cautions: result.cautions,
    notes: [],
  };
}

function ofHoleLine(book: SetupState, feature: Of<'hole-line'>): FeatureAnswer | undefined {
  const [from, to] = [feature.from, feature.to].map((of) => featureAnswer(book, { kind: 'round', of }));
  if (!from?.x || !from.y || !to?.x || !to.y) return undefined;
  const readings = [...from.readings, ...to.readings];
  const touches = readings.filter(isTouch);
  const together = touches.every(
    (one) =>
      isSamePlace(one.place, (touches[0] ?? one).place) &&
      one.epoch === touches.find(({ axis }) => axis === one.axis)?.epoch,
  );
  if (!together || from.off || to.off) {
    throw new Refusal({
      code: 'mixed-scales',
      field: 'to',
      message:
        from.off || to.off
          ? 'A swept hole tells where the spindle is, not where the hole is on the scale. Find both holes by touches, or log the scale at each.'
          : 'The two holes were found on different scales, or the scale was set between them. Find both again without setting it.',
    });
  }
  const hole = (answer: FeatureAnswer): HoleLineInput['from'] => ({
    found: { x: answer.x?.found ?? 0, y: answer.y?.found ?? 0 },
    nominal: { x: answer.x?.nominal ?? 0, y: answer.y?.nominal ?? 0 },
    u: { x: answer.x?.uncertainty.u ?? 0, y: answer.y?.uncertainty.u ?? 0 },
  });
  const input: HoleLineInput = { from: hole(from), to: hole(to), tolerance: book.setup.tolerance };
  const result = holeLine(input);
  const axis = (name: 'x' | 'y'): AxisAnswer => ({
    found: input.from.found[name],
    nominal: input.from.found[name] - result.workOffset[name],
    workOffset: result.workOffset[name],
    uncertainty: result.axes[name],
  });
  return {
    kind: 'feature',
    feature,
    readings,
    x: axis('x'),
    y: axis('y'),
    wild: [],
    taken: Math.min(from.taken, to.taken),
    skew: { angle: result.skew, U: result.U.skew },
    size: { what: 'distance', measured: result.distance, known: result.drawn, U: result.U.distance },
    ...whole(book, result.uncertainty),
    covariance: result.covariance,
    model: { kind: 'hole-line', input },
    tape: result.tape,
    cautions: result.cautions,
    notes: [],
  };
}
