import type { Point } from '@zero-point/core/geometry/point';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { FieldRow } from '../../../../keypad/FieldRow';
import { LengthField } from '../../../../keypad/Fields';

interface PointFieldsProps {
  label: string;
  at: Point;
  unit: LengthUnit;
  onChange: (at: Point) => void;
}

/** A place of the part. */
export const PointFields = ({ label, at, unit, onChange }: PointFieldsProps) => (
  <FieldRow>
    <LengthField label={`${label} X`} unit={unit} value={at.x} onCommit={(x) => onChange({ ...at, x })} />
    <LengthField label={`${label} Y`} unit={unit} value={at.y} onCommit={(y) => onChange({ ...at, y })} />
  </FieldRow>
);
