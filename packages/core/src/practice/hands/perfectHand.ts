import type { Entry } from '../../records/kinds/entry';
import type { SetupState } from '../../state/basis/setupState';
import { featureAnswer } from '../../state/datum/featureAnswer';
import { roundWay } from '../../state/datum/round';
import { FACE_TOUCH } from '../../datum/partFrame';
import type { Face } from '../../records/values/subject';
import { toward, type Wall } from '../mill/surface';
import { faceAnswer } from '../../state/datum/face';
import { touchOffPoint } from '../../state/toolChange/touchOffPoint';
import { zZeroAnswer } from '../../state/zAndTools/zZero';
import type { Lesson, LessonAim, LessonThing } from '../lessons/lesson';
import { mark, type Marks } from '../marking/mark';
import { hide } from '../mill/hiddenTruth';
import { createMill, type Mill } from '../mill/mill';
import { cornerOfTurned } from './cornerHand';
import { boreToSize, faceDown, spotHoles } from './cutHand';
import { lineUpVise, readRunOut, squareHead, sweepAndSet, sweepCentre, trueInChuck } from './dialHand';
import {
  backOff,
  comeDownTo,
  raise,
  raisePast,
  standBefore,
  standInBore,
  standOver,
  touchesOf,
  type Hand,
} from './hand';
import { seatPart, underByPlug } from './holdHand';
import { flipFace, probeInRing, setterByMaster } from './routineHand';
import { AT, worker, type Beginning, type Clumsy, type Worker } from './worker';

export type { Clumsy } from './worker';

/** Takes up what a lesson touches with, at the speed that is for it. */
function takeUp({ hand }: Worker, lesson: Lesson, clumsy: Clumsy): void {
  const { finderId, cutter } = lesson.snapshot('practice', AT).setup;
  const [first] = lesson.mill.contacts;
  const contact = lesson.mill.contacts.find(({ id }) => id === finderId) ?? first;
  const turning = contact?.kind === 'spring-finder' ? 1000 : contact?.kind === 'bearing-finder' ? 100 : 0;
  hand.do({ do: 'hold', contact: contact?.id });
  if (lesson.mill.quill && clumsy.quill !== 'loose') {
    hand.do({ do: 'quill', by: -QUILL });
    hand.do({ do: 'quill-lock', on: true });
  }
  const [between] = lesson.mill.betweens;
  if (between && between.kind !== 'block') hand.do({ do: 'put', between: between.id });
  hand.do({ do: 'spin', rpm: clumsy.rpm ?? (cutter === undefined ? turning : 0) });
}

/** Surely up to its stop, mm. */
const QUILL = 100;

const TOUCHES = 3;

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

/** Touches two walls of the bore that face each other, and logs each touch; then stands between them. */
function touchWalls(at: Worker, axis: 'x' | 'y', of: string): void {
  const { hand } = at;
  const walls: readonly Wall[] = axis === 'x' ? ['bore-left', 'bore-right'] : ['bore-front', 'bore-back'];
  const means = walls.map((wall) => {
    const values = touchesOf(hand, wall, TOUCHES);
    for (const value of values) at.touch({ kind: 'round', of }, axis, value, { way: toward(wall) });
    backOff(hand, wall);
    return values.reduce((sum, one) => sum + one, 0) / values.length;
  });
  hand.drive(axis, means.reduce((sum, one) => sum + one, 0) / means.length);
}

/** The middle of two walls, and what it is on the part set there. */
function setBore(at: Worker, axis: 'x' | 'y', of: string, clumsy: Clumsy): void {
  const { hand } = at;
  const subject = { kind: 'round', of } as const;
  touchWalls(at, axis, of);
  const middle = featureAnswer(at.book(), subject)?.[axis];
  if (!middle) return;
  hand.drive(axis, middle.found);
  at.set(subject, axis, (clumsy.sets ?? ((said) => said))(middle.nominal));
}

/** The middle of the bore by its walls, and the readout's second zero there. */
function setSecond(at: Worker, of: string, { overFirst }: Clumsy): void {
  const { hand } = at;
  standInBore(hand);
  for (const axis of ['x', 'y'] as const) touchWalls(at, axis, of);
  const answer = featureAnswer(at.book(), { kind: 'round', of });
  if (!answer?.x || !answer.y) return;
  for (const axis of ['x', 'y'] as const) hand.drive(axis, answer[axis]?.found ?? 0);
  if (overFirst !== true) hand.do({ do: 'scale', to: 'incremental' });
  for (const axis of ['x', 'y'] as const) hand.do({ do: 'set', axis, value: 0 });
  hand.do({ do: 'scale', to: 'absolute' });
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
  const lowered = at.book().gauges.some(({ id, kind }) => id === gauge && kind !== 'block');
  standOver(hand, lowered ? 16 : 8);
  hand.do({ do: 'put', between: gauge });
  if (gauge === 'touch-plate' && clumsy.byMarking !== true) at.measured(gauge);
  const z = lowered ? comeDownTo(hand) : raisePast(hand, 0.02);
  if (clumsy.lowersOnto !== undefined) hand.do({ do: 'move', axis: 'z', by: -clumsy.lowersOnto });
  at.touch({ kind: 'z-zero', tool: 1 }, 'z', z);
  const answer = zZeroAnswer(at.book());
  if (!answer) return;
  const setTo = (clumsy.sets ?? ((said: number) => said))(answer.result.setZ);
  at.set({ kind: 'z-zero', tool: 1 }, 'z', setTo);
  const drill = hand.mill().spec.contacts.some(({ id }) => id === 'drill-4-2');
  if (drill && at.book().machine.habits.toolLengthSchool === 'touch-every-change')
    changeAtSpot(at, gauge, answer.result.setZ, clumsy);
}

/** The next tool on the same spot, and Z set there to what it showed with the tool before. */
function changeAtSpot(at: Worker, gauge: string, setTo: number, clumsy: Clumsy): void {
  const { hand } = at;
  if (clumsy.clipOn) return;
  // Still on the plate: what Z was set to is what the spot shows.
  at.touch({ kind: 'tool-spot', tool: 1 }, 'z', setTo);
  hand.do({ do: 'put', between: undefined });
  hand.do({ do: 'move', axis: 'z', by: 60 });
  hand.do({ do: 'hold', contact: 'drill-4-2' });
  standOver(hand, 16);
  hand.do({ do: 'put', between: gauge });
  comeDownTo(hand);
  at.set({ kind: 'tool-spot', tool: 2 }, 'z', touchOffPoint(at.book()).kept?.figure ?? setTo);
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

/** Sets an axis by what the lesson sets it from. */
function doAim(at: Worker, aim: LessonAim, clumsy: Clumsy): void {
  if (aim.axis === 'z') setHeight(at, clumsy);
  else if (aim.by.kind === 'middle') setMiddle(at, clumsy);
  else if (aim.by.kind === 'corner') {
    // One corner gives both.
    if (aim.axis === 'x') cornerOfTurned(at, clumsy);
  } else if (aim.by.kind === 'round') {
    if (roundWay(at.book(), aim.by.of) !== 'sweep') setBore(at, aim.axis, aim.by.of, clumsy);
    else if (aim.axis === 'x') sweepAndSet(at, aim.by.of);
  } else if (aim.by.kind === 'face') {
    touchFace(at, aim.by.face, clumsy);
    setFace(at, aim.by.face, clumsy);
    if (clumsy.raises === false) {
      const { corner, size } = at.hand.mill().hidden;
      at.hand.toward('y', corner.y + size.y / 2);
      at.hand.toward('x', corner.x + size.x / 2);
    }
  }
}

/** Finds, lines up or makes something else. */
function doThing(at: Worker, thing: LessonThing, clumsy: Clumsy): void {
  switch (thing.thing) {
    case 'head':
      return squareHead(at);
    // Found with the corner.
    case 'skew':
      return;
    case 'vise':
      return lineUpVise(at, clumsy);
    case 'centre':
      if (at.hand.mill().work?.kind === 'table') underByPlug(at, clumsy);
      return clumsy.plug === 'not-swept' ? undefined : sweepCentre(at);
    case 'chuck':
      return trueInChuck(at, clumsy);
    case 'run-out':
      return readRunOut(at, thing.tool);
    case 'ball':
      return probeInRing(at, thing.gaugeId);
    case 'trigger':
      return setterByMaster(at, thing.gaugeId, 50);
    case 'rotary-centre':
      return flipFace(at, clumsy);
    case 'bore':
      return boreToSize(at, thing.of, clumsy);
    case 'height':
      return faceDown(at, thing.remove, clumsy);
    case 'second-zero':
      return setSecond(at, thing.of, clumsy);
    case 'holes':
      return spotHoles(at, 'spot-drill-6', clumsy);
  }
}

/** A lesson done by a scripted hand from beginning to end, and its marks. */
export function doLesson(
  lesson: Lesson,
  seed: number,
  clumsy: Clumsy = {},
  beginning: Beginning = { start: createMill(lesson.mill, hide(lesson.mill, seed)), id: 'practice', at: AT },
): { marks: Marks; mill: Mill; book: SetupState; entries: Entry[] } {
  const at = worker(lesson, clumsy, beginning);
  takeUp(at, lesson, clumsy);
  if (lesson.mill.bore && lesson.aims.some((aim) => aim.axis !== 'z' && aim.by.kind === 'round')) standInBore(at.hand);
  seatPart(at, clumsy);
  for (const aim of lesson.aims) doAim(at, aim, clumsy);
  if (clumsy.clipOn) at.hand.do({ do: 'spin', rpm: 600 });
  for (const { tool, contact } of lesson.tools ?? []) findLength(at, tool, contact);
  for (const thing of lesson.things ?? []) doThing(at, thing, clumsy);
  return {
    marks: mark(lesson, at.hand.mill(), at.book(), 0),
    mill: at.hand.mill(),
    book: at.book(),
    entries: at.entries,
  };
}
