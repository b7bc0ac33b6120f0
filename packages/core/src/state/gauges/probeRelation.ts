import type { SetupState } from '../basis/setupState';
import type { KnownGauge } from '../basis/calibratedGauge';
import { lengthValidity } from '../zAndTools/lengthValidity';

/** How much longer what stands in the spindle is than the reference tool, mm, its U, and how that is known. */
export interface ProbeRelation {
  longer: number;
  U: number;
  by: 'typed' | 'table';
}

/** U where it was typed or kept without its own, mm. */
const TYPED_U = 0.02;
const KEPT_U = 0.05;

/**
 * The relation of a probe in the spindle to the reference tool: as it was typed, or from one table of true lengths that has
 * both. Without it the probe finds the top for itself alone, and no cutter's Z (ISO 841: a longer probe has the spindle
 * higher as it touches).
 */
export function probeRelation(
  { datumPlan, machine, setup, toolTable, tools, calibrations }: SetupState,
  gauge: KnownGauge,
): ProbeRelation | undefined {
  const { heights } = datumPlan;
  if (heights?.probeLonger !== undefined)
    return { longer: heights.probeLonger, U: heights.probeLongerU ?? TYPED_U, by: 'typed' };
  if (machine.habits.toolLengthSchool !== 'true-length' || toolTable?.school !== 'true-length') return undefined;
  const number = setup.referenceTool;
  const row = toolTable.rows.find((one) => one.number === number);
  if (!row || gauge.length === undefined) return undefined;
  if (!lengthValidity({ tools, calibrations, toolTable }, number, { cutterId: row.cutterId, at: row.keptAt }))
    return undefined;
  return { longer: gauge.length - row.length, U: Math.hypot(row.U ?? KEPT_U, TYPED_U), by: 'table' };
}
