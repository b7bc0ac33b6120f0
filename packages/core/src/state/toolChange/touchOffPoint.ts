import { repeats } from '../../metrology/repeats';
import { searchPart } from '../../metrology/searchPart';
import { touchBudget } from '../../metrology/touchBudget';
import { combine, type BudgetPart } from '../../metrology/uncertainty';
import { meanSection, sumSection, type Working } from '../../working/working';
import { isTouch, type TouchReading } from '../../records/log/reading';
import type { Touched } from '../../records/values/subject';
import type { Zeroing } from '../../records/log/zeroing';
import type { Axis } from '../../schema/quantities';
import { memoize, gaugeAt, type SetupState } from '../basis/setupState';
import { methodWith, uTouch } from '../gauges/contactSize';
import { currentEpoch, lastZeroing, zSettings } from '../basis/activeRecords';
import { stepPast, zSetByProbe } from '../zAndTools/zZero';

/** What Z counts with: a tool by its number, or the probe. */
export type ZSetter = number | 'probe';

/** What Z shows with a tool on the spot where every tool is touched off, counted from the zero in force. mm. */
export interface SpotFigure {
  figure: number;
  /** Of the touches at the spot, since Z was set from the part (95 %). */
  U: number;
  by: ZSetter;
  readings: readonly TouchReading[];
  /** When it was touched last. */
  at: string;
  /** Touches at the spot from the tool that Z was first set with to this figure. */
  touches: number;
  tape: Working;
}

/** The spot where tools are touched off at every change, as far as it is known. */
export interface TouchOffPoint {
  /** What Z counts with now. */
  setter: ZSetter | undefined;
  /** What Z is set to with the next tool there; undefined until the tool that set Z has touched it. */
  kept: SpotFigure | undefined;
  /** The figure before, where the spot was touched again with the tool that went in last. */
  before: SpotFigure | undefined;
  /** It was touched, but Z was set again from the part since: its figure counts from a zero that is no more. */
  beforeNewZero: boolean;
  /** Touches at the spot between the tool that set Z from the part and the tool that Z counts with now. */
  touches: number;
  /** When Z was set there last. */
  setAt: string | undefined;
}

/** The zero that readings at the spot count from: that of the last setting of Z, on every scale. */
export const spotEpoch = ({ id, opens }: Pick<Zeroing, 'id' | 'opens'>): string => opens ?? id;

/** The zero a reading of an axis counts from: at the spot the last setting of Z, else that of the scale. */
export function readingEpoch(book: SetupState, subject: Touched, axis: Axis): string {
  const set = subject.kind === 'tool-spot' ? lastZeroing(book, 'z') : undefined;
  return set ? spotEpoch(set) : currentEpoch(book, axis);
}

/**
 * The spot's figure F (ISO 841: Z of the tool, up is plus): right after Z was set with tool A, A touches the spot and Z shows
 * F, whatever its height. Each later tool touches the spot and Z is set to F there: Z counts with that tool, and nothing is
 * added. F stays as it was, or is read again with the tool that set Z last; what is between tool and spot cancels.
 */
export const touchOffPoint = (book: SetupState): TouchOffPoint => memoize(book, 'tool spot', () => spotOf(book));

/** Set by a tool that went in; in older logs it touched the gauge that Z was set on. */
const isSpot = ({ subject }: Zeroing): boolean => subject.kind === 'tool-spot' || subject.kind === 'tool-length';

function spotOf(book: SetupState): TouchOffPoint {
  // Another spot, or another gauge on it, is another height: it begins without a figure.
  const since = book.datumPlan.heights?.spot?.since ?? '';
  const touched = book.readings.filter(
    (one): one is TouchReading =>
      isTouch(one) && one.subject.kind === 'tool-spot' && one.struckBy === null && one.takenAt >= since,
  );
  const settings = lastZeroing(book, 'z') ? zSettings(book) : [];
  const from = settings.findLastIndex((one) => !isSpot(one));
  const found: TouchOffPoint = {
    setter: undefined,
    kept: undefined,
    before: undefined,
    beforeNewZero: false,
    touches: 0,
    setAt: undefined,
  };
  for (const setting of settings.slice(Math.max(from, 0))) {
    const there = isSpot(setting);
    found.setter = setterOf(book, setting);
    if (there) {
      found.touches = (found.kept?.touches ?? 1) + 1;
      found.setAt = setting.at;
    }
    const own = touched.filter(
      (one) =>
        one.epoch === spotEpoch(setting) && (toolOf(one) ?? 'probe') === found.setter && found.setter !== undefined,
    );
    const touches = found.touches + 1;
    const [rest, last] = [figureOf(book, own.slice(0, -1), touches), figureOf(book, own.slice(-1), touches)];
    // A touch that comes back elsewhere is no repeat: the mean of the two would be wrong for both.
    const apart = rest && last && Math.abs(last.figure - rest.figure) > Math.hypot(rest.U, last.U);
    const figure = apart ? last : figureOf(book, own, touches);
    if (!figure || found.setter === undefined) continue;
    found.before = apart ? { ...rest, by: found.setter } : there ? found.kept : undefined;
    found.kept = { ...figure, by: found.setter };
  }
  return { ...found, beforeNewZero: found.kept === undefined && touched.length > 0 };
}

const toolOf = ({ subject }: TouchReading): number | undefined =>
  subject.kind === 'tool-spot' ? subject.tool : undefined;

function setterOf(book: SetupState, setting: Zeroing): ZSetter | undefined {
  const { subject } = setting;
  if (subject.kind === 'z-zero' && zSetByProbe(book, setting)) return 'probe';
  if (subject.kind === 'tool-spot') return subject.tool ?? 'probe';
  return 'tool' in subject ? subject.tool : undefined;
}

function figureOf(book: SetupState, own: readonly TouchReading[], touches: number): Omit<SpotFigure, 'by'> | undefined {
  const last = own.at(-1);
  if (!last) return undefined;
  const values = own.map(({ value }) => value);
  const seen = repeats(values, methodFor(book, last.gaugeId, last.takenAt));
  return {
    figure: seen.mean,
    U: combine(times(touches, touchParts(book, last.gaugeId, values, last.takenAt))).U,
    readings: own,
    at: last.takenAt,
    touches,
    tape: {
      sections: [
        meanSection('Z at the tool touch-off point', values, seen.mean),
        sumSection('Set Z with the next tool', [{ label: 'the same figure', value: seen.mean }], 'Z, still touching'),
      ],
    },
  };
}

/** A touch of a gauge nobody knows, mm. */
const FEEL = { resolution: 0.01, methodSd: 0.02 };

/** How well a tool comes back to this machine's spot, where the shop has found that and nothing has voided it since. */
function spotScatter(book: SetupState, at: string): { sd: number; dof: number } | undefined {
  const last = book.calibrations.findLast(
    ({ of, from }) => of.kind === 'spot' && of.machineId === book.machine.id && from <= at,
  );
  return last?.found.what === 'touch'
    ? { sd: last.found.value, dof: Math.max(1, (last.found.approaches ?? 4) - 1) }
    : undefined;
}

function methodFor(book: SetupState, gaugeId: string, at: string) {
  const gauge = gaugeAt(book, gaugeId, at);
  const method = gauge ? methodWith(book, gauge, 'z') : FEEL;
  const own = spotScatter(book, at);
  return own ? { ...method, methodSd: own.sd, methodDof: own.dof } : method;
}

/**
 * The parts of one touch there: how it repeats, where it trips, the step; the thickness of what is between cancels. Where the
 * spot's own scatter was found, that is all of a touch: tools come to it at one place and from one side.
 */
function touchParts(book: SetupState, gaugeId: string, values: readonly number[], at: string): BudgetPart[] {
  const gauge = gaugeAt(book, gaugeId, at);
  const method = methodFor(book, gaugeId, at);
  const step = gauge && stepPast(book, gauge);
  const trips = spotScatter(book, at) ? 0 : gauge ? uTouch(gauge) : FEEL.methodSd;
  return [
    ...touchBudget(repeats(values, method), method, { uTouch: trips, uSize: 0 }),
    ...(step === undefined ? [] : [searchPart({ step, takeHalf: true })]),
  ];
}

const times = (n: number, parts: readonly BudgetPart[]): BudgetPart[] => Array.from({ length: n }, () => parts).flat();

/** What the changes at the spot since Z was set from the part add to its ±: every touch there, mm (95 %). 0 without any. */
export function changeU(book: SetupState): number {
  const { touches, kept, setAt } = touchOffPoint(book);
  if (touches === 0 || setAt === undefined) return 0;
  const gaugeId = book.datumPlan.heights?.spot?.gaugeId ?? kept?.readings.at(-1)?.gaugeId ?? book.setup.heightGaugeId;
  return combine(times(touches, touchParts(book, gaugeId, [0], setAt))).U;
}

/** How far the spot shows from what it did, touched again with the tool that went in last, and whether that is too far. */
export function spotMoved(book: SetupState): { by: number; U: number; moved: boolean } | undefined {
  const { kept, before } = touchOffPoint(book);
  if (!kept || !before) return undefined;
  const by = kept.figure - before.figure;
  const U = Math.hypot(kept.U, before.U);
  return { by, U, moved: Math.abs(by) > U };
}
