import type { SetupState } from '../basis/setupState';
import { nominalOf, roundOf } from '../../datum/feature';
import type { Uncertainty } from '../../metrology/uncertainty';
import { roundAnswer, type RoundAnswer } from './round';
import {
  diagonalCovariance,
  lastStands,
  partsModel,
  whole,
  withBacklash,
  maxU,
  type AxisAnswer,
  type FeatureAnswer,
  type Of,
} from '../gauges/answer';

type FoundBy<W extends RoundAnswer['way']> = Extract<RoundAnswer, { way: W }>;

/** What every way of finding it has in common. */
interface RoundContext {
  book: SetupState;
  readings: RoundAnswer['readings'];
  base: Pick<FeatureAnswer, 'kind' | 'feature' | 'readings' | 'wild' | 'taken' | 'notes'>;
  /** Diameter on the drawing, mm. */
  known: number;
  /** The answer along one axis. */
  at: (name: 'x' | 'y', centre: number, uncertainty: Uncertainty, stands?: number) => AxisAnswer;
}

/** A bore or boss by whichever way it was found. */
export function roundFeatureAnswer(book: SetupState, feature: Of<'round'>): FeatureAnswer | undefined {
  const found = roundAnswer(book, feature.of);
  if (!found) return undefined;
  const { readings } = found;
  const { x: nx = 0, y: ny = 0 } = nominalOf(book.part, book.setup.partZero, feature);
  const nominal = { x: nx, y: ny };
  const context: RoundContext = {
    book,
    readings,
    base: { kind: 'feature', feature, readings, wild: [], taken: 1, notes: [] },
    known: roundOf(book.part, feature.of).diameter,
    at: (name, centre, uncertainty, stands) => ({
      found: centre,
      nominal: nominal[name],
      workOffset: centre - nominal[name],
      uncertainty,
      ...(stands !== undefined && { stands }),
    }),
  };
  switch (found.way) {
    case 'points':
      return byPoints(found, context);
    case 'pairs':
      return byPairs(found, context);
    case 'sweep':
      return bySweep(found, context);
    case 'cycle':
      return byCycle(found, context);
    case 'plug':
      return byPlug(found, context);
  }
}

/** By three or more touches round it. */
function byPoints(found: FoundBy<'points'>, { book, base, known, at, readings }: RoundContext): FeatureAnswer {
  const { result, input } = found;
  const stands = { x: lastStands(readings, 'x').stands, y: lastStands(readings, 'y').stands };
  return {
    ...base,
    x: at('x', result.centre.x, result.axes.x, stands.x),
    y: at('y', result.centre.y, result.axes.y, stands.y),
    size: { what: 'diameter', measured: result.diameter, known, U: result.U.diameter },
    weakest: { angle: result.U.weakestAngle, U: result.U.weakest },
    ...(result.form !== null && { form: result.form }),
    ...whole(book, result.uncertainty),
    covariance: result.covariance,
    model: { kind: 'circle', input },
    tape: withBacklash(book, readings, result.tape),
    cautions: result.cautions,
    notes: result.notes,
  };
}

/** By a pair of opposite touches along one axis or both. */
function byPairs(
  found: FoundBy<'pairs'>,
  { book, base, known, at, readings }: RoundContext,
): FeatureAnswer | undefined {
  const [x, y] = [
    found.x && at('x', found.x.centre, found.x.uncertainty, lastStands(readings, 'x').stands),
    found.y && at('y', found.y.centre, found.y.uncertainty, lastStands(readings, 'y').stands),
  ];
  const uncertainty = x && y ? maxU(x.uncertainty, y.uncertainty) : (x ?? y)?.uncertainty;
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
    ...whole(book, uncertainty),
    covariance: diagonalCovariance(x, y),
    model: partsModel(x, y),
    cautions: (found.x ?? found.y)?.cautions ?? [],
    tape: {
      sections: (['x', 'y'] as const).flatMap((name) =>
        (found[name]?.tape.sections ?? []).map((section) => ({
          ...section,
          title: `${name.toUpperCase()}: ${section.title}`,
        })),
      ),
    },
  };
}

/** By an indicator swept round it. */
function bySweep(found: FoundBy<'sweep'>, { book, base, at }: RoundContext): FeatureAnswer {
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
    ...whole(book, result.uncertainty),
    covariance: diagonalCovariance(centred('x'), centred('y')),
    model: partsModel(centred('x'), centred('y')),
    tape: result.tape,
    cautions: result.cautions,
    notes: result.notes,
  };
}

/** By the control’s own cycle: the centre alone. */
function byCycle(found: FoundBy<'cycle'>, { book, base, at }: RoundContext): FeatureAnswer {
  const { result } = found;
  const [x, y] = [at('x', result.centre.x, result.axes.x), at('y', result.centre.y, result.axes.y)];
  return {
    ...base,
    x,
    y,
    taken: Math.min(result.repeats.x.n, result.repeats.y.n),
    ...whole(book, result.uncertainty),
    covariance: diagonalCovariance(x, y),
    model: partsModel(x, y),
    tape: result.tape,
    cautions: result.cautions,
  };
}

/** By a tapered plug seated in it: the centre alone. */
function byPlug(found: FoundBy<'plug'>, { book, base, at }: RoundContext): FeatureAnswer {
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
    ...whole(book, result.uncertainty),
    covariance: diagonalCovariance(x, y),
    model: partsModel(x, y),
    tape: result.tape,
    cautions: result.cautions,
    notes: result.notes,
  };
}
