import type { Ask } from '@zero-point/core/messages/basis/grammar';
import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { DialSubject, Face, TouchedSubject } from '@zero-point/core/records/values/subject';
import type { Reading, TouchReading } from '@zero-point/core/records/log/reading';
import type { Approach } from '@zero-point/core/schema/quantities';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { rectangleOf, roundOf } from '@zero-point/core/datum/feature';
import type { Point } from '@zero-point/core/geometry/point';
import { facesOfCorner, FACES_ACROSS, wallTouch, type Rectangle } from '@zero-point/core/datum/shapes';
import { cornerWay } from '@zero-point/core/state/datum/corner';
import { zeroDoubtOf, provesZero } from '@zero-point/core/state/datum/zeroDoubt';
import { activeReadings } from '@zero-point/core/state/basis/activeRecords';
import { sameTouchPoint } from '@zero-point/core/state/basis/sameTouchPoint';
import { roundWay, SWEEP_PLACES, sweepPass, sweepReadings } from '@zero-point/core/state/datum/round';
import { cosDegrees, sinDegrees } from '@zero-point/core/units/degrees';

/** What a slot is of: a touch on the machine's scale, or a place of a sweep. */
export type SlotSubject = TouchedSubject | Extract<DialSubject, { kind: 'sweep' }>;

/** One touch that a feature asks for. */
export interface Slot {
  id: string;
  /** On the chip that leads to it. */
  name: string;
  ask: Ask;
  /** What goes before it, where it is one of several. */
  lead?: string;
  subject: SlotSubject;
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
export function slotsOf(book: SetupState, feature: Feature): Slot[] {
  switch (feature.kind) {
    case 'face':
      return [faceSlot(book, feature.face, feature.of)];
    case 'middle':
      return FACES_ACROSS[feature.axis].map((face) => faceSlot(book, face, feature.of));
    case 'corner':
      return cornerSlots(book, feature);
    case 'round':
      return roundSlots(book, feature.of);
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

function faceSlot(book: SetupState, face: Face, of: string | undefined): Slot {
  const shape = rectangleOf(book.part, of);
  const { axis, approach, from } = wallTouch(shape, face);
  const doubt = zeroDoubtOf(book);
  // A zero in doubt is proven by a touch of its own, that moves none of the answers it was set from.
  const subject: Extract<TouchedSubject, { kind: 'face' | 'return' }> =
    doubt && provesZero(doubt, face, of)
      ? { ...faceSubject(face, of), kind: 'return', after: doubt.id }
      : faceSubject(face, of);
  return {
    id: face,
    name: `${face} ${shape.kind === 'pocket' ? 'wall' : 'face'}`,
    ask: { act: `touch ${faceWords(shape, face)}`, way: fromWords(shape, from) },
    subject,
    axis,
    approach,
    across: false,
    dial: false,
    at: onFace(shape, face, 0.5),
    toward: heading(axis, approach),
    readings: activeReadings(book, subject).filter((reading) => reading.across === undefined),
    optional: false,
  };
}

/** Readings of a face by the place along it they were taken at, in the order the places were first touched. */
function byPlace(readings: readonly TouchReading[]): TouchReading[][] {
  const places: TouchReading[][] = [];
  for (const reading of readings) {
    if (reading.across === undefined) continue;
    const known = places.find(([first]) => sameTouchPoint(first?.across, reading.across));
    if (known) known.push(reading);
    else places.push([reading]);
  }
  return places;
}

const faceSubject = (face: Face, of: string | undefined) => ({
  kind: 'face' as const,
  face,
  ...(of !== undefined && { of }),
});

const FAR = { left: 'right', right: 'left', front: 'back', back: 'front' } as const;

function cornerSlots(book: SetupState, feature: Extract<Feature, { kind: 'corner' }>): Slot[] {
  const way = cornerWay(book, feature);
  const { alongX, alongY } = facesOfCorner(feature.corner);
  if (way === 'axes') return [faceSlot(book, alongX, feature.of), faceSlot(book, alongY, feature.of)];
  const shape = rectangleOf(book.part, feature.of);
  const places = (face: Face, near: Face, count: number): Slot[] => {
    const base = faceSlot(book, face, feature.of);
    const taken = byPlace(activeReadings(book, faceSubject(face, feature.of)));
    const farEnd = FAR[near];
    return Array.from({ length: Math.max(count, taken.length) }, (_, i) => {
      const end = i === 0 ? near : i === 1 ? farEnd : undefined;
      const share = end === 'left' || end === 'front' ? 0.12 : end === undefined ? 0.5 : 0.88;
      const { from } = wallTouch(shape, face);
      return {
        ...base,
        id: `${face} ${i + 1}`,
        name: `${face}, ${end ? `${end} end` : `place ${i + 1}`}`,
        ask: {
          act: `touch ${faceWords(shape, face)} near its ${end ? `${end} end` : 'middle'}`,
          way: fromWords(shape, from),
        },
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

/** Which way a wall lies, as one going there would say. */
const GOING = { left: 'left', right: 'right', back: 'away from you', front: 'toward you' } as const;

function roundSlots(book: SetupState, of: string): Slot[] {
  const way = roundWay(book, of);
  if (way === 'sweep') return [...sweepSlots(book, of), ...standingSlots(book, of, 'sweep')];
  if (way === 'plug') return standingSlots(book, of, 'plug');
  if (way === 'cycle') return standingSlots(book, of, 'cycle');
  return way === 'pairs' ? pairSlots(book, of) : pointSlots(book, of);
}

function wallSlot(book: SetupState, of: string, wall: (typeof WALLS)[number]): Slot {
  const round = roundOf(book.part, of);
  const { axis, approach } = wall;
  const inside = round.kind === 'bore';
  const [insideWall, outsideWall] = WALL_WORDS[`${axis} ${approach}`];
  const side = inside ? insideWall : outsideWall;
  const toward = heading(axis, approach);
  const reach = (inside ? 1 : -1) * (round.diameter / 2);
  return {
    id: `${axis} ${approach}`,
    name: `${side} wall`,
    ask: inside
      ? { act: `in ${round.name}, touch the ${side} wall`, way: `going ${GOING[side]}` }
      : { act: `touch ${round.name} on its ${side} side`, way: `coming from the ${side}` },
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

function pairSlots(book: SetupState, of: string): Slot[] {
  const taken = activeReadings(book, { kind: 'round', of });
  return WALLS.map((wall) => ({
    ...wallSlot(book, of, wall),
    readings: taken.filter((one) => one.axis === wall.axis && one.approach === wall.approach),
  }));
}

function pointSlots(book: SetupState, of: string): Slot[] {
  const taken = activeReadings(book, { kind: 'round', of }).filter(({ across }) => across !== undefined);
  const order = [WALLS[0], WALLS[2], WALLS[1], WALLS[3]];
  const count = Math.max(4, taken.length + 1);
  return Array.from({ length: count }, (_, i) => {
    const reading = taken[i];
    const wall =
      WALLS.find((one) => one.axis === reading?.axis && one.approach === reading.approach) ?? order[i % 4] ?? WALLS[0];
    const slot = wallSlot(book, of, wall);
    return {
      ...slot,
      id: `point ${i + 1}`,
      name: `point ${i + 1}`,
      lead: `Point ${i + 1}:`,
      across: true,
      readings: reading ? [reading] : [],
      optional: i >= 3,
    };
  });
}

const AROUND = ['to the right', 'at the back', 'to the left', 'at the front'] as const;

function sweepSlots(book: SetupState, of: string): Slot[] {
  const round = roundOf(book.part, of);
  const pass = sweepPass(book, of);
  return SWEEP_PLACES.map((place, i) => {
    const subject: SlotSubject = { kind: 'sweep', of, place, pass };
    const toward = { x: cosDegrees(place), y: sinDegrees(place) };
    return {
      id: `${place}`,
      name: `${place}°`,
      ask: { act: `read the dial ${AROUND[i] ?? ''} (${place}°)`, more: 'Pressed counts plus.' },
      subject,
      axis: 'x',
      approach: 1,
      across: false,
      dial: true,
      at: { x: round.at.x + (toward.x * round.diameter) / 2, y: round.at.y + (toward.y * round.diameter) / 2 },
      toward: round.kind === 'bore' ? toward : { x: -toward.x, y: -toward.y },
      readings: sweepReadings(book, of, pass).filter(
        (one) => one.struckBy === null && one.subject.kind === 'sweep' && one.subject.place === place,
      ),
      optional: false,
    };
  });
}

const STANDING_ASKS: Readonly<Record<'sweep' | 'plug' | 'cycle', (axis: string, name: string) => Ask>> = {
  sweep: (axis) => ({ act: `log what ${axis}`, more: 'Needed for a work offset only.' }),
  plug: (axis) => ({ act: `log what ${axis} shows`, way: 'with the plug seated and the table locked' }),
  cycle: (axis, name) => ({
    act: `run the control’s cycle in ${name}, and log what it gives for ${axis} of the centre`,
  }),
};

/** Where the spindle stands, or the control says the centre is, by the way it is found: after a sweep it need not be told. */
function standingSlots(book: SetupState, of: string, by: 'sweep' | 'plug' | 'cycle'): Slot[] {
  const optional = by === 'sweep';
  const round = roundOf(book.part, of);
  const subject = { kind: 'standing' as const, of };
  const taken = activeReadings(book, subject);
  return (['x', 'y'] as const).map((axis) => ({
    id: `stands ${axis}`,
    name: optional ? `what ${axis.toUpperCase()} shows` : axis.toUpperCase(),
    ask: STANDING_ASKS[by](axis.toUpperCase(), round.name),
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
