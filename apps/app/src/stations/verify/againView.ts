import { EDGE_CAUTIONS, type Caution } from '@zero-point/core/cautions/caution';
import type { Book } from '@zero-point/core/book/book';
import { shiftOf, type Shift } from '@zero-point/core/book/comingBack';
import { againUse, expectedReading } from '@zero-point/core/book/touchAgain';
import { lastZeroing } from '@zero-point/core/book/inForce';
import { openReadBacks, type ReadBackState } from '@zero-point/core/book/readBack';
import { FACE_TOUCH } from '@zero-point/core/datum/partFrame';
import { METHOD_FACTS, methodOf } from '@zero-point/core/methods/method';
import { planAxes } from '@zero-point/core/record/machine';
import { FACES } from '@zero-point/core/record/faces';
import type { Face } from '@zero-point/core/record/subject';
import { logTouch } from '../../record/log';

/** One face that can be touched again, and how it stands. mm on the scale. */
export interface AgainFace {
  face: Face;
  axis: 'x' | 'y';
  approach: 1 | -1;
  from: string;
  /** What the scale should show at the touch, with U; undefined while its axis is not set. */
  expected: { reading: number; U: number } | undefined;
  /** What the touches since the last setting tell. */
  shift: Shift | undefined;
}

/** Verify's page of the zero: faces touched again, and read-backs that are open. */
export interface AgainView {
  faces: AgainFace[];
  openReadBacks: ReadBackState[];
  cautions: Caution[];
}

/** The faces of the part's own outline, each as it should show and as it did since zero was set. */
export function againView(book: Book, now: number): AgainView {
  const axes = planAxes(book.machine);
  const gauge = book.gauges.find(({ id }) => id === book.setup.finderId);
  const method = gauge && methodOf(gauge.kind);
  const use = againUse(book);
  return {
    faces: FACES.filter((face) => axes.includes(FACE_TOUCH[face].axis)).map((face) => {
      const { axis, approach, from } = FACE_TOUCH[face];
      const set = lastZeroing(book, axis);
      return {
        face,
        axis,
        approach,
        from,
        expected: expectedReading(book, { kind: 'face', face }, use, new Date(now).toISOString()),
        shift: set && shiftOf(book, set.id, { kind: 'face', face }),
      };
    }),
    openReadBacks: openReadBacks(book, now),
    cautions: [...(method ? METHOD_FACTS[method].cautions : [EDGE_CAUTIONS.raiseFirst])],
  };
}

/** Logs a face touched again since its axis was set; gives back what is wrong with the text instead. */
export function logAgain(book: Book, { face, axis, approach }: AgainFace, text: string, ticked: string[]) {
  const set = lastZeroing(book, axis);
  // The ledger finds the cutter by its number.
  const { cutterId: _, ...touch } = againUse(book);
  if (!set) return `${axis.toUpperCase()} is not set yet.`;
  return logTouch(
    book,
    {
      subject: { kind: 'return', after: set.id, face },
      axis,
      approach,
      ...touch,
      ticked,
    },
    text,
  );
}
