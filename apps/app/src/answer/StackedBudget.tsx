import { varianceByKind } from '@zero-point/core/metrology/budgetKinds';
import type { Uncertainty } from '@zero-point/core/metrology/uncertainty';
import { View } from 'react-native';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';

/** Shares of the variance by kind, largest first. */
const budgetShares = (uncertainty: Uncertainty): { name: string; share: number }[] =>
  [...varianceByKind(uncertainty)]
    .map(([name, variance]) => ({ name, share: variance / uncertainty.u ** 2 }))
    .sort((a, b) => b.share - a.share);

/** A small bar of what makes up U: one stretch a kind, the names beneath with their shares. */
export function StackedBudget({ uncertainty }: { uncertainty: Uncertainty }) {
  const { palette } = useLook();
  const shares = budgetShares(uncertainty).filter(({ share }) => share >= 0.005);
  const shades = [palette.brass, palette.inkSoft, palette.line, palette.action, palette.ink];
  const words = shares.map(({ name, share }) => `${name} ${Math.round(100 * share)} %`).join(', ');
  return (
    <View style={{ gap: 4, maxWidth: 480 }}>
      <View
        role="img"
        aria-label={`What makes up the ±: ${words}`}
        style={{ flexDirection: 'row', height: 14, borderWidth: 1, borderColor: palette.ink }}
      >
        {shares.map(({ name, share }, i) => (
          <View
            key={name}
            style={{
              flex: share,
              backgroundColor: shades[i % shades.length],
              borderLeftWidth: i === 0 ? 0 : 1,
              borderColor: palette.ink,
            }}
          />
        ))}
      </View>
      <AppText kind="note" tone="soft">
        What makes up the ±: {words}.
      </AppText>
    </View>
  );
}
