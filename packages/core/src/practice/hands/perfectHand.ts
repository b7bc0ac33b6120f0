import type { Entry, RowEntry } from '../../record/entry';
import type { Book } from '../../book/book';
import { openBook } from '../../book/book';
import { featureAnswer } from '../../book/featureAnswer';
import { currentEpoch, scaleOf } from '../../book/inForce';
import { FACE_TOUCH } from '../../datum/partFrame';
import { withEntries } from '../../record/merge';
import type { Face, TouchedSubject } from '../../record/subject';
import type { Approach, Axis } from '../../schema/quantities';
import { toward, type Wall } from '../mill/surface';
import { faceAnswer } from '../../book/subjects/face';
import { zZeroAnswer } from '../../book/subjects/heights';
import type { Lesson } from '../lessons/lesson';
import { mark, type Marks } from '../marking/mark';
import { hide } from '../mill/hidden';
import { createMill, type Mill } from '../mill/mill';
import {
  backOff,
  comeDownTo,
  handAt,
  raise,
  raisePast,
  standBefore,
  standInBore,
  standOver,
  touchesOf,
  type Hand,
} from './hand';

/** Where a scripted hand does otherwise than it should; nothing for one that does all right. */
export interface Clumsy {
  /** Spindle speed it uses, rev/min, instead of what the lesson asks for. */
  rpm?: number;
  /** What it sets an axis to while touching, instead of what the page says, from what the page says. */
  sets?: (said: number) => number;
  /** Leaves what it set without looking at it. */
  readBack?: false;
  /** Goes on to the next face as it stands. */
  raises?: false;
  /** Goes on past the face so far, mm, and reads while backing out of it. */
  backsInto?: number;
  /** Drives on into the part, mm. */
  drivesOn?: number;
  /** Believes what stands on a plate. */
  byMarking?: true;
  /** Starts the spindle with the plate's clip on. */
  clipOn?: true;
  /** Lowers the tool onto the block by so much, mm. */
  lowersOnto?: number;
}

const AT = '2026-11-27T09:00:00.000Z';

/** Where a hand begins: at which mill, in which set-up, when. */
export interface Beginning {
  start: Mill;
  id: string;
  at: string;
}

/** A hand with a notebook: what it reads goes into the set-up's ledger, and what that says is done. */
interface Worker {
  hand: Hand;
  book: () => Book;
  entries: Entry[];
  touch: (subject: TouchedSubject, axis: Axis, value: number, way?: Approach) => void;
  set: (subject: TouchedSubject, axis: Axis, value: number) => void;
  /** Measures what is in the other hand by caliper, several times, and writes that down as its size. */
  measured: (gaugeId: string) => void;
}

function worker(lesson: Lesson, clumsy: Clumsy, { start, id: setupId, at: when }: Beginning): Worker {
  const hand = handAt(start);
  const snapshot = lesson.snapshot(setupId, when);
  const entries: Entry[] = [];
  let made = 0;
  const book = () => openBook(withEntries(snapshot, entries));
  const add = (entry: object) => entries.push({ setupId, ...entry } as RowEntry);
  const name = () => `row-${(made += 1)}`;
  return {
    hand,
    book,
    entries,
    touch: (subject, axis, value, way = -1) => {
      const now = book();
      const { setup } = now;
      const face = subject.kind === 'face';
      const sideways = axis !== 'z';
      add({
        kind: 'reading',
        body: {
          on: 'scale',
          id: name(),
          subject,
          axis,
          approach: face ? FACE_TOUCH[subject.face].approach : way,
          gaugeId: sideways ? setup.finderId : setup.heightGaugeId,
          feeler: sideways ? setup.feeler : 0,
          place: { scale: scaleOf(now) },
          epoch: currentEpoch(now, axis),
          value,
          source: { by: 'typed', text: String(value), unit: 'mm' },
          ticked: [],
          takenAt: when,
          ...(setup.cutter !== undefined && face && { tool: setup.cutter, cutterId: 'end-mill-10' }),
        },
      });
    },
    measured: (gaugeId) => {
      const values = Array.from({ length: CALIPERS }, () => {
        hand.do({ do: 'caliper' });
        // Opened and closed anew each time.
        hand.do({ do: 'put', between: hand.mill().between?.id });
        return hand.mill().caliper?.value ?? NaN;
      });
      const value = values.reduce((sum, one) => sum + one, 0) / CALIPERS;
      const body = { id: name(), of: { kind: 'gauge', gaugeId }, found: { what: 'size', value }, from: when, at: when };
      entries.push({ kind: 'calibration', setupId: '', body } as RowEntry);
    },
    set: (subject, axis, value) => {
      const now = book();
      const id = name();
      hand.do({ do: 'set', axis, value });
      add({
        kind: 'zeroing',
        body: {
          id,
          subject,
          axis,
          place: { scale: scaleOf(now) },
          began: currentEpoch(now, axis),
          opens: id,
          form: 'preset',
          value,
          ...(axis === 'z' && { lift: 0 }),
          at: when,
        },
      });
      if (clumsy.readBack === false) return;
      const source = { by: 'typed', text: String(value), unit: 'mm' };
      add({
        kind: 'readBack',
        body: { id: name(), of: { kind: 'setting', zeroingId: id }, shown: value, source, at: when },
      });
    },
  };
}

/** Takes up what a lesson touches with, at the speed that is for it. */
function takeUp({ hand }: Worker, lesson: Lesson, clumsy: Clumsy): void {
  const { finderId, cutter } = lesson.snapshot('practice', AT).setup;
  const [first] = lesson.mill.contacts;
  const contact = lesson.mill.contacts.find(({ id }) => id === finderId) ?? first;
  const turning = contact?.kind === 'spring-finder' ? 1000 : contact?.kind === 'bearing-finder' ? 100 : 0;
  hand.do({ do: 'hold', contact: contact?.id });
  const [between] = lesson.mill.betweens;
  if (between && between.kind !== 'block') hand.do({ do: 'put', between: between.id });
  hand.do({ do: 'spin', rpm: clumsy.rpm ?? (cutter === undefined ? turning : 0) });
}

const TOUCHES = 3;

/** So often a plate is measured. */
const CALIPERS = 3;

/** Touches a face and logs each touch. */
function touchFace(at: Worker, face: Face, clumsy: Clumsy): void {
  const { hand } = at;
  standBefore(hand, face);
  const { axis, approach } = FACE_TOUCH[face];
  if (clumsy.drivesOn !== undefined) hand.do({ do: 'move', axis, by: approach * (clumsy.drivesOn + 5) });
  if (clumsy.backsInto === undefined) {
    for (const value of touchesOf(hand, face, TOUCHES)) at.touch({ kind: 'face', face }, axis, value);
    return;
  }
  touchesOf(hand, face, 1);
  hand.do({ do: 'move', axis, by: approach * clumsy.backsInto });
  hand.do({ do: 'put', between: hand.mill().between?.id });
  // Back out by thousandths until it drags again.
  for (let i = 0; i < 800 && !hand.mill().found; i += 1) hand.do({ do: 'move', axis, by: -approach * 0.002 });
  at.touch({ kind: 'face', face }, axis, hand.reads(axis));
}

/** Drives to the mean of what was read, and sets what the page says there. */
function setFace(at: Worker, face: Face, clumsy: Clumsy): void {
  const { axis } = FACE_TOUCH[face];
  const answer = faceAnswer(at.book(), face)?.result;
  if (!answer) return;
  const values = at.book().readings.filter(({ subject }) => subject.kind === 'face' && subject.face === face);
  const mean = values.reduce((sum, { value }) => sum + value, 0) / values.length;
  // From the side it was come at, so that the play lies where it lay.
  backOff(at.hand, face);
  at.hand.drive(axis, mean);
  at.set({ kind: 'face', face }, axis, (clumsy.sets ?? ((said) => said))(answer.preset));
}

function setMiddle(at: Worker, clumsy: Clumsy): void {
  touchFace(at, 'left', clumsy);
  raise(at.hand);
  touchFace(at, 'right', clumsy);
  raise(at.hand);
  const middle = featureAnswer(at.book(), { kind: 'middle', axis: 'x' })?.x;
  if (!middle) return;
  at.hand.drive('x', middle.workOffset);
  at.set({ kind: 'face', face: 'left' }, 'x', (clumsy.sets ?? ((said) => said))(0));
}

/** Touches two walls of the bore that face each other, drives to their middle, and sets what it is on the part. */
function setBore(at: Worker, axis: 'x' | 'y', of: string, clumsy: Clumsy): void {
  const { hand } = at;
  const walls: readonly Wall[] = axis === 'x' ? ['bore-left', 'bore-right'] : ['bore-front', 'bore-back'];
  const subject = { kind: 'round', of } as const;
  for (const wall of walls) {
    const values = touchesOf(hand, wall, TOUCHES);
    for (const value of values) at.touch(subject, axis, value, toward(wall));
    backOff(hand, wall);
  }
  const middle = featureAnswer(at.book(), subject)?.[axis];
  if (!middle) return;
  hand.drive(axis, middle.found);
  at.set(subject, axis, (clumsy.sets ?? ((said) => said))(middle.nominal));
}

/** Puts the reference in, everything clear and the spindle stopped, where a finder is there. */
function takeReference(hand: Hand): void {
  if (hand.mill().held?.kind === 'cutter') return;
  raise(hand);
  hand.do({ do: 'spin', rpm: 0 });
  hand.do({ do: 'move', axis: 'z', by: 40 });
  hand.do({ do: 'hold', contact: 'end-mill-10' });
}

function setHeight(at: Worker, clumsy: Clumsy): void {
  const { hand } = at;
  takeReference(hand);
  const gauge = at.book().setup.heightGaugeId;
  const lowered = gauge === 'paper' || gauge === 'touch-plate';
  standOver(hand, lowered ? 16 : 8);
  hand.do({ do: 'put', between: gauge });
  if (gauge === 'touch-plate' && clumsy.byMarking !== true) at.measured(gauge);
  const z = lowered ? comeDownTo(hand) : raisePast(hand, 0.02);
  if (clumsy.lowersOnto !== undefined) hand.do({ do: 'move', axis: 'z', by: -clumsy.lowersOnto });
  at.touch({ kind: 'z-zero', tool: 1 }, 'z', z);
  const answer = zZeroAnswer(at.book());
  if (answer) at.set({ kind: 'z-zero', tool: 1 }, 'z', (clumsy.sets ?? ((said) => said))(answer.result.setZ));
}

/** Changes the tool, with everything clear, and finds it on the same block. */
function findLength(at: Worker, tool: number, contact: string): void {
  const { hand } = at;
  hand.do({ do: 'put', between: undefined });
  hand.do({ do: 'move', axis: 'z', by: 60 });
  hand.do({ do: 'hold', contact });
  standOver(hand, 8);
  hand.do({ do: 'put', between: 'block-10' });
  at.touch({ kind: 'tool-length', tool }, 'z', raisePast(hand, 0.02));
}

/** A lesson done by a scripted hand from beginning to end, and its marks. */
export function doLesson(
  lesson: Lesson,
  seed: number,
  clumsy: Clumsy = {},
  beginning: Beginning = { start: createMill(lesson.mill, hide(lesson.mill, seed)), id: 'practice', at: AT },
): { marks: Marks; mill: Mill; book: Book; entries: Entry[] } {
  const at = worker(lesson, clumsy, beginning);
  takeUp(at, lesson, clumsy);
  if (lesson.mill.bore) standInBore(at.hand);
  for (const aim of lesson.aims) {
    if (aim.axis === 'z') setHeight(at, clumsy);
    else if (aim.by.kind === 'middle') setMiddle(at, clumsy);
    else if (aim.by.kind === 'round') setBore(at, aim.axis, aim.by.of, clumsy);
    else if (aim.by.kind === 'face') {
      touchFace(at, aim.by.face, clumsy);
      setFace(at, aim.by.face, clumsy);
      if (clumsy.raises === false) {
        const { corner, size } = at.hand.mill().hidden;
        at.hand.toward('y', corner.y + size.y / 2);
        at.hand.toward('x', corner.x + size.x / 2);
      }
    }
  }
  if (clumsy.clipOn) at.hand.do({ do: 'spin', rpm: 600 });
  for (const { tool, contact } of lesson.tools ?? []) findLength(at, tool, contact);
  return {
    marks: mark(lesson, at.hand.mill(), at.book(), 0),
    mill: at.hand.mill(),
    book: at.book(),
    entries: at.entries,
  };
}
