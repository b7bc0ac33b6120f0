import type { IndexLack } from '../../state/rotary/indexTable';
import type { IndexSchool, IndexTableOutput } from '../../rotary/indexTable.schema';
import { formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

/** What is still wanted for a table of indices, with its remedy. */
export function lackWords(lack: IndexLack, machine: string): string {
  switch (lack.code) {
    case 'other-scale':
      return `Its numbers are not read from the control, and only machine coordinates hold while the part turns. Choose that under ${machine}.`;
    case 'sense':
      return `Nobody has seen yet which way ${lack.axis} counts: make its trial turn.`;
    case 'centre':
      return `The centre of ${lack.axis} was not found yet.`;
    case 'turned':
      return `${lack.axis.toUpperCase()} was touched with a rotary axis turned. Touch it again with all of them at zero.`;
    case 'length':
      return `Z as it was touched still has tool ${lack.tool} in it, and no centre has: say below how long it is from the gauge line.`;
    case 'offset':
      return `The work offset Z of ${machine} is not known yet. ${lack.why}`.trim();
    case 'zero':
      return `${lack.axis.toUpperCase()} of part zero was not found yet: touch it with all rotary axes at zero.`;
  }
}

/** What a school asks of the control and of the CAM. */
export const SCHOOL_ASKS: Readonly<Record<IndexSchool, string>> = {
  follows:
    'Part zero is set once, at index zero; the control moves it with the part. It has to know the centre of rotation, and the program turns its own plane.',
  centre:
    'The work offset stands at the centre of rotation and never changes; the program counts from there, so the CAM has to know where the part lies.',
  'per-index':
    'Every face has a work offset of its own, part zero as it lies there. The program calls another one at each index.',
};

/** What the CAM is told: where part zero lies from the centre of rotation. */
export function camWords({ fromCentre, apart }: IndexTableOutput, unit: LengthUnit): string {
  const size = (mm: number) => formatLengthUnit(mm, { unit, plus: true });
  const lies = `In the CAM part zero lies X ${size(fromCentre.x)}, Y ${size(fromCentre.y)}, Z ${size(fromCentre.z)} from the centre of rotation, all axes at zero.`;
  return apart === null || Math.abs(apart) < 5e-4
    ? lies
    : `${lies} The two axes pass each other by ${formatLengthUnit(Math.abs(apart), { unit })}: enter that too.`;
}
