import { Refusal } from '../../problem/problem';
import type { TouchReading } from '../../records/log/reading';
import { indexTable } from '../../rotary/indexTable';
import type { IndexTableInput, IndexTableOutput } from '../../rotary/indexTable.schema';
import type { RotaryLetter } from '../../rotary/turn';
import { memoize, type SetupState } from '../basis/setupState';
import { tableAnswer } from '../zAndTools/toolTable';
import { zeroAnswers } from '../zAndTools/partZero';

type Axis = 'x' | 'y' | 'z';

/** Part zero on one axis with all rotary axes at zero: machine coordinate and U, mm. */
export interface ZeroFound {
  value: number;
  U: number;
}

/** What an index plan still lacks, in the order it is best mended. */
export type IndexLack =
  | { code: 'other-scale' }
  | { code: 'sense'; axis: RotaryLetter }
  | { code: 'centre'; axis: RotaryLetter }
  | { code: 'turned'; axis: Axis }
  | { code: 'zero'; axis: Axis }
  /** How long the reference tool is, which is still in Z, while an axis that tilts turns Z. */
  | { code: 'length'; tool: number }
  /** The machine's own work offset Z, which goes with its tool lengths. */
  | { code: 'offset'; why: string };

export interface IndexState {
  zero: Partial<Record<Axis, ZeroFound>>;
  lacks: IndexLack[];
  /** Once nothing lacks. */
  table?: IndexTableOutput;
  /** Why no table comes of it all the same. */
  problem?: string;
}

/** Smallest step of a rotary scale where nobody said, degrees. */
const STEP = 0.001;

/** Where part zero lies at every index of the plan, or what is still wanted for it. */
export const indexState = (book: SetupState): IndexState => memoize(book, 'index table', () => stateOf(book));

function stateOf(book: SetupState): IndexState {
  const { machine, indexPlan } = book;
  const rotary = machine.rotary ?? [];
  const found = zeroAnswers(book);
  const zero: IndexState['zero'] = {};
  const lacks: IndexLack[] = machine.scale === 'machine' ? [] : [{ code: 'other-scale' }];
  for (const { name, confirmed, centre } of rotary) {
    if (confirmed === undefined) lacks.push({ code: 'sense', axis: name });
    if (!centre) lacks.push({ code: 'centre', axis: name });
  }
  for (const axis of ['x', 'y', 'z'] as const) {
    const one = found[axis];
    if (!one?.stands) lacks.push({ code: 'zero', axis });
    else if (one.readings.some(isTurned)) lacks.push({ code: 'turned', axis });
    else zero[axis] = { value: one.value, U: one.uncertainty.U };
  }
  const { school, toolInZ } = indexPlan;
  const tilts = rotary.some(({ name }) => name !== 'C');
  if (tilts && zero.z && toolInZ === undefined) lacks.push({ code: 'length', tool: book.setup.referenceTool });
  const { workOffset: offsetZ, missing } = zero.z ? tableAnswer(book) : { workOffset: null, missing: null };
  if (zero.z && offsetZ === null) lacks.push({ code: 'offset', why: missing ?? '' });
  const { x, y, z } = zero;
  if (lacks.length > 0 || !x || !y || !z || offsetZ === null || indexPlan.indices.length === 0) return { zero, lacks };
  const input: IndexTableInput = {
    school,
    ...(toolInZ && { toolInZ }),
    offsetZ,
    datum: { x: x.value, y: y.value, z: z.value },
    datumU: { x: x.U, y: y.U, z: z.U },
    axes: rotary.flatMap(({ name, confirmed, centre, limits }) =>
      centre
        ? [
            {
              name,
              sense: confirmed,
              centre: [...centre.at],
              centreU: [...centre.U],
              step: STEP,
              ...(limits && { limits }),
            },
          ]
        : [],
    ),
    indices: indexPlan.indices.map(({ name, A, B, C, workOffset }) => ({
      name,
      commands: { ...(A !== undefined && { A }), ...(B !== undefined && { B }), ...(C !== undefined && { C }) },
      ...(workOffset !== undefined && { workOffset }),
    })),
    travel: Object.fromEntries(
      (['x', 'y', 'z'] as const).flatMap((axis) => {
        const { travel } = machine.axes[axis];
        return travel === undefined ? [] : [[axis, travel]];
      }),
    ),
    tolerance: book.setup.tolerance,
  };
  try {
    return { zero, lacks, table: indexTable(input) };
  } catch (error) {
    if (error instanceof Refusal) return { zero, lacks, problem: error.message };
    throw error;
  }
}

/** A touch with a rotary axis away from zero. */
const isTurned = ({ place: { index } }: TouchReading): boolean =>
  index !== undefined && (['A', 'B', 'C'] as const).some((axis) => (index[axis] ?? 0) !== 0);
