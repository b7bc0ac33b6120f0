import type { Reading } from '@zero-point/core/records/log/reading';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { Figure, AppText } from '../theme/AppText';

interface ReadingChipsProps {
  readings: readonly Reading[];
  wild: readonly string[];
  unit: LengthUnit;
}

/** The readings so far on one line or two, in sight while the next is typed. */
export function ReadingChips({ readings, wild, unit }: ReadingChipsProps) {
  return (
    <View
      role="list"
      aria-label="Readings so far"
      style={{ flexDirection: 'row', flexWrap: 'wrap', flexShrink: 1, columnGap: 14, rowGap: 2 }}
    >
      {readings.map((reading) => {
        const struck = reading.struckBy !== null;
        const far = !struck && wild.includes(reading.id);
        return (
          <View role="listitem" key={reading.id} style={{ flexDirection: 'row', alignItems: 'baseline', gap: 4 }}>
            {far && (
              <AppText kind="note" tone="bad" style={{ fontWeight: '700' }}>
                ▲ far
              </AppText>
            )}
            <Figure
              size={18}
              tone={struck ? 'soft' : far ? 'bad' : 'ink'}
              style={struck ? { textDecorationLine: 'line-through' } : null}
            >
              {formatLength(reading.value, { unit })}
            </Figure>
          </View>
        );
      })}
      <AppText kind="note" tone="soft">
        {unit}
      </AppText>
    </View>
  );
}
