import type { Findings, HolesChange } from './finding';
import type { ProgramHole } from './programHoles';
import type { SetHole, CheckContext } from './checkContext';

/** How a program's holes go with the positions in hand. */
export interface HolesSummary {
  /** Of the program, and of the positions. */
  program: number;
  positions: number;
  /** Holes that stand where a position is. */
  agree: number;
}

/** A program rounds its words: to here a hole is where its position is, mm. */
const AGREES = 0.008;

/** Up to here a hole is meant for a position, and is off, mm. */
const MEANT = 3;

/** A depth is another one beyond this, mm. */
const DEPTH = 0.05;

/** Findings of one kind that are told one by one. */
const TOLD = 12;

/** Nearest position to a place, by cells as wide as what is looked for. */
function nearestBy(holes: readonly SetHole[], cell: number) {
  const cells = new Map<string, number[]>();
  const at = (value: number) => Math.floor(value / cell);
  holes.forEach(({ x, y }, i) => {
    const key = `${at(x)} ${at(y)}`;
    const here = cells.get(key);
    if (here) here.push(i);
    else cells.set(key, [i]);
  });
  return (x: number, y: number): { index: number; distance: number } | undefined => {
    let best: { index: number; distance: number } | undefined;
    for (let i = -1; i <= 1; i += 1)
      for (let j = -1; j <= 1; j += 1)
        for (const index of cells.get(`${at(x) + i} ${at(y) + j}`) ?? []) {
          const hole = holes[index];
          if (!hole) continue;
          const distance = Math.hypot(hole.x - x, hole.y - y);
          if (distance <= cell && distance < (best?.distance ?? Infinity)) best = { index, distance };
        }
    return best;
  };
}

const middle = (holes: readonly { x: number; y: number }[]) => ({
  x: holes.reduce((sum, { x }) => sum + x, 0) / holes.length,
  y: holes.reduce((sum, { y }) => sum + y, 0) / holes.length,
});

/** What would bring all of the holes to their positions: tried one after the other. */
function changeThatFits(holes: readonly ProgramHole[], set: readonly SetHole[]): HolesChange | undefined {
  if (holes.length < 2) return undefined;
  const near = nearestBy(set, 0.05);
  const [a, b] = [middle(holes), middle(set)];
  const shift = { dx: b.x - a.x, dy: b.y - a.y };
  const tries: [HolesChange, (hole: ProgramHole) => [number, number]][] = [
    ...[25.4, 1 / 25.4, 10, 0.1, 1000, 0.001].map((by): [HolesChange, (hole: ProgramHole) => [number, number]] => [
      { kind: 'scaled', by },
      ({ x, y }) => [x * by, y * by],
    ]),
    [{ kind: 'mirrored', axis: 'X' }, ({ x, y }) => [-x, y]],
    [{ kind: 'mirrored', axis: 'Y' }, ({ x, y }) => [x, -y]],
    [{ kind: 'swapped' }, ({ x, y }) => [y, x]],
    [{ kind: 'shifted', ...shift }, ({ x, y }) => [x + shift.dx, y + shift.dy]],
  ];
  // A scale blows up what rounding left, so a little more is let pass.
  return tries.find(([, moved]) => holes.filter((hole) => near(...moved(hole))).length >= 0.9 * holes.length)?.[0];
}

/**
 * Holds a program's holes against the positions in hand: place, depth, width; or names what moves all of them.
 *
 * @param whole the program was read to its end: else a hole may go deeper further on
 */
export function compareHoles(
  holes: readonly ProgramHole[],
  set: CheckContext,
  findings: Findings,
  whole: boolean,
): HolesSummary {
  const told: HolesSummary = { program: holes.length, positions: set.holes.length, agree: 0 };
  if (holes.length === 0 || set.holes.length === 0) return told;
  const near = nearestBy(set.holes, MEANT);
  const matches = holes.map((hole) => ({ hole, found: near(hole.x, hole.y) }));
  told.agree = matches.filter(({ found }) => found && found.distance <= AGREES).length;
  if (told.agree < holes.length / 2) {
    const change = changeThatFits(holes, set.holes);
    if (change) {
      findings.add('holes-changed', holes[0]?.line ?? 0, { change });
      return told;
    }
  }
  const met = new Set<number>();
  for (const { hole, found } of matches) {
    const position = found && set.holes[found.index];
    if (!found || !position) {
      findings.add('hole-extra', hole.line, {});
      continue;
    }
    met.add(found.index);
    if (found.distance > AGREES) {
      const figures = { dx: hole.x - position.x, dy: hole.y - position.y };
      findings.add('hole-off', hole.line, figures, String(Math.min(TOLD, met.size)));
    }
    compareCut(hole, position, set, findings, whole);
  }
  set.holes.forEach(({ x, y }, i) => {
    if (whole && !met.has(i)) findings.add('hole-missing', 0, { x, y });
  });
  return told;
}

function compareCut(hole: ProgramHole, position: SetHole, set: CheckContext, findings: Findings, whole: boolean): void {
  const top = set.stock?.z[1] ?? 0;
  const depth = top - hole.bottom;
  const { tip } = position;
  if (tip !== null && (depth > tip + DEPTH || (whole && depth < tip - DEPTH)))
    findings.add('hole-depth', hole.line, { program: depth, positions: tip }, `${depth.toFixed(2)} ${tip.toFixed(2)}`);
  for (const number of hole.tools) {
    const tool = set.tools.find((one) => one.number === number);
    if (tool && !tool.pointed && tool.diameter > position.diameter + DEPTH)
      findings.add(
        'hole-wide',
        hole.line,
        { tool: number, diameter: tool.diameter, hole: position.diameter },
        String(number),
      );
  }
}
