import { rotate } from '../../geometry/rotate';
import { lowestWithin, sweepsInto, type Pillar, type Stretch } from '../motion/segmentClip';
import { cutAway, type CutAway } from '../motion/cutAway';
import { FEED, RAPID } from '../motion/path';
import type { Box } from '../checkContext';
import type { Move } from '../interpreter/listener';
import type { ModalState } from '../interpreter/modalState';
import type { ProgramRule, CheckOf } from './check';

/** Nearer than this a tip touches a surface: what figures leave, mm. */
const TOUCH = 1e-6;

/** A tool that only touches the outline of something is not in it, mm. */
const SKIN = 0.01;

/** Nearer to home than this a height in machine coordinates is the way to it, mm. */
const HOME = 30;

/** Feeds this far beside the stock, more than the tool is wide, go where nothing is to cut, mm. */
const RUN_OUT = 15;

/** What a check of stock and clamps keeps from move to move. */
interface StockRun extends CheckOf {
  readonly radii: ReadonlyMap<number, number>;
  readonly lengths: ReadonlyMap<number, number | null>;
  /** Tools that leave a cone, and each tool's point. */
  readonly pointed: ReadonlySet<number>;
  readonly points: ReadonlyMap<number, number | undefined>;
  /** How deep was fed where the tool stands: as far it may come back at a rapid. One object for a million moves. */
  readonly fed: { x: number; y: number; z: number };
  /** What was cut away so far: a rapid may go there. */
  readonly away: CutAway | undefined;
  readonly stretch: Stretch;
  /** The highest of all that stands there, mm; what is above it meets nothing. */
  readonly highest: number | undefined;
  /** Outlines as the tool in hand must keep off them. */
  outlines: ReturnType<typeof outlinesFor>;
  inHand: number;
}

/** Stock, clamps and jaws, and what lies under the part: where tips go, and where they must not. */
export function stockCheck(check: CheckOf): ProgramRule {
  const { set, findings, at } = check;
  const { stock, tools } = set;
  const run: StockRun = {
    ...check,
    radii: new Map(tools.map(({ number, diameter }) => [number, diameter / 2])),
    lengths: new Map(tools.map(({ number, length }) => [number, length])),
    pointed: new Set(tools.flatMap((tool) => (tool.pointed ? [tool.number] : []))),
    points: new Map(tools.map(({ number, point }) => [number, point])),
    fed: { x: NaN, y: NaN, z: Infinity },
    away: stock && cutAway(stock),
    stretch: { x0: NaN, y0: NaN, z0: NaN, x1: NaN, y1: NaN, z1: NaN },
    highest: stock && Math.max(stock.z[1], ...set.boxes.map((box) => box.z[1])),
    outlines: outlinesFor(set, 0),
    inHand: 0,
  };
  const { highest, fed } = run;
  return {
    machineHeight: (z, line, state) => machineHeight(run, z, line, state),
    home: (across, line, { z, tool, lost, x, y }) => {
      if (highest === undefined || lost || !across || Number.isNaN(x + y) || !(z < highest - SKIN)) return;
      findings.add('place-unknown', line, { tool, z, how: 'home' }, `${tool} home`, at());
    },
    move: (next, state) => checkMove(run, next, state),
    change: () => {
      fed.x = NaN;
      fed.y = NaN;
      fed.z = Infinity;
    },
  };
}

/** A move, held against stock, clamps, jaws and what is under the part. */
function checkMove(run: StockRun, next: Move, state: ModalState): void {
  const { stretch, fed, away, findings, radii } = run;
  const { stock } = run.set;
  const { kind, line } = next;
  if (state.lost) return;
  if (Number.isNaN(next.x + next.y + next.z) || Number.isNaN(state.x + state.y)) unplaced(run, next, state);
  if (Number.isNaN(next.x + next.y + next.z)) return;
  if (state.tool !== run.inHand) {
    run.inHand = state.tool;
    run.outlines = outlinesFor(run.set, radii.get(run.inHand) ?? 0);
  }
  lay(run, next, state);
  if (stock) stockMove(run, stock, kind, line, state.tool, run.outlines.radius);
  for (const { box, pillar } of run.outlines.boxes)
    if (lowestWithin(stretch, pillar) !== undefined)
      findings.add('into-box', line, { tool: state.tool, box: box.name }, `${state.tool} ${box.name}`, run.at());
    else if (kind === RAPID && run.set.rapidsStraight !== true && sweepsInto(stretch, pillar))
      findings.add('sweeps-box', line, { tool: state.tool, box: box.name }, `${state.tool} ${box.name}`, run.at());
  if (kind === FEED && !run.pointed.has(run.inHand))
    away?.cut(stretch, run.outlines.radius, run.points.get(run.inHand));
  if (kind === FEED) {
    const same = fed.x === stretch.x1 && fed.y === stretch.y1;
    fed.x = stretch.x1;
    fed.y = stretch.y1;
    fed.z = same ? Math.min(fed.z, stretch.z1) : stretch.z1;
  }
}

/** A move as it lies to the part; handed over whole, since figures by themselves would each be made again. */
function lay(run: StockRun, { x, y, z }: Move, state: ModalState): void {
  const { stretch } = run;
  const { turn } = run.set;
  stretch.z0 = state.z;
  stretch.z1 = z;
  if (turn === 0) {
    stretch.x0 = state.x;
    stretch.y0 = state.y;
    stretch.x1 = x;
    stretch.y1 = y;
    return;
  }
  const [from, to] = [rotate(state, -turn), rotate({ x, y }, -turn)];
  stretch.x0 = from.x;
  stretch.y0 = from.y;
  stretch.x1 = to.x;
  stretch.y1 = to.y;
}

function stockMove(run: StockRun, box: Box, kind: number, line: number, tool: number, radius: number): void {
  const { stretch, away, findings } = run;
  const { clear, room } = run.set;
  const { z1: z } = stretch;
  const top = box.z[1];
  const lowest = kind === RAPID && run.outlines.stock ? lowestWithin(stretch, run.outlines.stock) : undefined;
  if (kind === RAPID && lowest !== undefined && !inItsOwnHole(run) && !away?.isOpen(stretch, radius)) {
    findings.add('rapid-in-stock', line, { tool, below: top - lowest }, String(tool), run.at());
  } else if (kind === RAPID && clear !== undefined && lowest === undefined && goesAcross(run)) {
    const low = run.outlines.clear && lowestWithin(stretch, run.outlines.clear);
    if (low !== undefined) findings.add('rapid-low', line, { tool, above: low - top, clear }, String(tool), run.at());
  }
  const below = box.z[0] - z;
  if (below > (room ?? 0) + SKIN)
    findings.add('under-part', line, { tool, below, room: room ?? null }, String(tool), run.at());
  if (kind === FEED && z < top - SKIN) beside(run, box, line, radius);
}

/** Straight up, or straight down to where it was fed already. */
function inItsOwnHole(run: StockRun): boolean {
  const { stretch, fed } = run;
  const { x1, y1, z0, z1 } = stretch;
  if (goesAcross(run)) return false;
  return z1 >= z0 || (fed.x === x1 && fed.y === y1 && z1 >= fed.z - SKIN);
}

function beside(run: StockRun, { x, y }: Box, line: number, radius: number): void {
  const { stretch, findings } = run;
  const most = 2 * radius + RUN_OUT;
  const { x1, y1 } = stretch;
  if (x[0] - x1 > most) findings.add('beside-stock', line, { side: 'left', by: x[0] - x1 }, 'left', run.at());
  if (x1 - x[1] > most) findings.add('beside-stock', line, { side: 'right', by: x1 - x[1] }, 'right', run.at());
  if (y[0] - y1 > most) findings.add('beside-stock', line, { side: 'front', by: y[0] - y1 }, 'front', run.at());
  if (y1 - y[1] > most) findings.add('beside-stock', line, { side: 'back', by: y1 - y[1] }, 'back', run.at());
}

/** What is not known is not safe: low where nobody knows over what. */
function unplaced(run: StockRun, { kind, x, y, z, line }: Move, { x: x0, y: y0, z: z0, tool }: ModalState): void {
  const { findings, highest } = run;
  if (highest === undefined || Number.isNaN(z) || z >= highest - SKIN) return;
  const down = Number.isNaN(x) || Number.isNaN(y);
  if (down && z !== z0) findings.add('place-unknown', line, { tool, z, how: 'down' }, `${tool} down`, run.at());
  if (!down && kind === RAPID && Number.isNaN(x0 + y0))
    findings.add('place-unknown', line, { tool, z, how: 'from' }, `${tool} from`, run.at());
}

/** Z in machine coordinates at a rapid: where the tip then is, where the offset and its length are known. */
function machineHeight(run: StockRun, z: number, line: number, { tool, x, y, lost }: ModalState): void {
  const { away, findings, lengths, radii } = run;
  const { stock } = run.set;
  if (!stock || lost || z > -HOME) return;
  const offset = run.set.offset.z;
  const length = tool === run.set.referenceTool ? 0 : lengths.get(tool);
  if (offset === undefined || length === undefined || length === null) {
    findings.add('machine-height', line, { z }, '', run.at());
    return;
  }
  const tip = z - offset - length;
  if (tip >= stock.z[1] || Number.isNaN(x + y)) return;
  const radius = radii.get(tool) ?? 0;
  const over = { x0: x, y0: y, z0: tip, x1: x, y1: y, z1: tip };
  if (lowestWithin(over, pillarOf(stock, radius, stock.z[1])) !== undefined && !away?.isOpen(over, radius))
    findings.add('rapid-in-stock', line, { tool, below: stock.z[1] - tip }, String(tool), run.at());
}

const goesAcross = ({ stretch }: StockRun): boolean =>
  (!Number.isNaN(stretch.x0) && Math.abs(stretch.x1 - stretch.x0) > 1e-6) ||
  (!Number.isNaN(stretch.y0) && Math.abs(stretch.y1 - stretch.y0) > 1e-6);

const pillarOf = ({ x, y }: Box, radius: number, top: number): Pillar => ({
  x0: x[0] - radius + SKIN,
  x1: x[1] + radius - SKIN,
  y0: y[0] - radius + SKIN,
  y1: y[1] + radius - SKIN,
  top,
});

/** What a tool of this radius must keep off, by its middle. */
const outlinesFor = ({ stock, clear, boxes }: CheckOf['set'], radius: number) => ({
  radius,
  // To touch its top at a rapid is no better than to go in.
  stock: stock && pillarOf(stock, radius, stock.z[1] + TOUCH),
  clear: stock && clear !== undefined ? pillarOf(stock, radius, stock.z[1] + clear - SKIN) : undefined,
  boxes: boxes.map((box) => ({ box, pillar: pillarOf(box, radius, box.z[1]) })),
});
