import { rotate } from '../../geometry/rotate';
import { lowestWithin, sweepsInto, type Pillar, type Stretch } from '../motion/segmentClip';
import { cutAway } from '../motion/cutAway';
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

/** Stock, clamps and jaws, and what lies under the part: where tips go, and where they must not. */
export function stockCheck({ set, findings, at }: CheckOf): ProgramRule {
  const { stock, turn, clear, room } = set;
  const radii = new Map(set.tools.map(({ number, diameter }) => [number, diameter / 2]));
  /** How deep was fed where the tool stands: as far it may come back at a rapid. One object for a million moves. */
  const fed = { x: NaN, y: NaN, z: Infinity };
  /** What was cut away so far: a rapid may go there. */
  const away = stock && cutAway(stock);
  const pointed = new Set(set.tools.flatMap((tool) => (tool.pointed ? [tool.number] : [])));
  const points = new Map(set.tools.map(({ number, point }) => [number, point]));
  const lengths = new Map(set.tools.map(({ number, length }) => [number, length]));
  const stretch: Stretch = { x0: NaN, y0: NaN, z0: NaN, x1: NaN, y1: NaN, z1: NaN };

  /** A move as it lies to the part; handed over whole, since figures by themselves would each be made again. */
  function lay({ x, y, z }: Move, state: ModalState): void {
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

  /** Outlines as the tool in hand must keep off them. */
  let outlines = outlinesFor(set, 0);
  let inHand = 0;

  function stockMove(box: Box, kind: number, line: number, tool: number, radius: number): void {
    const { z1: z } = stretch;
    const top = box.z[1];
    const lowest = kind === RAPID && outlines.stock ? lowestWithin(stretch, outlines.stock) : undefined;
    if (kind === RAPID && lowest !== undefined && !inItsOwnHole() && !away?.isOpen(stretch, radius)) {
      findings.add('rapid-in-stock', line, { tool, below: top - lowest }, String(tool), at());
    } else if (kind === RAPID && clear !== undefined && lowest === undefined && goesAcross()) {
      const low = outlines.clear && lowestWithin(stretch, outlines.clear);
      if (low !== undefined) findings.add('rapid-low', line, { tool, above: low - top, clear }, String(tool), at());
    }
    const below = box.z[0] - z;
    if (below > (room ?? 0) + SKIN)
      findings.add('under-part', line, { tool, below, room: room ?? null }, String(tool), at());
    if (kind === FEED && z < top - SKIN) beside(box, line, radius);
  }

  /** Straight up, or straight down to where it was fed already. */
  function inItsOwnHole(): boolean {
    const { x1, y1, z0, z1 } = stretch;
    if (goesAcross()) return false;
    return z1 >= z0 || (fed.x === x1 && fed.y === y1 && z1 >= fed.z - SKIN);
  }

  const goesAcross = (): boolean =>
    (!Number.isNaN(stretch.x0) && Math.abs(stretch.x1 - stretch.x0) > 1e-6) ||
    (!Number.isNaN(stretch.y0) && Math.abs(stretch.y1 - stretch.y0) > 1e-6);

  function beside({ x, y }: Box, line: number, radius: number): void {
    const most = 2 * radius + RUN_OUT;
    const { x1, y1 } = stretch;
    if (x[0] - x1 > most) findings.add('beside-stock', line, { side: 'left', by: x[0] - x1 }, 'left', at());
    if (x1 - x[1] > most) findings.add('beside-stock', line, { side: 'right', by: x1 - x[1] }, 'right', at());
    if (y[0] - y1 > most) findings.add('beside-stock', line, { side: 'front', by: y[0] - y1 }, 'front', at());
    if (y1 - y[1] > most) findings.add('beside-stock', line, { side: 'back', by: y1 - y[1] }, 'back', at());
  }

  /** The highest of all that stands there, mm; what is above it meets nothing. */
  const highest = stock && Math.max(stock.z[1], ...set.boxes.map((box) => box.z[1]));

  /** What is not known is not safe: low where nobody knows over what. */
  function unplaced({ kind, x, y, z, line }: Move, { x: x0, y: y0, z: z0, tool }: ModalState): void {
    if (highest === undefined || Number.isNaN(z) || z >= highest - SKIN) return;
    const down = Number.isNaN(x) || Number.isNaN(y);
    if (down && z !== z0) findings.add('place-unknown', line, { tool, z, how: 'down' }, `${tool} down`, at());
    if (!down && kind === RAPID && Number.isNaN(x0 + y0))
      findings.add('place-unknown', line, { tool, z, how: 'from' }, `${tool} from`, at());
  }

  /** Z in machine coordinates at a rapid: where the tip then is, where the offset and its length are known. */
  function machineHeight(z: number, line: number, { tool, x, y, lost }: ModalState): void {
    if (!stock || lost || z > -HOME) return;
    const offset = set.offset.z;
    const length = tool === set.referenceTool ? 0 : lengths.get(tool);
    if (offset === undefined || length === undefined || length === null) {
      findings.add('machine-height', line, { z }, '', at());
      return;
    }
    const tip = z - offset - length;
    if (tip >= stock.z[1] || Number.isNaN(x + y)) return;
    const radius = radii.get(tool) ?? 0;
    const over = { x0: x, y0: y, z0: tip, x1: x, y1: y, z1: tip };
    if (lowestWithin(over, pillarOf(stock, radius, stock.z[1])) !== undefined && !away?.isOpen(over, radius))
      findings.add('rapid-in-stock', line, { tool, below: stock.z[1] - tip }, String(tool), at());
  }

  return {
    machineHeight,
    home: (across, line, { z, tool, lost, x, y }) => {
      if (highest === undefined || lost || !across || Number.isNaN(x + y) || !(z < highest - SKIN)) return;
      findings.add('place-unknown', line, { tool, z, how: 'home' }, `${tool} home`, at());
    },
    move: (next, state) => {
      const { kind, line } = next;
      if (state.lost) return;
      if (Number.isNaN(next.x + next.y + next.z) || Number.isNaN(state.x + state.y)) unplaced(next, state);
      if (Number.isNaN(next.x + next.y + next.z)) return;
      if (state.tool !== inHand) {
        inHand = state.tool;
        outlines = outlinesFor(set, radii.get(inHand) ?? 0);
      }
      lay(next, state);
      if (stock) stockMove(stock, kind, line, state.tool, outlines.radius);
      for (const { box, pillar } of outlines.boxes)
        if (lowestWithin(stretch, pillar) !== undefined)
          findings.add('into-box', line, { tool: state.tool, box: box.name }, `${state.tool} ${box.name}`, at());
        else if (kind === RAPID && set.rapidsStraight !== true && sweepsInto(stretch, pillar))
          findings.add('sweeps-box', line, { tool: state.tool, box: box.name }, `${state.tool} ${box.name}`, at());
      if (kind === FEED && !pointed.has(inHand)) away?.cut(stretch, outlines.radius, points.get(inHand));
      if (kind === FEED) {
        const same = fed.x === stretch.x1 && fed.y === stretch.y1;
        fed.x = stretch.x1;
        fed.y = stretch.y1;
        fed.z = same ? Math.min(fed.z, stretch.z1) : stretch.z1;
      }
    },
    change: () => {
      fed.x = NaN;
      fed.y = NaN;
      fed.z = Infinity;
    },
  };
}

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
