import type { Feature } from '../records/setup/datumPlan';
import type { Part } from '../records/shop/part';
import type { PartZero } from '../records/setup/plan';
import { CORNERS, FACES } from '../records/values/faces';
import { zeroOf } from './partFrame';
import { facesOfCorner, FACES_ACROSS, rectanglesOf, roundsOf, wallTouch, type Rectangle, type Round } from './shapes';

const shapePart = (of: string | undefined): string => (of === undefined ? '' : `.${of}`);

/** A feature as one word, for addresses and for keeping: `face.left`, `corner.front-left.pocket`, `round.hole-1`. */
export function featureKey(feature: Feature): string {
  switch (feature.kind) {
    case 'face':
      return `face.${feature.face}${shapePart(feature.of)}`;
    case 'corner':
      return `corner.${feature.corner}${shapePart(feature.of)}`;
    case 'middle':
      return `middle.${feature.axis}${shapePart(feature.of)}`;
    case 'round':
      return `round.${feature.of}`;
    case 'hole-line':
      return `line.${feature.from}.${feature.to}`;
  }
}

/** The feature a key names, where the part has it. */
export function featureOf(part: Part, key: string): Feature | undefined {
  const [kind, first = '', second] = key.split('.');
  const rectangle = second === undefined || rectanglesOf(part).some(({ id }) => id === second);
  const of = second === undefined ? {} : { of: second };
  const round = (id: string | undefined) => roundsOf(part).some((one) => one.id === id);
  const face = FACES.find((one) => one === first);
  const corner = CORNERS.find((one) => one === first);
  if (kind === 'face' && face && rectangle) return { kind, face, ...of };
  if (kind === 'corner' && corner && rectangle) return { kind, corner, ...of };
  if (kind === 'middle' && (first === 'x' || first === 'y') && rectangle) return { kind, axis: first, ...of };
  if (kind === 'round' && round(first)) return { kind, of: first };
  if (kind === 'line' && round(first) && round(second) && first !== second)
    return { kind: 'hole-line', from: first, to: second ?? '' };
  return undefined;
}

/** @throws RangeError when the part has no such shape; features come from `featureOf`, so it always has */
export function rectangleOf(part: Part, of: string | undefined): Rectangle {
  const found = rectanglesOf(part).find(({ id }) => id === (of ?? 'stock'));
  if (!found) throw new RangeError(`no shape ${of} on ${part.id}`);
  return found;
}

/** @throws RangeError when the part has no such bore or boss */
export function roundOf(part: Part, of: string): Round {
  const found = roundsOf(part).find(({ id }) => id === of);
  if (!found) throw new RangeError(`no bore or boss ${of} on ${part.id}`);
  return found;
}

/** Where a feature is on the part, mm from part zero, along each axis it tells. */
export function nominalOf(
  part: Part,
  partZero: PartZero,
  feature: Feature,
  known: Readonly<Record<string, number>> = {},
): { x?: number; y?: number } {
  const zero = zeroOf(part, partZero);
  switch (feature.kind) {
    case 'face': {
      const { axis, at } = wallTouch(rectangleOf(part, feature.of), feature.face);
      return { [axis]: known[featureKey(feature)] ?? at - zero[axis] };
    }
    case 'corner': {
      const { alongX, alongY } = facesOfCorner(feature.corner);
      const of = feature.of === undefined ? {} : { of: feature.of };
      return {
        ...nominalOf(part, partZero, { kind: 'face', face: alongX, ...of }, known),
        ...nominalOf(part, partZero, { kind: 'face', face: alongY, ...of }, known),
      };
    }
    case 'middle': {
      const shape = rectangleOf(part, feature.of);
      const [low, high] = FACES_ACROSS[feature.axis];
      const middle = (wallTouch(shape, low).at + wallTouch(shape, high).at) / 2;
      return { [feature.axis]: middle - zero[feature.axis] };
    }
    case 'round': {
      const { at } = roundOf(part, feature.of);
      return { x: at.x - zero.x, y: at.y - zero.y };
    }
    case 'hole-line':
      return nominalOf(part, partZero, { kind: 'round', of: feature.from }, known);
  }
}

/** Which shape of the part a face or middle is of, in words; empty for the stock. */
export const shapeWords = (part: Part, of: string | undefined): string =>
  of === undefined || of === 'stock'
    ? ''
    : ` of ${rectanglesOf(part).find(({ id }) => id === of)?.name ?? `an ${UNKNOWN}`}`;

/** A feature in words, as it goes after "the". */
export function featureName(part: Part, feature: Feature): string {
  switch (feature.kind) {
    case 'face':
      return `${feature.face} face${shapeWords(part, feature.of)}`;
    case 'corner':
      return `${feature.corner.replace('-', ' ')} corner${shapeWords(part, feature.of)}`;
    case 'middle':
      return `middle of ${feature.axis === 'x' ? 'left and right' : 'front and back'}${shapeWords(part, feature.of)}`;
    case 'round': {
      const round = roundsOf(part).find(({ id }) => id === feature.of);
      return round ? `${round.kind === 'bore' ? 'bore' : 'boss'}, ${round.name}` : UNKNOWN;
    }
    case 'hole-line':
      return `line from ${roundName(part, feature.from)} to ${roundName(part, feature.to)}`;
  }
}

/** What is said of a shape that the part does not have: another device saved the part without it. */
const UNKNOWN = 'unknown feature';

/** A bore's or boss's name, whether the part has it or not. */
export const roundName = (part: Part, of: string): string =>
  roundsOf(part).find(({ id }) => id === of)?.name ?? UNKNOWN;
