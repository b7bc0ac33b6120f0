import type { SetupState } from '../../state/basis/setupState';
import { featureAnswer } from '../../state/datum/featureAnswer';
import { lastZeroing } from '../../state/basis/activeRecords';
import { readBackOf } from '../../state/readBack/readBack';
import { boreLog } from '../../state/boreAndFace/bore';
import { patternPositions } from '../../holes/patterns/pattern';
import { toolLengthAnswer, zZeroAnswer } from '../../state/zAndTools/zZero';
import { nominalOf } from '../../datum/feature';
import { FACES } from '../../records/values/faces';
import type { Face } from '../../records/values/subject';
import type { Axis } from '../../schema/quantities';
import type { Lesson, LessonAim, LessonTool } from '../lessons/lesson';
import type { Surface } from '../mill/surface';
import { clampedBox } from '../mill/box';
import { trueLength, type Hidden } from '../mill/hiddenTruth';
import type { Mill } from '../mill/mill';
import type { Feature } from '../../records/setup/datumPlan';
import type { AxisMark } from './axisMark';
import { mistakesOf, type FoundMistake } from './millMistakes';
import { thingMark, type ThingMark } from './thingMark';

/** How far off the length of a tool was found. mm. */
export interface ToolMark {
  tool: number;
  error: number | undefined;
  U: number | undefined;
  good: boolean;
}

/** What came of a lesson. Only this sees the mill's hidden truth. */
export interface Marks {
  axes: AxisMark[];
  tools: ToolMark[];
  things: ThingMark[];
  slips: FoundMistake[];
  /** Moves and settings it took. */
  acts: number;
  /** Everything set within what the job allows, and nothing broken. */
  passed: boolean;
}

/** What the scale shows where part zero truly is, by the way its axis is come at when it is touched from the first side. */
function shownAtZero(mill: Mill, { part, setup }: SetupState, aim: LessonAim): number {
  const { hidden, spec, zero, held, events } = mill;
  const { axis } = aim;
  const box = clampedBox(mill);
  if (axis === 'z') {
    // Z is of the tool it was set with, whatever is in the spindle since.
    const set = events.findLast((one) => one.kind === 'set' && one.axis === 'z');
    const name = set?.kind === 'set' ? set.touching?.contact : undefined;
    const tool = spec.contacts.find(({ id }) => id === name) ?? held;
    return box.top + mill.quill + (tool ? trueLength(hidden, tool) : 0) - zero.z;
  }
  const nominal = nominalOf(part, setup.partZero, aim.by, {})[axis] ?? 0;
  const at = box.corner[axis] + fromCorner(hidden, aim.by, axis) - nominal;
  // A screw pushes from its far flank.
  return at + (spec.reads === 'screw' ? spec.play[axis] / 2 : 0) - zero[axis];
}

/** Where something of the part truly is from its front left corner, along an axis. */
function fromCorner({ size, bore, boss }: Hidden, by: Feature, axis: 'x' | 'y'): number {
  if (by.kind === 'middle') return size[axis] / 2;
  if (by.kind === 'face') return by.face === 'right' || by.face === 'back' ? size[axis] : 0;
  return by.kind === 'round' ? ((bore ?? boss)?.[axis] ?? 0) : 0;
}

const statedU = (book: SetupState, aim: LessonAim): number | undefined => {
  if (aim.axis === 'z') return zZeroAnswer(book)?.uncertainty.U;
  return featureAnswer(book, aim.by)?.[aim.axis]?.uncertainty.U;
};

/** Where a surface is on the part, as it is drawn, mm from part zero. */
const placeOf = ({ part, setup }: SetupState, surface: Surface): number | undefined => {
  if (surface === 'top') return 0;
  if (!isFace(surface)) return undefined;
  const { x, y } = nominalOf(part, setup.partZero, { kind: 'face', face: surface }, {});
  return x ?? y;
};

const isFace = (surface: Surface): surface is Face => (FACES as readonly string[]).includes(surface);

/** Whether the person set it at the mill. */
const wasSet = ({ events }: Mill, axis: Axis): boolean =>
  events.some((one) => one.kind === 'set' && one.scale === 'absolute' && one.axis === axis);

function axisMark(mill: Mill, book: SetupState, aim: LessonAim): AxisMark {
  const error = wasSet(mill, aim.axis) ? shownAtZero(mill, book, aim) : undefined;
  const allowed = book.setup.tolerance;
  return { axis: aim.axis, error, U: statedU(book, aim), good: error !== undefined && Math.abs(error) <= allowed };
}

/** A tool's length against the reference's, as found and as it is. */
function toolMark({ hidden, spec }: Mill, book: SetupState, { tool, contact }: LessonTool): ToolMark {
  const found = toolLengthAnswer(book, tool)?.result;
  const reference = book.tools.find(({ number }) => number === book.setup.referenceTool)?.id;
  const lengthOf = (id: string | undefined) => {
    const one = spec.contacts.find((each) => each.id === id);
    return one ? trueLength(hidden, one) : 0;
  };
  const error = found && found.offset - (lengthOf(contact) - lengthOf(reference));
  return {
    tool,
    error,
    U: found?.uncertainty.U,
    good: error !== undefined && Math.abs(error) <= book.setup.tolerance,
  };
}

/** Where nothing is asked: the axes that were set, each by what it was set from. */
function aimsSet({ aims }: Lesson, mill: Mill, book: SetupState): LessonAim[] {
  return aims
    .filter(({ axis }) => wasSet(mill, axis))
    .map((aim) => {
      const subject = lastZeroing(book, aim.axis)?.subject;
      const by =
        subject?.kind === 'face' || subject?.kind === 'middle' || subject?.kind === 'round' ? subject : undefined;
      return aim.axis === 'z' || !by ? aim : { axis: aim.axis, by };
    });
}

/** What the notebook has a bore cut at, pass by pass, mm on the diameter. */
const boredAt = ({ things = [] }: Lesson, book: SetupState): number[] =>
  things.flatMap((one) => (one.thing === 'bore' ? boreLog(book, one.of).passes.map(({ set }) => set) : []));

/**
 * Marks a lesson: each axis that was to be set against the mill's own truth, and each slip that was made.
 *
 * @param acts how many moves and settings it took
 */
export function mark(lesson: Lesson, mill: Mill, book: SetupState, acts: number): Marks {
  const asked = lesson.kind === 'free' ? aimsSet(lesson, mill, book) : lesson.aims;
  const axes = asked.map((aim) => axisMark(mill, book, aim));
  const tools = (lesson.tools ?? [])
    .map((one) => toolMark(mill, book, one))
    .filter(({ error }) => lesson.kind !== 'free' || error !== undefined);
  const things = (lesson.things ?? []).map((one) => thingMark(mill, book, one));
  const notReadBack = asked
    .map(({ axis }) => axis)
    .filter((axis) => lastZeroing(book, axis) !== undefined && readBackOf(book, axis)?.shown === undefined);
  return {
    axes,
    tools,
    things,
    slips: mistakesOf(mill, {
      axes,
      notReadBack,
      notSet: (['x', 'y', 'z'] as const).filter((axis) => lastZeroing(book, axis) !== undefined && !wasSet(mill, axis)),
      second: (lesson.things ?? []).some(({ thing }) => thing === 'second-zero'),
      bored: boredAt(lesson, book),
      holes: book.patterns.flatMap(patternPositions),
      placeOf: (surface) => placeOf(book, surface),
    }),
    acts,
    passed:
      mill.broken === undefined &&
      axes.length + things.length > 0 &&
      [...axes, ...tools, ...things].every(({ good }) => good),
  };
}
