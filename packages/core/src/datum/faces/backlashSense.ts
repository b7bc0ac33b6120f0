import type { z } from 'zod';
import type { Approach } from '../../schema/quantities';
import type { BudgetPart } from '../../metrology/uncertainty';
import type { WorkingLine } from '../../working/working';
import type { backlashSense } from '../touchPoint.schema';

type LostMotion = z.output<typeof backlashSense>;

/**
 * What backlash takes from a dial read while the table goes toward minus: the screw turns that far before anything
 * moves, so the dial shows too little and this is added. Nothing where it goes toward plus, the side all is set from. mm.
 */
export const lostTerm = (lost: LostMotion | undefined, approach: Approach): WorkingLine[] =>
  lost !== undefined && approach === -1 && lost.value > 0
    ? [{ label: 'backlash, since it was touched going toward −', value: lost.value }]
    : [];

/** What is left of it once it is taken off: how well it is known. */
export const lostPart = (lost: LostMotion | undefined, approach: Approach): BudgetPart => ({
  name: 'backlash left',
  u: lost !== undefined && approach === -1 ? lost.U / 2 : 0,
  shape: 'normal',
});

export const lostOf = (lost: LostMotion | undefined, approach: Approach): number =>
  lostTerm(lost, approach)[0]?.value ?? 0;
