import { quarterOf } from '../../metrology/judge';
import { combine } from '../../metrology/uncertainty';
import { repeats } from '../../metrology/repeats';
import { searchPart } from '../../metrology/searchPart';
import { SIZE_PART, touchBudget } from '../../metrology/touchBudget';
import { airCut } from '../zAndTools/airCut';
import { gaugeAt, type SetupState } from '../basis/setupState';
import type { Shift } from '../datum/zeroDoubt';
import { methodWith, sameUse, uTouch } from '../gauges/contactSize';
import { lastZeroing, isOnThisScale, activeReadings } from '../basis/activeRecords';
import type { KnownGauge } from '../basis/calibratedGauge';
import { lengthValidity } from '../zAndTools/lengthValidity';
import { depthTolerance, lengthIsOver, stepPast, zZeroAnswer } from '../zAndTools/zZero';

/** The tool and gauge that Z was found with, and what Z should show where they meet once more. mm. */
export interface ZAgain {
  tool: number;
  gauge: KnownGauge;
  /** The control's own cycle found it: what it gives again is the surface itself. */
  byControl: boolean;
  /** On the scale as it stands. */
  reading: number;
  /** Of that, without the size of the gauge: it is the same gauge again. */
  U: number;
}

/** The tool that Z was last set with; undefined where it is not set, or by no tool. */
export function zSetWith(book: SetupState): number | undefined {
  const subject = lastZeroing(book, 'z')?.subject;
  return subject && 'tool' in subject ? subject.tool : undefined;
}

/** The tool that Z was last set with, where it is not what it was then; undefined where Z stands by it. */
export function zToolChanged(book: SetupState): number | undefined {
  const set = lastZeroing(book, 'z');
  const tool = zSetWith(book);
  if (!set || tool === undefined) return undefined;
  const stands =
    set.subject.kind === 'tool-spot'
      ? lengthValidity(book, tool, { cutterId: undefined, at: set.at })
      : !lengthIsOver(book, tool);
  return stands ? undefined : tool;
}

/**
 * What Z should show where the tool it was found with touches the same gauge again (signs after ISO 841): what it was set to
 * there, where it was set while touching, whatever it showed since; what it showed, on the same zero; else the height of the
 * gauge's top above part zero. An air cut in force is in the setting.
 *
 * @returns undefined while Z is not set, was set by nothing that was touched here, or by another tool since
 */
export function expectedZ(book: SetupState): ZAgain | undefined {
  const set = lastZeroing(book, 'z');
  const zero = zZeroAnswer(book);
  const last = zero?.readings.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  // Set again with another tool, Z counts from that one: this tool would show something else.
  if (!set || !zero || !last || !gauge || zSetWith(book) !== book.setup.referenceTool) return undefined;
  const { result } = zero;
  // What is asked for has lifted nothing yet: the setting has, by what it was then.
  const lift = airCut(book);
  const reading =
    set.form === 'preset'
      ? set.value
      : isOnThisScale(book, zero.readings)
        ? result.repeats.mean
        : result.setZ + lift.asked - lift.set;
  const known = result.uncertainty.parts.filter(({ name }) => name !== SIZE_PART);
  return {
    tool: book.setup.referenceTool,
    gauge,
    byControl: last.source.by === 'control',
    reading,
    U: combine(known).U,
  };
}

/** How far Z is from where it should be, by the touches since it was set; undefined while it was not touched again. */
export function zShift(book: SetupState): Shift | undefined {
  const set = lastZeroing(book, 'z');
  const expected = expectedZ(book);
  if (!set || !expected) return undefined;
  const inForce = activeReadings(book, { kind: 'return-z', after: set.id, tool: expected.tool });
  const last = inForce.at(-1);
  const gauge = last && gaugeAt(book, last.gaugeId, last.takenAt);
  if (!last || !gauge || gauge.id !== expected.gauge.id || !isOnThisScale(book, [last])) return undefined;
  const readings = inForce.filter((reading) => sameUse(book, reading, last));
  const method = methodWith(book, gauge, 'z');
  const seen = repeats(
    readings.map(({ value }) => value),
    method,
  );
  const step = expected.byControl ? undefined : stepPast(book, gauge);
  const now = combine([
    ...touchBudget(seen, method, { uTouch: uTouch(gauge), uSize: 0 }),
    ...(step === undefined ? [] : [searchPart({ step, takeHalf: true })]),
  ]);
  const off = seen.mean - expected.reading;
  const U = Math.hypot(now.U, expected.U);
  return { axis: 'z', off, U, stands: Math.abs(off) <= Math.max(U, quarterOf(depthTolerance(book))), readings };
}
