import type { Feature } from '../contract/datumPlan';
import type { Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import type { Covariance } from '../datum/circle.schema';
import { featureKey, featureName, nominalOf, rectangleOf, roundOf } from '../datum/feature';
import { holeLine } from '../datum/holeLine';
import type { HoleLineInput } from '../datum/holeLine.schema';
import { judge, type Verdict } from '../metrology/judge';
import type { Repeats } from '../metrology/repeats';
import type { Uncertainty } from '../metrology/uncertainty';
import type { DatumModel } from '../datum/datumModel';
import { Refusal, type ProblemInfo } from '../problem';
import { sumSection, type Tape } from '../tape/tape';
import { cornerAnswer, type CornerFeature } from './cornerAnswer';
import { faceAnswer } from './faceAnswer';
import { lostMotionOf } from './gaugeUse';
import { middleAnswer } from './middleAnswer';
import { roundAnswer } from './roundAnswer';

/** What a feature tells of one axis, on the scale it was read on. mm. */
export interface AxisAnswer {
  /** Coordinate of the feature, and its place on the part. */
  found: number;
  nominal: number;
  /** Coordinate of part zero. */
  workOffset: number;
  uncertainty: Uncertainty;
  /** What the scale shows where the spindle is known to stand: at the last touch, or over the centre. */
  stands?: number;
}

/** The answer of any feature, in one shape. */
export interface FeatureAnswer {
  feature: Feature;
  readings: Reading[];
  x?: AxisAnswer;
  y?: AxisAnswer;
  /** Wild readings, by id. */
  wild: string[];
  /** Scatter of a single face's repeats. */
  repeats?: Repeats;
  /** Touches of the face that has fewest. */
  taken: number;
  skew?: { angle: number; U: number };
  /** Angle of the corner less 90, degrees. */
  offSquare?: number;
  size?: { what: 'width' | 'diameter' | 'distance'; measured: number; known: number; U: number };
  /** How far the spindle stands from a swept centre, and what to move it by. */
  off?: { x: number; y: number };
  /** The direction a centre is known worst in, degrees from X, and its U there. */
  weakest?: { angle: number; U: number };
  /** Roundness seen, mm. */
  form?: number;
  /** Taken on the person's word. */
  onMyWord?: boolean;
  uncertainty: Uncertainty;
  verdict: Verdict;
  covariance?: Covariance;
  model?: DatumModel;
  tape: Tape;
  warnings: string[];
}

export type FeatureState =
  | { state: 'open' }
  | { state: 'found'; answer: FeatureAnswer }
  /** Enough was touched, but no answer comes of it. */
  | { state: 'refused'; problem: ProblemInfo };

/** What the readings in force say of a feature. */
export function featureState(snapshot: Snapshot, feature: Feature): FeatureState {
  try {
    const answer = answerOf(snapshot, feature);
    return answer ? { state: 'found', answer } : { state: 'open' };
  } catch (error) {
    if (error instanceof Refusal) return { state: 'refused', problem: error };
    throw error;
  }
}

/** A feature's answer; undefined while too little was touched, or no answer comes of it. */
export function featureAnswer(snapshot: Snapshot, feature: Feature): FeatureAnswer | undefined {
  const found = featureState(snapshot, feature);
  return found.state === 'found' ? found.answer : undefined;
}

/** Independent parts per axis, for answers that are straight sums. */
const partsModel = (x?: AxisAnswer, y?: AxisAnswer): DatumModel => ({
  kind: 'parts',
  ...(x && { x: { at: x.workOffset, parts: x.uncertainty.parts } }),
  ...(y && { y: { at: y.workOffset, parts: y.uncertainty.parts } }),
});

const alone = (x?: AxisAnswer, y?: AxisAnswer): Covariance => ({
  xx: (x?.uncertainty.u ?? 0) ** 2,
  xy: 0,
  yy: (y?.uncertainty.u ?? 0) ** 2,
});

function answerOf(snapshot: Snapshot, feature: Feature): FeatureAnswer | undefined {
  switch (feature.kind) {
    case 'face':
      return ofFace(snapshot, feature);
    case 'middle':
      return ofMiddle(snapshot, feature);
    case 'corner':
      return ofCorner(snapshot, feature);
    case 'round':
      return ofRound(snapshot, feature);
    case 'hole-line':
      return ofHoleLine(snapshot, feature);
  }
}

type Of<K extends Feature['kind']> = Extract<Feature, { kind: K }>;

const whole = (snapshot: Snapshot, uncertainty: Uncertainty) => ({
  uncertainty,
  verdict: judge(uncertainty.U, snapshot.setup.tolerance),
});

const worse = (x: Uncertainty, y: Uncertainty): Uncertainty => (x.U >= y.U ? x : y);

function ofFace(snapshot: Snapshot, feature: Of<'face'>): FeatureAnswer | undefined {
  const found = faceAnswer(snapshot, feature.face, feature.of);
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
    feature,
    readings,
    [name]: axis,
    wild: result.repeats.wild.flatMap((i) => readings[i]?.id ?? []),
    repeats: result.repeats,
    taken: readings.length,
    ...whole(snapshot, result.uncertainty),
    covariance: alone(...both),
    model: partsModel(...both),
    tape: result.tape,
    warnings: [],
  };
}

function ofMiddle(snapshot: Snapshot, feature: Of<'middle'>): FeatureAnswer | undefined {
  const found = middleAnswer(snapshot, feature.axis, feature.of);
  if (!found) return undefined;
  const { result, readings } = found;
  const shape = rectangleOf(snapshot.part, feature.of);
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
    ...whole(snapshot, result.uncertainty),
    covariance: alone(...both),
    model: partsModel(...both),
    tape: result.tape,
    warnings: [],
  };
}

/** Says on the tape what was taken off touches toward minus on a dial's axes. */
function withBacklash(snapshot: Snapshot, readings: readonly Reading[], tape: Tape): Tape {
  const lines = (['x', 'y'] as const).flatMap((axis) => {
    const toward = readings.filter((one) => one.axis === axis && one.approach === -1);
    const lost = lostMotionOf(snapshot, axis);
    return lost && toward.length > 0
      ? [{ label: `added to each ${axis.toUpperCase()} touched going toward −`, value: lost.value }]
      : [];
  });
  const sections = lines.map((line, i) => sumSection(i === 0 ? 'Backlash' : 'Backlash, other axis', [line], 'added'));
  return { sections: [...sections, ...tape.sections] };
}

/** What the scale shows at the last touch along an axis. */
const lastStands = (readings: readonly Reading[], axis: 'x' | 'y'): { stands?: number } => {
  const last = [...readings].sort((a, b) => a.seq - b.seq).at(-1);
  if (!last) return {};
  if (last.axis === axis) return { stands: last.value };
  return last.across ? { stands: last.across.value } : {};
};

function ofCorner(snapshot: Snapshot, feature: CornerFeature): FeatureAnswer | undefined {
  const found = cornerAnswer(snapshot, feature);
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
    feature,
    readings,
    x: axis('x'),
    y: axis('y'),
    wild: [],
    taken: Math.min(input.alongX.touches.length, input.alongY.touches.length),
    ...(input.want && { skew: { angle: result.skew, U: result.U.skew } }),
    ...(result.offSquare !== null && { offSquare: result.offSquare }),
    ...whole(snapshot, result.uncertainty),
    covariance: result.covariance,
    model: { kind: 'corner', input },
    tape: withBacklash(snapshot, readings, result.tape),
    warnings: [],
  };
}

function ofRound(snapshot: Snapshot, feature: Of<'round'>): FeatureAnswer | undefined {
  const found = roundAnswer(snapshot, feature.of);
  if (!found) return undefined;
  const { readings } = found;
  const { x: nx = 0, y: ny = 0 } = nominalOf(snapshot.part, snapshot.setup.partZero, feature);
  const nominal = { x: nx, y: ny };
  const base = { feature, readings, wild: [], taken: 1, warnings: [] };
  const known = roundOf(snapshot.part, feature.of).diameter;
  const at = (name: 'x' | 'y', centre: number, uncertainty: Uncertainty, stands?: number): AxisAnswer => ({
    found: centre,
    nominal: nominal[name],
    workOffset: centre - nominal[name],
    uncertainty,
    ...(stands !== undefined && { stands }),
  });
  switch (found.way) {
    case 'points': {
      const { result, input } = found;
      const stands = { x: lastStands(readings, 'x').stands, y: lastStands(readings, 'y').stands };
      return {
        ...base,
        x: at('x', result.centre.x, result.axes.x, stands.x),
        y: at('y', result.centre.y, result.axes.y, stands.y),
        size: { what: 'diameter', measured: result.diameter, known, U: result.U.diameter },
        weakest: { angle: result.U.weakestAngle, U: result.U.weakest },
        ...(result.form !== null && { form: result.form }),
        ...whole(snapshot, result.uncertainty),
        covariance: result.covariance,
        model: { kind: 'circle', input },
        tape: withBacklash(snapshot, readings, result.tape),
        warnings: result.warnings,
      };
    }
    case 'pairs': {
      const [x, y] = [
        found.x && at('x', found.x.centre, found.x.uncertainty, lastStands(readings, 'x').stands),
        found.y && at('y', found.y.centre, found.y.uncertainty, lastStands(readings, 'y').stands),
      ];
      const uncertainty = x && y ? worse(x.uncertainty, y.uncertainty) : (x ?? y)?.uncertainty;
      if (!uncertainty) return undefined;
      const repeats = [found.x, found.y].flatMap((one) => (one ? [one.repeats.first.n, one.repeats.second.n] : []));
      return {
        ...base,
        ...(x && { x }),
        ...(y && { y }),
        taken: Math.min(...repeats),
        ...(found.diameter && {
          size: { what: 'diameter', measured: found.diameter.value, known, U: found.diameter.U },
        }),
        ...whole(snapshot, uncertainty),
        covariance: alone(x, y),
        model: partsModel(x, y),
        tape: {
          sections: (['x', 'y'] as const).flatMap((name) =>
            (found[name]?.tape.sections ?? []).map((section) => ({
              ...section,
              title: `${name.toUpperCase()}: ${section.title.charAt(0).toLowerCase()}${section.title.slice(1)}`,
            })),
          ),
        },
      };
    }
    case 'sweep': {
      const { result, stands } = found;
      const centred = (name: 'x' | 'y'): AxisAnswer => ({
        // Without where the scale stands only the way to go is known: counted from where the spindle is.
        ...at(name, (stands[name] ?? 0) - result.off[name], result.uncertainty),
        ...(stands[name] !== undefined && { stands: stands[name] }),
      });
      return {
        ...base,
        x: centred('x'),
        y: centred('y'),
        off: result.off,
        ...(result.form !== null && { form: result.form }),
        ...whole(snapshot, result.uncertainty),
        covariance: alone(centred('x'), centred('y')),
        model: partsModel(centred('x'), centred('y')),
        tape: result.tape,
        warnings: result.warnings,
      };
    }
    case 'plug': {
      const { result } = found;
      const [x, y] = [
        at('x', result.centre.x, result.uncertainty, result.centre.x),
        at('y', result.centre.y, result.uncertainty, result.centre.y),
      ];
      return {
        ...base,
        x,
        y,
        onMyWord: result.confirmed === 'word',
        ...whole(snapshot, result.uncertainty),
        covariance: alone(x, y),
        model: partsModel(x, y),
        tape: result.tape,
        warnings: [result.advice],
      };
    }
  }
}

function ofHoleLine(snapshot: Snapshot, feature: Of<'hole-line'>): FeatureAnswer | undefined {
  const [from, to] = [feature.from, feature.to].map((of) => featureAnswer(snapshot, { kind: 'round', of }));
  if (!from?.x || !from.y || !to?.x || !to.y) return undefined;
  const readings = [...from.readings, ...to.readings];
  const [first] = readings;
  const together = readings.every(
    (one) => one.scale === first?.scale && one.epoch === readings.find(({ axis }) => axis === one.axis)?.epoch,
  );
  if (!together || from.off || to.off) {
    throw new Refusal({
      code: 'mixed-scales',
      field: 'to',
      message:
        from.off || to.off
          ? 'A swept hole tells where the spindle is, not where the hole is on the scale. Find both holes by touches, or log where the scale stands at each.'
          : 'The two holes were found on different scales, or the scale was set between them. Find both again without setting it.',
    });
  }
  const hole = (answer: FeatureAnswer): HoleLineInput['from'] => ({
    found: { x: answer.x?.found ?? 0, y: answer.y?.found ?? 0 },
    nominal: { x: answer.x?.nominal ?? 0, y: answer.y?.nominal ?? 0 },
    u: { x: answer.x?.uncertainty.u ?? 0, y: answer.y?.uncertainty.u ?? 0 },
  });
  const input: HoleLineInput = { from: hole(from), to: hole(to), tolerance: snapshot.setup.tolerance };
  const result = holeLine(input);
  const axis = (name: 'x' | 'y'): AxisAnswer => ({
    found: input.from.found[name],
    nominal: input.from.found[name] - result.workOffset[name],
    workOffset: result.workOffset[name],
    uncertainty: result.axes[name],
  });
  return {
    feature,
    readings,
    x: axis('x'),
    y: axis('y'),
    wild: [],
    taken: Math.min(from.taken, to.taken),
    skew: { angle: result.skew, U: result.U.skew },
    size: { what: 'distance', measured: result.distance, known: result.drawn, U: result.U.distance },
    ...whole(snapshot, result.uncertainty),
    covariance: result.covariance,
    model: { kind: 'hole-line', input },
    tape: result.tape,
    warnings: [],
  };
}

/** A feature with its name, as lists show it. */
export const featureTitle = (snapshot: Snapshot, feature: Feature): { key: string; name: string } => ({
  key: featureKey(feature),
  name: featureName(snapshot.part, feature),
});
