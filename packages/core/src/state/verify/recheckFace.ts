import { contactRadiusLines } from '../../datum/faces/contactRadius';
import { rectangleOf } from '../../datum/feature';
import { wallTouch } from '../../datum/shapes';
import type { Feature } from '../../records/setup/datumPlan';
import type { SetupState } from '../basis/setupState';
import { expectedEdge } from '../datum/zeroDoubt';
import { contactInUse, backlashAtTouch, needsCutter } from '../gauges/contactSize';

/** How a face is touched again: the gauge in hand, and the cutter where paper or a plate needs one. */
export interface AgainUse {
  gaugeId: string;
  feeler: number;
  tool?: number;
  cutterId?: string;
}

/** With what the plan would touch a face: its finder, feeler, and cutter. */
export function recheckUse({ setup, gauges, tools }: Pick<SetupState, 'setup' | 'gauges' | 'tools'>): AgainUse {
  const gauge = gauges.find(({ id }) => id === setup.finderId);
  const number = setup.cutter ?? setup.referenceTool;
  const cutter = gauge && needsCutter(gauge) ? tools.find((tool) => tool.number === number) : undefined;
  return {
    gaugeId: setup.finderId,
    feeler: setup.feeler,
    ...(cutter && { tool: cutter.number, cutterId: cutter.id }),
  };
}

/**
 * What the scale should show while a face is touched, mm, and U of the face's place: where it is, less what stands between
 * its surface and the middle of the tool (ISO 841 signs), and less the backlash that a dial has not gone yet.
 *
 * @param moment when it is touched: a gauge is what it is known to be then
 * @returns undefined while its axis is not set, or what touches is not known
 */
export function expectedReading(
  book: SetupState,
  feature: Extract<Feature, { kind: 'face' }>,
  use: AgainUse,
  moment: string,
): { reading: number; U: number } | undefined {
  const { axis, approach } = wallTouch(rectangleOf(book.part, feature.of), feature.face);
  const edge = expectedEdge(book, feature);
  const touch = contactInUse(book, { ...use, takenAt: moment }, axis);
  if (!edge || !touch) return undefined;
  const radius = contactRadiusLines(touch.contact).reduce((sum, line) => sum + line.value, 0);
  const lost = approach === -1 ? (backlashAtTouch(book, axis, moment)?.value ?? 0) : 0;
  return { reading: edge.edge - approach * radius - lost, U: edge.U };
}
