import { EDGE_CAUTIONS } from '../cautions/caution';
import { judge } from '../metrology/judge';
import { propagate, type Model, type UncertaintySource } from '../metrology/propagate';
import { combine, type Uncertainty } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { sumSection, type WorkingSection } from '../working/working';
import { cosDegrees, sinDegrees } from '../units/degrees';
import { ACROSS, COORDINATES, partTurn, turnedAbout, type Vector } from './turn';
import type { IndexedPointInput, IndexedPointOutput } from './indexedPoint.schema';

/**
 * Where a datum touched with the rotary axes at zero comes to lie at an index: p' = C + R(part's turn)(p - C), axis by
 * axis, the one that carries the part first. Its ± holds the datum's own, each centre's, and the arm times the step of
 * each axis (JCGM 100:2008, 5.1.2). A tool that is still in Z of the datum is off while the part turns. mm, degrees; senses
 * after ISO 841.
 *
 * @throws Refusal when an axis is named twice
 * @example
 * // A command of -35° on a C axis of sense +1 turns the part by +35°
 * indexedPoint({ point: { x: 40, y: 12, z: 0 }, pointU, axes: [{ name: 'C', sense: 1, centre: [-3.5, -60.25], centreU: 0.005,
 *   step: 0.001, command: -35 }] }).point // { x: -9.3078, y: 23.8843, z: 0 }
 */
export function indexedPoint(input: IndexedPointInput): IndexedPointOutput {
  const { axes, tolerance } = input;
  const names = axes.map(({ name }) => name);
  const twice = names.find((name, i) => names.indexOf(name) !== i);
  if (twice !== undefined) {
    throw new Refusal({
      code: 'axis-twice',
      field: 'axes',
      message: `${twice} is named twice. Give each axis once, the one that carries the part first.`,
    });
  }
  const { at, uncertainties } = propagate(modelOf(input));
  const [x = 0, y = 0, z = 0] = at;
  const [ux, uy, uz] = [0, 1, 2].map((i) => uncertainties[i] ?? combine([])) as [Uncertainty, Uncertainty, Uncertainty];
  const worst = [ux, uy, uz].reduce((most, one) => (one.U > most.U ? one : most));
  return {
    point: { x, y, z },
    U: { x: ux.U, y: uy.U, z: uz.U },
    uncertainty: worst,
    verdict: tolerance === undefined ? null : judge(worst.U, tolerance),
    tape: { sections: tapeOf(input, z) },
    cautions: [EDGE_CAUTIONS.raiseFirst],
  };
}

type Turning = IndexedPointInput['axes'][number];

/** The datum as a function of itself, of the tool in its Z, of each centre, and of how far each axis truly turned. */
function modelOf({ point, pointU, toolInZ, axes }: IndexedPointInput): Model {
  const turns = axes.flatMap((axis) => [...axis.centre, partTurn(axis)]);
  const sources: UncertaintySource[] = [
    ...([pointU.x, pointU.y, pointU.z] as const).map((U, on): UncertaintySource => ({
      name: `the datum, ${COORDINATES[on] ?? ''}`,
      u: U / 2,
      shape: 'normal',
      on,
    })),
    { name: 'length of the tool in Z', u: (toolInZ?.U ?? 0) / 2, shape: 'normal', on: TOOL },
    ...axes.flatMap(({ name, centreU, step }, i): UncertaintySource[] => {
      const on = FIRST_AXIS + 3 * i;
      return [
        { name: `centre of ${name}, first`, u: centreU / 2, shape: 'normal', on },
        { name: `centre of ${name}, second`, u: centreU / 2, shape: 'normal', on: on + 1 },
        { name: `step of ${name}`, u: step / Math.sqrt(12), shape: 'uniform', on: on + 2 },
      ];
    }),
  ];
  return {
    values: [point.x, point.y, point.z, toolInZ?.length ?? 0, ...turns],
    sources,
    of: (v) => {
      const tool = v[TOOL] ?? 0;
      const [x, y, z] = axes.reduce<Vector>(
        (at, { name }, i) => {
          const k = FIRST_AXIS + 3 * i;
          return turnedAbout(at, name, [v[k] ?? 0, v[k + 1] ?? 0], v[k + 2] ?? 0);
        },
        [v[0] ?? 0, v[1] ?? 0, (v[2] ?? 0) - tool],
      );
      return [x, y, z + tool];
    },
  };
}

/** Where the tool's length, and the first axis, stand among the values of the model. */
const TOOL = 3;
const FIRST_AXIS = 4;

/** The steps from the datum as it was touched to the datum at its index; the tool's length is off in between. */
function tapeOf({ point, toolInZ, axes }: IndexedPointInput, z: number): WorkingSection[] {
  if (!toolInZ) return sectionsOf([point.x, point.y, point.z], axes);
  const { length } = toolInZ;
  return [
    sumSection(
      'Z of the datum, with no tool in it',
      [
        { label: 'as it was touched', value: point.z },
        { label: 'less the tool that is in it', value: -length },
      ],
      'Z',
    ),
    ...sectionsOf([point.x, point.y, point.z - length], axes),
    sumSection(
      'Z there, for the same tool',
      [
        { label: 'with no tool in it', value: z - length },
        { label: 'the tool again', value: length },
      ],
      'Z there',
    ),
  ];
}

function sectionsOf(start: Vector, axes: readonly Turning[]): WorkingSection[] {
  let at = start;
  return axes.flatMap((axis) => {
    const { name, centre } = axis;
    const by = partTurn(axis);
    const [i, j] = ACROSS[name];
    const [u, v] = [at[i] - centre[0], at[j] - centre[1]];
    const [c, s] = [cosDegrees(by), sinDegrees(by)];
    const line = (index: 0 | 1 | 2, middle: number, terms: [number, number]) =>
      sumSection(
        `${COORDINATES[index]} with ${name} at its index`,
        [
          { label: `centre of ${name}`, value: middle },
          {
            label: `arm along ${COORDINATES[i]}, turned`,
            value: terms[0],
            detail: ['the part turns by ', { angle: by }],
          },
          { label: `arm along ${COORDINATES[j]}, turned`, value: terms[1] },
        ],
        `${COORDINATES[index]} there`,
      );
    const sections = [line(i, centre[0], [u * c, -v * s]), line(j, centre[1], [u * s, v * c])];
    at = turnedAbout(at, name, centre, by);
    return sections;
  });
}
