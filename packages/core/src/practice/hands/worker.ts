import { deriveState, type SetupState } from '../../state/basis/setupState';
import { currentEpoch, scaleOf } from '../../state/basis/activeRecords';
import { readingEpoch } from '../../state/toolChange/touchOffPoint';
import { FACE_TOUCH } from '../../datum/partFrame';
import type { Entry, RowEntry } from '../../records/kinds/entry';
import { withEntries } from '../../records/kinds/merge';
import type { DialSubject, Subject, TouchedSubject } from '../../records/values/subject';
import type { Approach, Axis } from '../../schema/quantities';
import type { Lesson } from '../lessons/lesson';
import type { Mill } from '../mill/mill';
import { handAt, type Hand } from './hand';

/** Where a scripted hand does otherwise than it should; nothing for one that does all right. */
export interface Clumsy {
  /** Spindle speed it uses, rpm, instead of what the lesson asks for. */
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
  /** Writes down as set what it never set at the mill. */
  moves?: true;
  /** Taps by so many times what the page says. */
  taps?: number;
  /** Tightens the vise, and leaves it at that; or leaves it loose. */
  bolts?: 'not-read' | 'loose';
  /** Leaves the parallels in as the table turns. */
  parallels?: true;
  /** Tilts the table with the probe where it touched. */
  tilts?: 'low';
  /** Writes down what the dial read before the slide was locked. */
  unlocked?: true;
  /** Leaves the indicator, or the sensor, on as the spindle starts. */
  leavesOn?: true;
  /** All that is to come off, in one pass. */
  onePass?: true;
  /** Types the second zero over the first. */
  overFirst?: true;
  /** Takes the plug that is in the drill chuck, or does not sweep after the bolts. */
  plug?: 'in-chuck' | 'not-swept';
  /** Tightens the vise, and lets the part stand as the jaw lifted it. */
  seats?: false;
  /** Leaves the quill loose. */
  quill?: 'loose';
  /** Circles so many times as wide as they are drawn. */
  circles?: number;
}

export const AT = '2026-11-27T09:00:00.000Z';

/** Where a hand begins: at which mill, in which setup, when. */
export interface Beginning {
  start: Mill;
  id: string;
  at: string;
}

/** The indicator in the tray. */
export const INDICATOR = 'lever-indicator';

/** So often a plate is measured. */
const CALIPERS = 3;

/** A hand with a notebook: what it reads goes into the setup's log, and what that says is done. */
export interface Worker {
  hand: Hand;
  book: () => SetupState;
  entries: Entry[];
  touch: (subject: TouchedSubject, axis: Axis, value: number, where?: { way?: Approach; across?: number }) => void;
  set: (subject: Subject, axis: Axis, value: number) => void;
  /** Logs what an indicator's dial reads. */
  dial: (subject: DialSubject, indicator: string, value: number) => void;
  /** Logs anything else. */
  add: (entry: object) => void;
  name: () => string;
  /** When all of it is done, as far as the log is concerned. */
  when: string;
  /** Measures what is in the other hand by caliper, several times, and writes that down as its size. */
  measured: (gaugeId: string) => void;
}

const typedAs = (value: number) => ({ by: 'typed' as const, text: String(value), unit: 'mm' as const });

/** A touch as the log keeps it, its id and moment left out. */
function touchBody(
  now: SetupState,
  subject: TouchedSubject,
  axis: Axis,
  value: number,
  { way = -1, across }: { way?: Approach; across?: number } = {},
) {
  const { setup } = now;
  const face = subject.kind === 'face';
  const sideways = axis !== 'z';
  return {
    on: 'scale',
    subject,
    axis,
    approach: face ? FACE_TOUCH[subject.face].approach : way,
    gaugeId: sideways ? setup.finderId : setup.heightGaugeId,
    feeler: sideways ? setup.feeler : 0,
    place: { scale: scaleOf(now) },
    epoch: readingEpoch(now, subject, axis),
    value,
    ...(across !== undefined && { across: { text: String(across), value: across } }),
    source: typedAs(value),
    ticked: [],
    ...(setup.cutter !== undefined && face && { tool: setup.cutter, cutterId: 'end-mill-10' }),
  };
}

/** A worker at the mill of a lesson, with its notebook empty. */
export function worker(
  lesson: Pick<Lesson, 'snapshot'>,
  clumsy: Clumsy,
  { start, id: setupId, at: when }: Beginning,
): Worker {
  const hand = handAt(start);
  const snapshot = lesson.snapshot(setupId, when);
  const entries: Entry[] = [];
  let made = 0;
  const book = () => deriveState(withEntries(snapshot, entries));
  const add = (entry: object) => entries.push({ setupId, ...entry } as RowEntry);
  const name = () => `row-${(made += 1)}`;
  return {
    hand,
    book,
    entries,
    touch: (subject, axis, value, where) =>
      add({ kind: 'reading', body: { id: name(), takenAt: when, ...touchBody(book(), subject, axis, value, where) } }),
    add,
    name,
    when,
    dial: (subject, indicator, value) => {
      const body = {
        on: 'dial',
        id: name(),
        subject,
        gaugeId: indicator,
        value,
        source: typedAs(value),
        ticked: [],
        takenAt: when,
      };
      add({ kind: 'reading', body });
    },
    measured: (gaugeId) => {
      const values = Array.from({ length: CALIPERS }, () => {
        hand.do({ do: 'caliper' });
        // Opened and closed again each time.
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
      if (clumsy.moves !== true) hand.do({ do: 'set', axis, value });
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
      add({
        kind: 'readBack',
        body: { id: name(), of: { kind: 'setting', zeroingId: id }, shown: value, source: typedAs(value), at: when },
      });
    },
  };
}
