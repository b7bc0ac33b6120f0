import type { Plan } from '@zero-point/core/records/setup/plan.schema';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { saveInSetup, saveThing } from './logEntry';
import type { Assumed } from '@zero-point/core/records/setup/plan';
import type { Axis } from '@zero-point/core/schema/quantities';

/** Keeps a change of the plan. */
export function savePlan(book: SetupState, change: Partial<Plan>): void {
  const { id: _, createdAt: _created, changedAt: _changed, ...plan } = book.setup;
  const body: Plan = { ...plan, ...change };
  saveInSetup(book, 'plan', body);
}

/** The plan once something it assumed has been entered. */
export const withoutAssumption = ({ setup }: SetupState, what: Assumed): Pick<Plan, 'assumed'> => ({
  assumed: setup.assumed?.filter((one) => one !== what),
});

/** A size of the part, once it is known. */
export const savePartSize = (book: SetupState, axis: Axis, mm: number): void =>
  saveThing(book, 'part', {
    ...book.part,
    size: { ...book.part.size, [axis]: mm },
    untold: book.part.untold?.filter((one) => one !== axis),
  });

/** Caliper sizes as the plan keeps them: only those that were measured. */
export const caliperSizes = ({
  x,
  y,
}: {
  x?: number | undefined;
  y?: number | undefined;
}): NonNullable<Plan['caliper']> => ({
  ...(x !== undefined && { x }),
  ...(y !== undefined && { y }),
});
