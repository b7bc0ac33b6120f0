import type { BoltCircle } from '@zero-point/core/records/setup/patternShape';
import { MAX_HOLES } from '@zero-point/core/records/values/maxHoles';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { Choice } from '../../../../controls/Choice';
import { FieldRow } from '../../../../keypad/FieldRow';
import { AngleField, CountField, LengthField } from '../../../../keypad/Fields';

interface CircleFieldsProps {
  circle: BoltCircle;
  unit: LengthUnit;
  onChange: (circle: BoltCircle) => void;
}

/** Everything that makes a bolt circle; each field keeps what is valid and says what is not. */
export function CircleFields({ circle, unit, onChange }: CircleFieldsProps) {
  const change = (part: Partial<BoltCircle>) => onChange({ ...circle, ...part });
  return (
    <View style={{ gap: 12 }}>
      <FieldRow>
        <AngleField
          label="First angle"
          hint="From +X, plus counter-clockwise."
          value={circle.firstAngle}
          onCommit={(firstAngle) => change({ firstAngle })}
        />
        <CountField
          label="Holes"
          value={circle.holes}
          onCommit={(holes) => change({ holes })}
          check={(n) =>
            n < 1
              ? 'A circle needs at least 1 hole.'
              : n > MAX_HOLES
                ? 'At most 10000 holes; split the work into several patterns.'
                : undefined
          }
        />
      </FieldRow>
      <FieldRow>
        <LengthField
          label="Circle diameter"
          unit={unit}
          value={circle.diameter}
          onCommit={(diameter) => change({ diameter })}
          check={(mm) => (mm > 0 ? undefined : 'The diameter must be greater than zero.')}
        />
        <LengthField
          label="Or its radius"
          unit={unit}
          value={circle.diameter / 2}
          onCommit={(radius) => change({ diameter: 2 * radius })}
          check={(mm) => (mm > 0 ? undefined : 'The radius must be greater than zero.')}
        />
      </FieldRow>
      <FieldRow>
        <LengthField
          label="Centre X"
          unit={unit}
          value={circle.centre.x}
          onCommit={(x) => change({ centre: { ...circle.centre, x } })}
        />
        <LengthField
          label="Centre Y"
          unit={unit}
          value={circle.centre.y}
          onCommit={(y) => change({ centre: { ...circle.centre, y } })}
        />
      </FieldRow>
      <Choice
        label="Direction, seen from above"
        value={circle.direction}
        onChange={(direction) => change({ direction })}
        options={[
          { value: 'counter-clockwise', label: 'Counter-clockwise' },
          { value: 'clockwise', label: 'Clockwise' },
        ]}
      />
      <Choice
        label="Spread"
        value={circle.arc === undefined ? 'full' : 'arc'}
        onChange={(spread) => change({ arc: spread === 'full' ? undefined : 90 })}
        options={[
          { value: 'full', label: 'Full circle' },
          { value: 'arc', label: 'Arc, hole at both ends' },
        ]}
      />
      {circle.arc !== undefined && (
        <AngleField
          label="Arc, first to last hole"
          value={circle.arc}
          onCommit={(arc) => change({ arc })}
          check={(arc) =>
            arc > 0 && arc < 360
              ? undefined
              : 'The arc must be over 0 and under 360 degrees; use the direction to go the other way.'
          }
        />
      )}
    </View>
  );
}
