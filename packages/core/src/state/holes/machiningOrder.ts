import { materialOf } from '../../boreAndFace/materials';
import { wantedSize, type WantedSize } from '../../holes/patterns/holeSizes';
import type { ProgramSection } from '../../holes/programSection';
import { stepDepth, USUAL_BREAK_THROUGH, type HoleEnd, type StepDepth } from '../../holes/stepDepth';
import { startingCut, type Cut } from '../../holes/startingCut';
import { Refusal } from '../../problem/problem';
import type { Tool } from '../../records/shop/cutter';
import type { HoleStep } from '../../records/values/holeSteps';
import { formatLengthUnit } from '../../units/formatLength';
import type { SetupState } from '../basis/setupState';
import type { Stop } from './driveStops';
import type { Hole } from './holes';
import { pitchOf, toolFor } from './neededTools';
import { stepsByTool } from './stepsByTool';

/** Stops that one tool does one after the other. */
export interface Machining {
  step: HoleStep;
  tool: Tool | undefined;
  /** The size its tool must have; undefined for any. */
  wanted: WantedSize | undefined;
  stops: Stop[];
}

const wantedBy = ({ pattern, diameter, steps }: Hole) => ({ diameter, steps, pitch: pitchOf(pattern, diameter) });

/** The shop's tool for a stop; undefined where this machine has none. */
export const toolOfStop = (
  { tools }: Pick<SetupState, 'tools'>,
  stop: Pick<Stop, keyof Hole | 'step'>,
): Tool | undefined => toolFor(tools, { step: stop.step, ...wantedBy(stop) });

/** Stops put together by step and tool, each hole's own order kept: see {@link stepsByTool}. */
export function machiningOf(book: Pick<SetupState, 'tools'>, stops: readonly Stop[]): Machining[] {
  const known = new Map<string, Pick<Machining, 'tool' | 'wanted'>>();
  const toolFound = (stop: Stop): Pick<Machining, 'tool' | 'wanted'> => {
    const hole = wantedBy(stop);
    const key = `${stop.step} ${hole.diameter} ${hole.pitch ?? ''} ${hole.steps.join()}`;
    const found = known.get(key) ?? { tool: toolOfStop(book, stop), wanted: wantedSize(stop.step, hole) };
    known.set(key, found);
    return found;
  };
  const nameOf = (stop: Stop): string => {
    const { tool, wanted } = toolFound(stop);
    return `${stop.step} ${tool?.number ?? `⌀ ${wanted?.aim ?? 'any'}`}`;
  };
  return stepsByTool(stops, nameOf).flatMap((group) => {
    const [first] = group;
    return first ? [{ step: first.step, ...toolFound(first), stops: group }] : [];
  });
}

/**
 * How far a hole goes. A depth of the part's thickness or more goes through.
 *
 * @throws Refusal with the field `depth` when nobody said, or the part's thickness is not known
 */
export function holeEnd({ part }: Pick<SetupState, 'part'>, hole: Pick<Hole, 'pattern' | 'hole' | 'depth'>): HoleEnd {
  const { pattern, depth } = hole;
  const thickness = part.untold?.includes('z') ? undefined : part.size.z;
  if (pattern.through === true || (depth !== undefined && thickness !== undefined && depth >= thickness - 1e-6)) {
    if (thickness !== undefined) return { kind: 'through', thickness };
    throw new Refusal({
      code: 'no-thickness',
      field: 'depth',
      message: `The holes of ${pattern.name} go through, and nobody has said how thick the part is. Give its height in Plan.`,
    });
  }
  if (depth !== undefined) return { kind: 'blind', depth };
  throw new Refusal({
    code: 'no-depth',
    field: 'depth',
    message: `Hole ${hole.hole} of ${pattern.name} has no depth. Say in its pattern that it goes through, or how deep.`,
  });
}

/** Left between the end of a reamer or tap and the bottom that was drilled for it, mm. */
const END_SPACE = 0.5;

/** A blind hole is drilled deeper where a reamer or tap comes after: by its lead, and so that it never meets the bottom. */
function drilledEnd({ tools }: Pick<SetupState, 'tools'>, stop: Stop, end: HoleEnd): HoleEnd {
  const after = stop.steps.filter((step) => step === 'ream' || step === 'tap');
  if (stop.step !== 'drill' || end.kind !== 'blind' || after.length === 0) return end;
  const lead = Math.max(...after.map((step) => toolFor(tools, { step, ...wantedBy(stop) })?.lead ?? 0));
  return { kind: 'blind', depth: end.depth + lead + END_SPACE };
}

/**
 * How deep a stop goes. What comes out under the part is told of a blind hole too, where its point does.
 *
 * @throws Refusal when the hole's depth, the part's thickness or the spot drill is not known
 */
export function depthOfStop(book: Pick<SetupState, 'part' | 'tools' | 'cutPlan'>, stop: Stop): StepDepth {
  const breakThrough = book.cutPlan.program?.breakThrough ?? USUAL_BREAK_THROUGH;
  const end = drilledEnd(book, stop, holeEnd(book, stop));
  const found = stepDepth(stop.step, end, toolOfStop(book, stop), stop.diameter, breakThrough);
  const thickness = book.part.untold?.includes('z') ? Infinity : book.part.size.z;
  return { ...found, below: Math.max(found.below, found.tip - thickness, 0) };
}

/** What a step by a tool is cut with: as it was said for this setup, else what to start from. */
export function cutOf(book: Pick<SetupState, 'cutPlan' | 'part' | 'machine'>, { step, tool, wanted }: Machining): Cut {
  const said = book.cutPlan.program?.cuts.find((one) => one.step === step && one.tool === tool?.number);
  if (said) return { rpm: said.rpm, feed: said.feed };
  return startingCut(step, tool?.diameter ?? wanted?.aim ?? 5, materialOf(book.part.material), book.machine.limits);
}

/** Most that is left between a tool's point and what it must not touch, as it is set by hand, mm. */
const SPARE = 0.2;

/**
 * Steps as a program has them.
 *
 * @throws Refusal naming what is missing: a depth, the thickness, a spot drill, what lies under a part that is drilled
 * through, or room under it
 */
export function programSections(book: SetupState, machinings: readonly Machining[]): ProgramSection[] {
  return machinings.map((machining) => {
    const { step, tool, wanted, stops } = machining;
    const depths = stops.map((stop) => depthOfStop(book, stop));
    requireRoom(book, Math.max(0, ...depths.map(({ below }) => below)));
    return {
      step,
      tool: {
        number: tool?.number,
        name:
          tool?.name ??
          (wanted ? `a tool of ${formatLengthUnit(wanted.aim, { unit: book.setup.units })}` : 'a spot drill'),
        diameter: tool?.diameter ?? wanted?.aim ?? 0,
      },
      holes: stops.map(({ target }, i) => ({ x: target.x, y: target.y, tip: depths[i]?.tip ?? NaN })),
      ...cutOf(book, machining),
    };
  });
}

function requireRoom({ cutPlan, setup }: SetupState, below: number): void {
  if (below <= 0) return;
  const say = (mm: number) => formatLengthUnit(mm, { unit: setup.units });
  const under = cutPlan.program?.under;
  if (!under)
    throw new Refusal({
      code: 'under-unknown',
      field: 'under',
      message: `The tool comes out ${say(below)} under the part. Say what lies there: a gap, a board it may cut into, or the table.`,
    });
  if (under.room >= below + (under.what === 'board' ? 0 : SPARE)) return;
  throw new Refusal({
    code: 'no-room',
    field: 'under',
    message: `The tool comes out ${say(below)} under the part, and there is room for ${say(under.room)}. Raise the part on parallels, put a board under it, or let less come through.`,
  });
}
