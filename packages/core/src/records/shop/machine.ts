import { documentKind } from '../kinds/kind';
import type { Machine, RotaryAxis, AnswerForm } from './machine.schema';

export type { RotaryAxis, AnswerForm, Machine };

export const TOOL_LENGTH_METHODS = ['reference-tool', 'touch-part', 'true-length', 'touch-every-change'] as const;

/** The axes of X and Y that a machine has. */
export const planAxes = ({ without }: Pick<Machine, 'without'>): ('x' | 'y')[] =>
  (['x', 'y'] as const).filter((axis) => !without?.includes(axis));

/** Whether a machine of this kind has a control that keeps offsets and runs cycles. */
export const hasController = ({ kind }: Pick<Machine, 'kind'>): boolean =>
  kind === 'router' || kind === 'machining-centre';

export const machineKind = documentKind<Machine>()({
  name: 'machine',
  field: 'machine',
  of: 'shop',
  collection: 'machines',
  title: 'machine',
  summary: 'Add or replace a machine',
  version: 2,
  key: ({ id }) => id,
  shows: 'of-machine',
  empty: undefined,
});
