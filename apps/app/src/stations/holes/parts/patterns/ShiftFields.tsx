import type { Moved } from '@zero-point/core/records/setup/patternShape';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { Choice } from '../../../../controls/Choice';
import { AngleField, LengthField } from '../../../../keypad/Fields';
import { PointFields } from './PointFields';

interface MovedFieldsProps {
  moved: Moved;
  unit: LengthUnit;
  onChange: (moved: Moved | undefined) => void;
}

const NOWHERE = { x: 0, y: 0 };

/** What is left of it where nothing is moved: nothing. */
const tidy = ({ mirror, turn, shift }: Moved): Moved | undefined => {
  const kept: Moved = {
    ...(mirror && { mirror }),
    ...(turn && (turn.angle !== 0 || turn.about.x !== 0 || turn.about.y !== 0) && { turn }),
    ...(shift && (shift.x !== 0 || shift.y !== 0) && { shift }),
  };
  return Object.keys(kept).length > 0 ? kept : undefined;
};

/** A pattern mirrored, then turned, then shifted as a whole. */
export function ShiftFields({ moved, unit, onChange }: MovedFieldsProps) {
  const { mirror, turn = { angle: 0, about: NOWHERE }, shift = NOWHERE } = moved;
  const change = (part: { [K in keyof Moved]?: Moved[K] | undefined }) => {
    const next = { ...moved, ...part };
    onChange(
      tidy({
        ...(next.mirror && { mirror: next.mirror }),
        ...(next.turn && { turn: next.turn }),
        ...(next.shift && { shift: next.shift }),
      }),
    );
  };
  return (
    <View style={{ gap: 12 }}>
      <Choice
        label="First mirrored"
        value={mirror?.axis ?? 'none'}
        options={[
          { value: 'none', label: 'Not mirrored' },
          { value: 'x', label: 'Left to right' },
          { value: 'y', label: 'Front to back' },
        ]}
        onChange={(axis) => change({ mirror: axis === 'none' ? undefined : { axis, at: mirror?.at ?? 0 } })}
      />
      {mirror && (
        <LengthField
          label={`Mirror line at ${mirror.axis.toUpperCase()}`}
          unit={unit}
          value={mirror.at}
          onCommit={(at) => change({ mirror: { ...mirror, at } })}
        />
      )}
      <AngleField
        label="Then turned by"
        value={turn.angle}
        onCommit={(angle) => change({ turn: { ...turn, angle } })}
      />
      <PointFields
        label="Turned about"
        at={turn.about}
        unit={unit}
        onChange={(about) => change({ turn: { ...turn, about } })}
      />
      <PointFields label="Then shifted" at={shift} unit={unit} onChange={(to) => change({ shift: to })} />
    </View>
  );
}
