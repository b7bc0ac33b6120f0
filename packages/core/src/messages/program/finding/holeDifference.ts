import type { HolesChange } from '../../../program/finding';
import { formatLengthUnit } from '../../../units/formatLength';
import type { LengthUnit } from '../../../units/unit';
import type { FindingWords } from './findingMessage';

/** What was done to all holes alike. */
export function changeWords(change: HolesChange, unit: LengthUnit): FindingWords {
  const asked = 'Check the zero, unit and orientation in the CAM, and write the program again.';
  switch (change.kind) {
    case 'scaled': {
      const by = change.by >= 1 ? change.by : 1 / change.by;
      const way = change.by >= 1 ? 'too small' : 'too large';
      return {
        said: `Every hole comes out ${Number(by.toFixed(3))} times ${way}.`,
        remedy: Math.abs(by - 25.4) < 0.01 ? `Inches were taken for millimetres, or the other way. ${asked}` : asked,
      };
    }
    case 'mirrored':
      return { said: `The holes are mirrored: every ${change.axis} has the other sign.`, remedy: asked };
    case 'swapped':
      return { said: 'The holes agree once X and Y change places.', remedy: asked };
    case 'shifted':
      return {
        said: `Every hole is shifted by the same: X ${formatLengthUnit(-change.dx, { unit, plus: true })}, Y ${formatLengthUnit(-change.dy, { unit, plus: true })}.`,
        remedy: 'Its zero differs from yours. Choose the same zero in the CAM, or set zero where the program has it.',
      };
  }
}
