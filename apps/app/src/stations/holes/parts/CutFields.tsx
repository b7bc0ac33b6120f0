import type { Machining } from '@zero-point/core/state/holes/machiningOrder';
import type { Cut } from '@zero-point/core/holes/startingCut';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField, FeedField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';

interface CutFieldsProps {
  name: string;
  machining: Machining;
  cut: Cut;
  unit: LengthUnit;
  onChange: (cut: Cut) => void;
}

/** Speed and feed of one step by its tool. */
export function CutFields({ name, machining, cut, unit, onChange }: CutFieldsProps) {
  const { tool, wanted, stops } = machining;
  return (
    <View role="group" aria-label={name} style={{ gap: 6 }}>
      <AppText style={{ fontWeight: '700' }}>
        {name}, {stops.length} {stops.length === 1 ? 'hole' : 'holes'}
      </AppText>
      {tool ? (
        <FieldRow>
          <CountField
            label="Speed, rpm"
            value={Math.round(cut.rpm)}
            onCommit={(rpm) => onChange({ ...cut, rpm })}
            check={(n) => (n > 0 && n <= 100_000 ? undefined : 'From 1 to 100000.')}
          />
          <FeedField unit={unit} value={cut.feed} onCommit={(feed) => onChange({ ...cut, feed })} />
        </FieldRow>
      ) : (
        <AppText tone="warn">
          ▲ This machine has no tool for it
          {wanted ? ` of ⌀ ${formatLengthUnit(wanted.aim, { unit })}` : ''}. Give it one in Shop, with its number.
        </AppText>
      )}
    </View>
  );
}
