import type { IndexLack } from '../../state/rotary/indexTable';
import type { IndexMethod, IndexTableOutput } from '../../rotary/indexTable.schema';
import { formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

/** What is still wanted for a table of indices, with its remedy. */
export function lackWords(lack: IndexLack, machine: string): string {
  switch (lack.code) {
    case 'other-scale':
      return `Only machine coordinates stay valid while the part turns. Choose them under ${machine}.`;
    case 'sense':
      return `The direction of ${lack.axis} is not known: make its trial turn.`;
    case 'centre':
      return `The centre of ${lack.axis} was not found yet.`;
    case 'turned':
      return `${lack.axis.toUpperCase()} was touched with a rotary axis turned. Touch it again with all of them at zero.`;
    case 'length':
      return `Z as it was touched still has tool ${lack.tool} in it, and no centre has: enter its length from the gauge line below.`;
    case 'offset':
      return `The work offset Z of ${machine} is not known yet. ${lack.why}`.trim();
    case 'zero':
      return `${lack.axis.toUpperCase()} of part zero was not found yet: touch it with all rotary axes at zero.`;
  }
}

/** What a school asks of the control and of the CAM. */
export const INDEX_METHOD_QUESTIONS: Readonly<Record<IndexMethod, string>> = {
  follows:
    'Part zero is set once, at index zero. The control moves it with the part and must know the centre of rotation.',
  centre:
    'The work offset is at the centre of rotation and does not change. The CAM must know where the part is from there.',
  'per-index': 'Every face has its own work offset. The program calls another one at each index.',
};

/** What the CAM is told: where part zero lies from the centre of rotation. */
export function camWords({ fromCentre, apart }: IndexTableOutput, unit: LengthUnit): string {
  const size = (mm: number) => formatLengthUnit(mm, { unit, plus: true });
  const lies = `In the CAM part zero lies X ${size(fromCentre.x)}, Y ${size(fromCentre.y)}, Z ${size(fromCentre.z)} from the centre of rotation.`;
  return apart === null || Math.abs(apart) < 5e-4
    ? lies
    : `${lies} The two axes pass each other by ${formatLengthUnit(Math.abs(apart), { unit })}: enter that too.`;
}
