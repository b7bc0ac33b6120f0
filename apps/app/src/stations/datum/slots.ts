import type { Feature } from '@zero-point/core/contract/datumPlan';
import type { Face, Reading, Touched } from '@zero-point/core/contract/ledger';
import type { Approach } from '@zero-point/core/contract/quantities';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { rectangleOf, roundOf } from '@zero-point/core/datum/feature';
import type { Point } from '@zero-point/core/datum/partFrame';
import { facesOfCorner, FACES_ACROSS, wallTouch, type Rectangle } from '@zero-point/core/datum/shapes';
import { cornerWay } from '@zero-point/core/ledger/cornerAnswer';
import { readingsInForce } from '@zero-point/core/ledger/inForce';
import { roundWay, SWEEP_PLACES, sweepPass } from '@zero-point/core/ledger/roundAnswer';
import { cosDegrees, sinDegrees } from '@zero-point/core/units/degrees';

/** One touch that a feature asks for. */
export interface Slot {
  id: string;
  /** On the chip that leads to it. */
  name: string;
  sentence: string;
  subject: Touched;
  axis: 'x' | 'y';
  approach: Approach;
  /** Where the other axis stands is asked for too. */
  across: boolean;
  /** On the dial of an indicator, not on the machine's scale. */
  dial: boolean;
  /** Where on the part it touches, in the part's own frame, and which way the tool goes. */
  at: Point;
  toward: Point;
  /** Readings in force that belong to it. */
  readings: Reading[];
  /** Not needed for an answer. */
  optional: boolean;
}

/** The touches of a feature by the way it is found, in the order they are taken; none for a line of two holes. */
export function slotsOf(snapshot: Snapshot, feature: Feature): Slot[] {
  switch (feature.kind) {
    case 'face':
      return [faceSlot(snapshot, feature.face, feature.of)];
    case 'middle':
      return FACES_ACROSS[feature.axis].map((face) => faceSlot(snapshot, face, feature.of));
    case 'corner':
      return cornerSlots(snapshot, feature);
    case 'round':
      return roundSlots(snapshot, feature.of);
    case 'hole-line':
      return [];
  }
}

const DIRECTION = { x: { x: 1, y: 0 }, y: { x: 0, y: 1 } } as const;

const heading = (axis: 'x' | 'y', approach: Approach): Point => ({
  x: approach * DIRECTION[axis].x,
  y: approach * DIRECTION[axis].y,
});

/** A place on a face, so far along it as a share of its length. */
function onFace(shape: Rectangle, face: Face, share: number): Point {
  const { axis, at } = wallTouch(shape, face);
  const along = axis === 'x' ? 'y' : 'x';
  const place = shape.from[along] + share * (shape.to[along] - shape.from[along]);
  return axis === 'x' ? { x: at, y: place } : { x: place, y: at };
}

const faceWords = (shape: Rectangle, face: Face): string =>
  shape.kind === 'stock'
    ? `the ${face} face`
    : `the ${face} ${shape.kind === 'pocket' ? 'wall' : 'face'} of ${shape.name}`;

const fromWords = (shape: Rectangle, from: string): string =>
  shape.kind === 'pocket' ? 'from inside' : `coming from ${from}`;

function faceSlot(snapshot: Snapshot, face: Face, of: string | undefined): Slot {
  const shape = rectangleOf(snapshot.part, of);
  const { axis, approach, from } = wallTouch(shape, face);
  const subject: Touched = { kind: 'face', face, ...(of !== undefined && { of }) };
  return {
    id: face,
    name: `${face} ${shape.kind === 'pocket' ? 'wall' : 'face'}`,
    sentence: `Touch ${faceWords(shape, face)}, ${fromWords(shape, from)}.`,
    subject,
    axis,
    approach,
    across: false,
    dial: false,
    at: onFace(shape, face, 0.5),
    toward: heading(axis, approach),
    readings: readingsInForce(snapshot, subject).filter((reading) => reading.across === undefined),
    optional: false,
  };
}

/** Touches nearer together than this along a face are of one place, mm. */
const ONE_PLACE = 2;

/** Readings of a face by the place along it they were taken at, in the order the places were first touched. */
function byPlace(readings: readonly Reading[]): Reading[][] {
  const places: Reading[][] = [];
  for (const reading of readings) {
    const at = reading.across?.value;
    if (at === undefined) continue;
    const known = places.find(([first]) => Math.abs((first?.across?.value ?? 0) - at) <= ONE_PLACE);
    if (known) known.push(reading);
    else places.push([reading]);
  }
  return places;
}

const FAR = { left: 'right', right: 'left', front: 'back', back: 'front' } as const;

function cornerSlots(snapshot: Snapshot, feature: Extract<Feature, { kind: 'corner' }>): Slot[] {
  const way = cornerWay(snapshot, feature);
  const { alongX, alongY } = facesOfCorner(feature.corner);
  if (way === 'axes') return [faceSlot(snapshot, alongX, feature.of), faceSlot(snapshot, alongY, feature.of)];
  const shape = rectangleOf(snapshot.part, feature.of);
  const places = (face: Face, near: Face, count: number): Slot[] => {
    const base = faceSlot(snapshot, face, feature.of);
    const taken = byPlace(readingsInForce(snapshot, base.subject));
    const farEnd = FAR[near];
    return Array.from({ length: Math.max(count, taken.length) }, (_, i) => {
      const end = i === 0 ? near : i === 1 ? farEnd : undefined;
      const share = end === 'left' || end === 'front' ? 0.12 : end === undefined ? 0.5 : 0.88;
      const { from } = wallTouch(shape, face);
      return {
        ...base,
        id: `${face} ${i + 1}`,
        name: `${face}, ${end ? `${end} end` : `place ${i + 1}`}`,
        sentence: `Touch ${faceWords(shape, face)} near its ${end ? `${end} end` : 'middle'}, ${fromWords(shape, from)}.`,
        across: true,
        at: onFace(shape, face, count === 1 ? (near === 'front' || near === 'left' ? 0.3 : 0.7) : share),
        readings: taken[i] ?? [],
        optional: i >= count,
      };
    });
  };
  return [...places(alongX, alongY, 2), ...places(alongY, alongX, way === 'measured' ? 2 : 1)];
}

/** Walls of a bore or boss by the way the tool goes as it touches them. */
const WALLS = [
  { axis: 'x', approach: 1 },
  { axis: 'x', approach: -1 },
  { axis: 'y', approach: 1 },
  { axis: 'y', approach: -1 },
] as const;

const WALL_WORDS = {
  'x 1': ['right', 'left'],
  'x -1': ['left', 'right'],
  'y 1': ['back', 'front'],
  'y -1': ['front', 'back'],
} as const;

function roundSlots(snapshot: Snapshot, of: string): Slot[] {
  const way = roundWay(snapshot, of);
  if (way === 'sweep') return [...sweepSlots(snapshot, of), ...standingSlots(snapshot, of, true)];
  if (way === 'plug') return standingSlots(snapshot, of, false);
  return way === 'pairs' ? pairSlots(snapshot, of) : pointSlots(snapshot, of);
}

function wallSlot(snapshot: Snapshot, of: string, wall: (typeof WALLS)[number]): Slot {
  const round = roundOf(snapshot.part, of);
  const { axis, approach } = wall;
  const inside = round.kind === 'bore';
  const [insideWall, outsideWall] = WALL_WORDS[`${axis} ${approach}`];
  const side = inside ? insideWall : outsideWall;
  const toward = heading(axis, approach);
  const reach = (inside ? 1 : -1) * (round.diameter / 2);
  return {
    id: `${axis} ${approach}`,
    name: `${side} wall`,
    sentence: inside
      ? `In ${round.name}, touch the ${side} wall, going ${side === 'back' ? 'away from you' : side === 'front' ? 'toward you' : side}.`
      : `Touch ${round.name} on its ${side} side, coming from ${side === 'left' || side === 'right' ? `the ${side}` : `the ${side}`}.`,
    subject: { kind: 'round', of },
    axis,
    approach,
    across: false,
    dial: false,
    at: { x: round.at.x + toward.x * reach, y: round.at.y + toward.y * reach },
    toward,
    readings: [],
    optional: false,
  };
}

function pairSlots(snapshot: Snapshot, of: string): Slot[] {
  const taken = readingsInForce(snapshot, { kind: 'round', of });
  return WALLS.map((wall) => ({
    ...wallSlot(snapshot, of, wall),
    readings: taken.filter((one) => one.axis === wall.axis && one.approach === wall.approach),
  }));
}

function pointSlots(snapshot: Snapshot, of: string): Slot[] {
  const taken = readingsInForce(snapshot, { kind: 'round', of }).filter(({ across }) => across !== undefined);
  const order = [WALLS[0], WALLS[2], WALLS[1], WALLS[3]];
  const count = Math.max(4, taken.length + 1);
  return Array.from({ length: count }, (_, i) => {
    const reading = taken[i];
    const wall =
      WALLS.find((one) => one.axis === reading?.axis && one.approach === reading.approach) ?? order[i % 4] ?? WALLS[0];
    const slot = wallSlot(snapshot, of, wall);
    return {
      ...slot,
      id: `point ${i + 1}`,
      name: `point ${i + 1}`,
      sentence: `Point ${i + 1}: ${slot.sentence.charAt(0).toLowerCase()}${slot.sentence.slice(1)}`,
      across: true,
      readings: reading ? [reading] : [],
      optional: i >= 3,
    };
  });
}

const AROUND = ['to the right', 'at the back', 'to the left', 'at the front'] as const;

function sweepSlots(snapshot: Snapshot, of: string): Slot[] {
  const round = roundOf(snapshot.part, of);
  const pass = sweepPass(snapshot, of);
  return SWEEP_PLACES.map((place, i) => {
    const subject: Touched = { kind: 'sweep', of, place, pass };
    const toward = { x: cosDegrees(place), y: sinDegrees(place) };
    return {
      id: `${place}`,
      name: `${place}°`,
      sentence: `Read the dial ${AROUND[i] ?? ''} (${place}°). Pressed counts plus.`,
      subject,
      axis: 'x',
      approach: 1,
      across: false,
      dial: true,
      at: { x: round.at.x + (toward.x * round.diameter) / 2, y: round.at.y + (toward.y * round.diameter) / 2 },
      toward: round.kind === 'bore' ? toward : { x: -toward.x, y: -toward.y },
      readings: readingsInForce(snapshot, subject),
      optional: false,
    };
  });
}

function standingSlots(snapshot: Snapshot, of: string, optional: boolean): Slot[] {
  const round = roundOf(snapshot.part, of);
  const subject: Touched = { kind: 'standing', of };
  const taken = readingsInForce(snapshot, subject);
  return (['x', 'y'] as const).map((axis) => ({
    id: `stands ${axis}`,
    name: optional ? `where ${axis.toUpperCase()} stands` : axis.toUpperCase(),
    sentence: optional
      ? `What does ${axis.toUpperCase()} show where the spindle stands? Needed for a work offset only.`
      : `The plug seated and the table locked: what does ${axis.toUpperCase()} show?`,
    subject,
    axis,
    approach: 1,
    across: false,
    dial: false,
    at: round.at,
    toward: { x: 0, y: 0 },
    readings: taken.filter((reading) => reading.axis === axis),
    optional,
  }));
}

/** The first touch still wanted; undefined once all that are needed were taken. */
export const nextSlot = (slots: readonly Slot[]): Slot | undefined =>
  slots.find(({ readings, optional }) => !optional && readings.length === 0);
