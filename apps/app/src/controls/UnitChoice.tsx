import type { LengthUnit } from '@zero-point/core/units/unit';
import { Choice } from './Choice';

const UNITS = [
  { value: 'mm', label: 'Millimetres' },
  { value: 'in', label: 'Inches' },
] as const;

interface UnitChoiceProps {
  label: string;
  value: LengthUnit;
  onChange: (unit: LengthUnit) => void;
}

/** Millimetres or inches. */
export const UnitChoice = (props: UnitChoiceProps) => <Choice options={UNITS} {...props} />;
