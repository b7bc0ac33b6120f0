import type { Reading } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';
import { toolLength } from '../heights/toolLength';
import type { ToolLengthInput, ToolLengthOutput } from '../heights/toolLength.schema';
import { zZero } from '../heights/zZero';
import type { ZZeroOutput } from '../heights/zZero.schema';
import { thicknessOf, touchU } from './gaugeUse';
import { lastZeroing, readingsInForce } from './inForce';

export interface ZZeroAnswer {
  result: ZZeroOutput;
  readings: Reading[];
}

export interface ToolLengthAnswer {
  result: ToolLengthOutput;
  readings: Reading[];
}

const method = (snapshot: Snapshot, sd: number) => ({ resolution: snapshot.machine.axes.z.step, methodSd: sd });

/** Z zero on the part's top, from the reference tool's readings in force; undefined while there are none. */
export function zZeroAnswer(snapshot: Snapshot): ZZeroAnswer | undefined {
  const { setup } = snapshot;
  const { heights } = snapshot.datumPlan;
  const inForce = readingsInForce(snapshot, { kind: 'z-zero', tool: setup.referenceTool });
  const last = inForce.at(-1);
  const gauge = snapshot.gauges.find(({ id }) => id === last?.gaugeId);
  if (!last || !gauge) return undefined;
  const readings = inForce.filter(({ gaugeId }) => gaugeId === last.gaugeId);
  const result = zZero({
    readings: readings.map(({ value }) => value),
    gaugeThickness: thicknessOf(gauge),
    direct: gauge.kind === 'probe',
    ...(gauge.kind === 'probe' && heights?.probeLonger && { longer: heights.probeLonger }),
    surfaceHeight: heights?.surface ?? 0,
    ...(heights?.lift && { lift: heights.lift }),
    ...(heights?.step && { search: { step: heights.step, takeHalf: false } }),
    method: method(snapshot, touchU(gauge)),
    finderU: touchU(gauge),
    tolerance: setup.tolerance,
  });
  return { result, readings };
}

/**
 * A tool's offset against the reference tool; undefined until both have touched the same gauge on
 * the same scale. When Z was set since the reference touched, its Z is what was set.
 */
export function toolLengthAnswer(snapshot: Snapshot, tool: number): ToolLengthAnswer | undefined {
  const inForce = readingsInForce(snapshot, { kind: 'tool-length', tool });
  const last = inForce.at(-1);
  const gauge = snapshot.gauges.find(({ id }) => id === last?.gaugeId);
  const referenceZ = last && referenceOn(snapshot, last);
  if (!last || !gauge || !referenceZ || tool === snapshot.setup.referenceTool) return undefined;
  const readings = inForce.filter(({ gaugeId }) => gaugeId === last.gaugeId);
  const result = toolLength({
    reference: { tool: snapshot.setup.referenceTool, z: referenceZ },
    tool,
    readings: readings.map(({ value }) => value),
    method: method(snapshot, touchU(gauge)),
    tolerance: snapshot.setup.tolerance,
  });
  return { result, readings };
}

/** Z of the reference tool on the scale and gauge of a reading, or undefined where nothing compares. */
function referenceOn(snapshot: Snapshot, reading: Reading): ToolLengthInput['reference']['z'] | undefined {
  const zero = zZeroAnswer(snapshot);
  if (!zero) return undefined;
  const touched = zero.readings.filter(({ gaugeId }) => gaugeId === reading.gaugeId);
  if (touched.length === 0) return undefined;
  if (touched.every(({ epoch }) => epoch === reading.epoch)) return { readings: touched.map(({ value }) => value) };
  const set = lastZeroing(snapshot, 'z');
  const setWhileTouching = set?.epoch === reading.epoch && set.form === 'preset';
  return setWhileTouching ? { setTo: set.value } : undefined;
}
