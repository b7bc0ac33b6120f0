import { EDGE_CAUTIONS, ROTARY_CAUTIONS } from '../cautions/caution';
import { Refusal } from '../problem/problem';
import { sumSection } from '../working/working';
import { indexedPoint } from './indexedPoint';
import type { IndexProblem, IndexTableInput, IndexTableOutput } from './indexTable.schema';
import { ACROSS } from './turn';

const XYZ = ['x', 'y', 'z'] as const;

type Axis = IndexTableInput['axes'][number];
type Point = IndexTableInput['datum'];

/**
 * Where part zero lies at every index, and what a control and a CAM are given in each of three schools: the control follows
 * the part (one offset, part zero at no turn), the program's zero at the centre of rotation, or a work offset per index.
 * mm, degrees; senses after ISO 841.
 *
 * @throws Refusal where an axis' sense was never confirmed by a trial turn
 */
export function indexTable(input: IndexTableInput): IndexTableOutput {
  const { datum, datumU, toolInZ, offsetZ = datum.z, axes, indices, tolerance, school } = input;
  const turning = axes.map(confirmed);
  const answers = indices.map(({ commands }) =>
    indexedPoint({
      point: datum,
      pointU: datumU,
      axes: turning.map((axis) => ({ ...axis, command: commands[axis.name] ?? 0 })),
      ...(toolInZ && { toolInZ }),
      ...(tolerance !== undefined && { tolerance }),
    }),
  );
  const reach = reachProblems(
    input,
    answers.map(({ point }) => point),
  );
  const rows = indices.map((index, i): IndexTableOutput['rows'][number] => {
    const { point, U } = answers[i] ?? { point: datum, U: datumU };
    return {
      name: index.name,
      commands: index.commands,
      workOffset: index.workOffset ?? null,
      // The machine's own offset, gone by as much as part zero has.
      datum: { ...point, z: offsetZ + point.z - datum.z },
      U,
      moved: { x: point.x - datum.x, y: point.y - datum.y, z: point.z - datum.z },
      problems: [
        ...limitProblems(axes, index.commands),
        ...reach,
        ...(school === 'per-index' ? offsetTwice(input, i) : []),
      ],
    };
  });
  // Centres have no tool in them.
  const trueZ = datum.z - (toolInZ?.length ?? 0);
  const centre = centreOf({ ...input, datum: { ...datum, z: trueZ } });
  const worst = answers.reduce((most, one) => (one.uncertainty.U > most.uncertainty.U ? one : most));
  const sections = answers.flatMap(({ tape }, i) =>
    tape.sections.map((section) => ({ ...section, title: `${indices[i]?.name ?? ''}: ${section.title}` })),
  );
  return {
    rows,
    offset:
      school === 'per-index'
        ? null
        : school === 'follows'
          ? { ...datum, z: offsetZ, U: datumU }
          : { ...centre, z: offsetZ + centre.z - trueZ },
    fromCentre: { x: datum.x - centre.x, y: datum.y - centre.y, z: trueZ - centre.z },
    apart: apartOf(axes),
    uncertainty: worst.uncertainty,
    tape: {
      sections:
        school === 'centre'
          ? XYZ.map((axis) =>
              sumSection(
                `Part zero from the centre of rotation, ${axis.toUpperCase()}`,
                [
                  { label: 'part zero', value: axis === 'z' ? trueZ : datum[axis] },
                  { label: 'less the centre', value: -centre[axis] },
                ],
                'from the centre',
              ),
            )
          : sections,
    },
    cautions: [ROTARY_CAUTIONS.lockedAndClear, EDGE_CAUTIONS.raiseFirst],
  };
}

/** An axis as the arithmetic takes it: with a sense, and one U for both coordinates, the larger. */
function confirmed({ name, sense, centre, centreU, step }: Axis) {
  if (sense === undefined) {
    throw new Refusal({
      code: 'sense-unconfirmed',
      field: 'axes',
      message: `The direction of ${name} counts, and a wrong guess puts every offset on the wrong side. Make its trial turn first: Shop, the machine, ${name}.`,
    });
  }
  return { name, sense, centre, centreU: Math.max(...centreU), step };
}

const limitProblems = (axes: readonly Axis[], commands: Partial<Record<Axis['name'], number>>): IndexProblem[] =>
  axes.flatMap(({ name, limits }): IndexProblem[] => {
    const command = commands[name] ?? 0;
    if (!limits) return [];
    if (command < limits.from) return [{ code: 'beyond-limit', axis: name, limit: limits.from }];
    return command > limits.to ? [{ code: 'beyond-limit', axis: name, limit: limits.to }] : [];
  });

/** Part zero goes further between the indices than the axis does. */
const reachProblems = ({ travel = {} }: IndexTableInput, points: readonly Point[]): IndexProblem[] =>
  XYZ.flatMap((axis): IndexProblem[] => {
    const most = travel[axis];
    const places = points.map((point) => point[axis]);
    const needs = Math.max(...places) - Math.min(...places);
    return most !== undefined && needs > most ? [{ code: 'out-of-reach', axis, needs, travel: most }] : [];
  });

function offsetTwice({ indices }: IndexTableInput, i: number): IndexProblem[] {
  const mine = indices[i]?.workOffset;
  const shared = mine !== undefined && indices.some(({ workOffset }, k) => k !== i && workOffset === mine);
  return shared ? [{ code: 'offset-twice', workOffset: mine }] : [];
}

/** The point turned about: each axis gives its two coordinates, what carries the others last; what none turns stays the datum's. */
function centreOf({ datum, datumU, axes }: IndexTableInput): NonNullable<IndexTableOutput['offset']> {
  const at = { ...datum };
  const U = { ...datumU };
  for (const { name, centre, centreU } of axes) {
    ACROSS[name].forEach((index, k) => {
      const coordinate = XYZ[index];
      at[coordinate] = centre[k === 0 ? 0 : 1];
      U[coordinate] = centreU[k === 0 ? 0 : 1];
    });
  }
  return { ...at, U };
}

/** How far the first axis passes the one that carries it, mm: along the coordinate both turn. */
function apartOf([first, second]: readonly Axis[]): number | null {
  if (!first || !second) return null;
  const shared = ACROSS[first.name].findIndex((index) => ACROSS[second.name].includes(index));
  const at = ACROSS[first.name][shared === 0 ? 0 : 1];
  const mine = first.centre[shared === 0 ? 0 : 1];
  const its = second.centre[ACROSS[second.name].indexOf(at) === 0 ? 0 : 1];
  return mine - its;
}
