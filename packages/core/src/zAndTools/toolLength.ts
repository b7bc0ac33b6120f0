import { HEIGHT_CAUTIONS } from '../cautions/caution';
import { judge } from '../metrology/judge';
import { repeats } from '../metrology/repeats';
import { displayPart, repeatPart, TOUCH_PART } from '../metrology/touchBudget';
import { searchPart } from '../metrology/searchPart';
import { combine, type BudgetPart } from '../metrology/uncertainty';
import { Refusal } from '../problem/problem';
import { meanSection, sumSection } from '../working/working';
import type { ToolLengthInput, ToolLengthOutput } from './toolLength.schema';

/**
 * A tool's length offset against a reference tool whose offset is zero:
 * H = Z - Z_ref, both touching the same gauge at the same place, so the gauge and its error cancel.
 * A step the tools are raised by until the gauge just passes is in both touches: it moves no offset, but U knows it twice.
 * A shorter tool has to come lower, so its offset is negative. mm; offsets as ISO 6983 length words take them.
 *
 * @throws Refusal when the tool is the reference itself
 * @example
 * toolLength({ reference: { tool: 1, z: { setTo: 10 } }, tool: 2, readings: [-2.31],
 *   method: { resolution: 0.005, methodSd: 0.01 }, uTouch: 0.01 }).offset // -12.31
 */
export function toolLength(input: ToolLengthInput): ToolLengthOutput {
  const { reference, tool, method } = input;
  if (tool === reference.tool) {
    throw new Refusal({
      code: 'tool-is-reference',
      field: 'tool',
      message: `Tool ${tool} is the reference, so its offset is 0. Choose another tool.`,
    });
  }
  const seen = repeats(input.readings, method);
  const referenceSeen = 'readings' in reference.z ? repeats(reference.z.readings, method) : null;
  const referenceZ = 'readings' in reference.z ? repeats(reference.z.readings, method).mean : reference.z.setTo;
  const offsetSection = sumSection(
    'Tool length offset',
    [
      { label: `Z with tool ${tool} touching`, value: seen.mean },
      { label: `less Z with tool ${reference.tool} touching`, value: -referenceZ },
    ],
    `offset of tool ${tool}`,
  );
  const offset = offsetSection.total.value;
  const touched = [
    { number: tool, by: seen },
    { number: reference.tool, by: referenceSeen ?? { ...seen, n: 1, sd: 0 } },
  ];
  const parts: BudgetPart[] = [
    ...touched.flatMap(({ number, by }): BudgetPart[] => [
      repeatPart(by, method, `repeats, tool ${number}`),
      displayPart(by, method, `display step, tool ${number}`),
      { name: `${TOUCH_PART}, tool ${number}`, u: input.uTouch, shape: 'normal' },
      ...(input.searchStep === undefined
        ? []
        : [searchPart({ step: input.searchStep, takeHalf: true }, `step of the search, tool ${number}`)]),
    ]),
    { name: 'two gauges', u: input.uGauge ?? 0, shape: 'normal' },
  ];
  const uncertainty = combine(parts);
  const sections = [meanSection(`Readings, tool ${tool}`, input.readings, seen.mean), offsetSection];
  if ('readings' in reference.z && referenceSeen) {
    sections.unshift(meanSection(`Readings, tool ${reference.tool}`, reference.z.readings, referenceSeen.mean));
  }
  return {
    repeats: seen,
    offset,
    comparison: offset < -1e-9 ? 'shorter' : offset > 1e-9 ? 'longer' : 'same',
    uncertainty,
    verdict: input.tolerance === undefined ? null : judge(uncertainty.U, input.tolerance),
    tape: { sections },
    cautions: [HEIGHT_CAUTIONS.raiseOnto, HEIGHT_CAUTIONS.gaugeOff],
  };
}
