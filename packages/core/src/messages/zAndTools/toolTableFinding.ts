import type { ToolTableCheckInput, ToolTableCheckOutput } from '../../zAndTools/toolTableCheck.schema';
import type { LengthUnit } from '../../units/unit';
import { mistakeText, type MistakeText } from '../checks/mistakes';

type Finding = ToolTableCheckOutput['findings'][number];

/** What cannot be right in a tool table, as a person reads it. */
export function toolTableFindingWords(
  { kind, tools, slip, size }: Finding,
  { school, units }: { school: ToolTableCheckInput['school']; units: LengthUnit },
): MistakeText {
  const [number = 0] = tools;
  switch (kind) {
    case 'all-off':
    case 'one-off':
      return slip === null
        ? { what: 'No common mistake has this size.', remedy: 'Touch off again. Check whether it was re-clamped.' }
        : mistakeText({ slip, size: size ?? 0 }, units);
    case 'twice':
      return {
        what: `Tool ${number} is in the table twice.`,
        remedy: 'Give one of the two another number; the machine knows only one of them.',
      };
    case 'wrong-sign':
      return {
        what: `Tool ${number} has ${school === 'true-length' ? 'a minus, but a true length has none' : 'no minus, but lengths from machine zero have one'}.`,
        remedy: 'Check its sign on the control. If in doubt touch that tool off again.',
      };
    case 'missing':
      return {
        what: `${tools.length === 1 ? 'Tool' : 'Tools'} ${tools.join(', ')} ${tools.length === 1 ? 'has' : 'have'} no length.`,
        remedy: 'Touch the gauge with each before the program calls it.',
      };
    case 'beyond-travel':
      return {
        what: `Tool ${number} is further off than the Z axis can travel.`,
        remedy: 'Check its sign and decimal point. Do not run it.',
      };
    case 'hits-stock':
      return {
        what: `By its length tool ${number} is in the stock even with Z all the way up.`,
        remedy: 'Check its length and the work offset. Do not move across the part with it.',
      };
    case 'two-gauges':
      return {
        what: 'Touched on another gauge than the reference tool, so the two do not compare.',
        remedy: 'Touch both on the same gauge, at the same place.',
      };
  }
}
