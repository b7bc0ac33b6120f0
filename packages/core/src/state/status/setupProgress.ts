import { keepsTable } from '../../zAndTools/schools';
import { planAxes } from '../../records/shop/machine';
import { STATION_NAMES, type StationName } from '../../records/values/stations';
import { agreements } from '../checks/agreements';
import type { Agreement } from '../checks/check';
import { alignmentDone } from '../alignment/taskState';
import type { SetupState } from '../basis/setupState';
import { zeroDoubtOf, type ZeroDoubt } from '../datum/zeroDoubt';
import { allStops, type Stop } from '../holes/driveStops';
import { holdingSteps } from '../workholding/workholdingSteps';
import { isSet, lastZeroing, activeReadings } from '../basis/activeRecords';
import { neededTools } from '../holes/neededTools';
import { boreAnswer } from '../boreAndFace/bore';
import { referenceChanged, toolLengthAnswer } from '../zAndTools/zZero';

/** Those of these tools that have no length yet, the reference left out; none where each is touched off as it goes in. */
const unmeasured = (book: SetupState, tools: readonly number[]): number[] =>
  keepsTable(book.machine.habits.toolLengthSchool)
    ? tools.filter((number) => number !== book.setup.referenceTool && !toolLengthAnswer(book, number))
    : [];

const wasTouched = (book: SetupState, tool: number): boolean =>
  activeReadings(book, { kind: 'tool-length', tool }).length > 0;

const inUse = ({ tools }: SetupState): number[] =>
  tools.flatMap(({ number, retiredOn }) => (retiredOn === undefined ? number : []));

const notInSize = (book: SetupState) =>
  book.cutPlan.bores.filter((bore) => boreAnswer(book, bore).answer?.result.advice !== 'in-size');

/** The check that the sheet hangs at the machine. */
export const SHEET_TAPED = 'sheet-taped';

/** Whether a station's work is done, from what the log holds. */
export const STATION_DONE: Readonly<Record<StationName, (book: SetupState) => boolean>> = {
  plan: ({ readings }) => readings.length > 0,
  workholding: (book) => {
    const steps = holdingSteps(book);
    return steps.length > 0 && steps.every(({ state }) => state !== 'open');
  },
  alignment: alignmentDone,
  datum: (book) => isSet(book) && zeroDoubtOf(book) === undefined,
  heights: (book) =>
    lastZeroing(book, 'z') !== undefined && !referenceChanged(book) && unmeasured(book, inUse(book)).length === 0,
  positions: (book) => {
    const stops = allStops(book);
    return stops.length > 0 && stops.every(({ done }) => done);
  },
  size: (book) => book.cutPlan.bores.length > 0 && notInSize(book).length === 0,
  verify: ({ firstParts }) => firstParts.at(-1)?.verdict === 'in',
  sheet: ({ index }) => index.lastCheck.get(SHEET_TAPED)?.action === 'tick',
};

/** The next thing to do, and the station it is done at. */
export type NextThing =
  | { station: 'plan'; what: 'begin' }
  | { station: 'datum'; what: 'slip'; slip: Agreement }
  | { station: 'datum'; what: 'prove'; doubt: ZeroDoubt }
  | { station: 'datum'; what: 'find'; axes: ('x' | 'y')[] }
  | { station: 'heights'; what: 'set-z'; tool: number }
  | { station: 'heights'; what: 'touch-tool'; tool: number; left: number }
  | { station: 'positions'; what: 'add-pattern' }
  | { station: 'positions'; what: 'drive'; stop: Stop; left: number }
  | { station: 'size'; what: 'bore'; name: string }
  | { station: 'plan'; what: 'finished' };

/** Where a setup stands: what is done, and what is next. */
export interface Progress {
  state: 'not-begun' | 'under-way' | 'slip' | 'finished';
  done: StationName[];
  next: NextThing;
}

/** Where a setup stands, from what the log holds: the bench's line, and where one tap goes on. */
export function progressOf(book: SetupState): Progress {
  const done = STATION_NAMES.filter((name) => STATION_DONE[name](book));
  const next = nextThing(book);
  return { done, next, state: stateOf(book, next) };
}

function stateOf({ readings, checks, zeroings }: SetupState, { what }: NextThing): Progress['state'] {
  if (what === 'slip' || what === 'finished') return what;
  return readings.length + checks.length + zeroings.length === 0 ? 'not-begun' : 'under-way';
}

function nextThing(book: SetupState): NextThing {
  const slip = agreements(book).find(({ explanation }) => !explanation.agrees);
  if (slip) return { station: 'datum', what: 'slip', slip };
  const doubt = zeroDoubtOf(book);
  if (doubt) return { station: 'datum', what: 'prove', doubt };
  if (book.readings.length + book.checks.length === 0) return { station: 'plan', what: 'begin' };
  const axes = planAxes(book.machine).filter((axis) => lastZeroing(book, axis) === undefined);
  if (axes.length > 0) return { station: 'datum', what: 'find', axes };
  const tool = book.setup.referenceTool;
  const left = cutting(book);
  // A tool that is ground once all is cut brings no finished work back.
  const cut = left.what === 'finished';
  if (lastZeroing(book, 'z') === undefined || (!cut && referenceChanged(book)))
    return { station: 'heights', what: 'set-z', tool };
  // Only what the holes call for holds the work up.
  const [open, ...rest] = unmeasured(book, neededTools(book)).filter((one) => !cut || !wasTouched(book, one));
  if (open !== undefined) return { station: 'heights', what: 'touch-tool', tool: open, left: rest.length + 1 };
  return left;
}

function cutting(book: SetupState): NextThing {
  const stops = allStops(book);
  const left = stops.filter((stop) => !stop.done);
  const [stop] = left;
  if (stop) return { station: 'positions', what: 'drive', stop, left: left.length };
  const [bore] = notInSize(book);
  if (bore) return { station: 'size', what: 'bore', name: bore.name };
  return stops.length === 0 && book.cutPlan.bores.length === 0
    ? { station: 'positions', what: 'add-pattern' }
    : { station: 'plan', what: 'finished' };
}
