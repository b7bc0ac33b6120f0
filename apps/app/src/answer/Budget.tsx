import type { Uncertainty } from '@zero-point/core/metrology/uncertainty';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { useLook } from '../theme/useLook';
import { Figure, AppText } from '../theme/AppText';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';

/** What makes up the ±, largest first, each as its share of the variance. */
export function Budget({ uncertainty, unit }: { uncertainty: Uncertainty; unit: LengthUnit }) {
  const { palette } = useLook();
  const variance = uncertainty.u ** 2;
  const parts = [...uncertainty.parts].sort((a, b) => b.u - a.u);
  const decimals = unit === 'mm' ? 4 : 5;
  return (
    <View style={{ gap: 6, maxWidth: 480 }}>
      {parts.map((part) => (
        <View key={part.name}>
          <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
            <AppText kind="note">{part.name}</AppText>
            <Figure size={15}>
              {formatLength(part.u, { unit, decimals })} {unit}
            </Figure>
          </View>
          <View style={{ height: 6, backgroundColor: palette.line }}>
            <View
              style={{
                height: 6,
                width: `${Math.round((100 * part.u ** 2) / variance)}%`,
                backgroundColor: palette.brass,
              }}
            />
          </View>
        </View>
      ))}
      <AppText kind="note" tone="soft">
        Together {formatLength(uncertainty.u, { unit, decimals })} {unit} standard; times {uncertainty.k.toFixed(2)} is{' '}
        {plusMinus(uncertainty.U, unit)} at 95 %.
      </AppText>
    </View>
  );
}
