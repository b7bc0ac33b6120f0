import { roundOf } from '../../datum/feature';
import { FACE_TOUCH } from '../../datum/partFrame';
import { roundsOf } from '../../datum/shapes';
import { heightApproach, heightMethod } from '../../zAndTools/heightMethod';
import { FACES } from '../../records/values/faces';
import { planAxes } from '../../records/shop/machine';
import type { TouchedSubject } from '../../records/values/subject';
import type { Approach, Axis } from '../../schema/quantities';
import type { SetupState } from '../basis/setupState';
import { shiftOf, type Shift } from '../datum/zeroDoubt';
import { foundFeatures } from '../datum/foundFeatures';
import { lastZeroing, activeReadings } from '../basis/activeRecords';
import { expectedWall, ROUND_WALLS, roundShift, touchedAgain, type RoundWall } from './recheckBore';
import { recheckUse, expectedReading, type AgainUse } from './recheckFace';
import { expectedZ, zShift } from './recheckZ';

/** One touch that tells whether a zero stands. mm on the scale. */
export interface RecheckTouch {
  subject: TouchedSubject;
  axis: Axis;
  approach: Approach;
  use: Omit<AgainUse, 'cutterId'>;
  /** Finder takes nothing off: the control has. */
  byControl: boolean;
  /** What the scale should show, and U of that. */
  expected: { reading: number; U: number };
  /** How often it was touched since its axis was set. */
  times: number;
}

/** Something of the part that can be touched again, and what its touches tell. */
export interface RecheckTarget {
  /** `face left`, `round hole-1`, `z`. */
  key: string;
  of: { kind: 'face'; face: (typeof FACES)[number] } | { kind: 'round'; of: string } | { kind: 'z'; tool: number };
  /** As it goes after "the". */
  name: string;
  /** Where it is touched; none while its axis is not set, or what touches it is not known. */
  touches: RecheckTouch[];
  shifts: Shift[];
}

/**
 * What can be touched again: the faces of the part's own outline, the bores and bosses that are there, and Z by the tool
 * and gauge it was found with; each with what the scale should show and how far it is off since its axis was set.
 *
 * @param moment when it would be touched
 */
export function recheckTargets(book: SetupState, moment: string): RecheckTarget[] {
  return [...faces(book, moment), ...rounds(book, moment), ...z(book)];
}

function faces(book: SetupState, moment: string): RecheckTarget[] {
  const axes = planAxes(book.machine);
  const { cutterId: _, ...use } = recheckUse(book);
  return FACES.filter((face) => axes.includes(FACE_TOUCH[face].axis)).map((face) => {
    const { axis, approach } = FACE_TOUCH[face];
    const set = lastZeroing(book, axis);
    const expected = expectedReading(book, { kind: 'face', face }, recheckUse(book), moment);
    const subject = set && { kind: 'return' as const, after: set.id, face };
    const shift = set && shiftOf(book, set.id, { kind: 'face', face });
    return {
      key: `face ${face}`,
      of: { kind: 'face', face },
      name: `${face} face`,
      touches:
        subject && expected
          ? [
              {
                subject,
                axis,
                approach,
                use,
                byControl: false,
                expected,
                times: activeReadings(book, subject).length,
              },
            ]
          : [],
      shifts: shift ? [shift] : [],
    };
  });
}

/** Bores and bosses that are there: the part's own ones, and drawn holes that were touched, so must have been made. */
function rounds(book: SetupState, moment: string): RecheckTarget[] {
  const found = new Set(foundFeatures(book).flatMap(({ feature }) => (feature.kind === 'round' ? feature.of : [])));
  const own = new Set((book.part.shapes ?? []).map(({ id }) => id));
  const axes = planAxes(book.machine);
  const { cutterId: _, ...use } = recheckUse(book);
  return roundsOf(book.part)
    .filter(({ id }) => found.has(id) || own.has(id))
    .map(({ id, name }) => ({
      key: `round ${id}`,
      of: { kind: 'round', of: id },
      name,
      touches: ROUND_WALLS.filter(({ axis }) => axes.includes(axis)).flatMap((wall) => {
        const set = lastZeroing(book, wall.axis);
        const expected = expectedWall(book, id, wall, recheckUse(book), moment);
        if (!set || !expected) return [];
        return [
          {
            ...wall,
            subject: { kind: 'return-round' as const, after: set.id, of: id },
            use,
            byControl: false,
            expected,
            times: touchedAgain(book, id, wall.axis).filter(({ approach }) => approach === wall.approach).length,
          },
        ];
      }),
      shifts: (['x', 'y'] as const).flatMap((axis) => roundShift(book, id, axis) ?? []),
    }));
}

function z(book: SetupState): RecheckTarget[] {
  const set = lastZeroing(book, 'z');
  const expected = expectedZ(book);
  const tool = book.setup.referenceTool;
  const shift = zShift(book);
  const subject = set && { kind: 'return-z' as const, after: set.id, tool };
  return [
    {
      key: 'z',
      of: { kind: 'z', tool },
      name: `height of tool ${tool}`,
      touches:
        subject && expected
          ? [
              {
                subject,
                axis: 'z',
                approach: heightApproach(heightMethod(expected.gauge.kind)),
                use: { gaugeId: expected.gauge.id, feeler: 0, tool },
                byControl: expected.byControl,
                expected: { reading: expected.reading, U: expected.U },
                times: activeReadings(book, subject).length,
              },
            ]
          : [],
      shifts: shift ? [shift] : [],
    },
  ];
}

/** Which wall of a bore or boss a touch is at, seen from above: a bore's right one is reached going right, a boss's left one. */
export function wallSide(
  book: SetupState,
  of: string,
  { axis, approach }: RoundWall,
): 'left' | 'right' | 'front' | 'back' {
  const outward = roundOf(book.part, of).kind === 'bore' ? approach : -approach;
  if (axis === 'x') return outward === 1 ? 'right' : 'left';
  return outward === 1 ? 'back' : 'front';
}
