import { TOUCH_PART } from '@zero-point/core/metrology/touchBudget';
import type { BudgetPart, Uncertainty } from '@zero-point/core/metrology/uncertainty';
import { View } from 'react-native';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';

/** Parts of one kind, whatever face they are of, count as one here. */
const KINDS: readonly { name: string; of: (part: BudgetPart) => boolean }[] = [
  { name: 'repeats', of: ({ name }) => name.startsWith('repeats') || name === 'touches' },
  { name: 'display', of: ({ name }) => name.startsWith('display') },
  { name: 'feel of the touch', of: ({ name }) => name.startsWith(TOUCH_PART) },
  { name: 'size', of: ({ name }) => name.includes('size') },
  { name: 'step of the search', of: ({ name }) => name.startsWith('step of the search') },
  { name: 'backlash', of: ({ name }) => name.startsWith('backlash') },
  { name: 'homing', of: ({ name }) => name === 'homing' },
  { name: 'run-out', of: ({ name }) => name.startsWith('run-out') },
];

/** Shares of the variance by kind, largest first. */
function budgetShares({ parts, u }: Uncertainty): { name: string; share: number }[] {
  const kindOf = (part: BudgetPart) => KINDS.find(({ of }) => of(part))?.name ?? 'other';
  const names = [...new Set(parts.map(kindOf))];
  return names
    .map((name) => ({
      name,
      share: parts.filter((part) => kindOf(part) === name).reduce((sum, part) => sum + part.u ** 2, 0) / u ** 2,
    }))
    .sort((a, b) => b.share - a.share);
}

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
      <Words kind="note" tone="soft">
        What makes up the ±: {words}.
      </Words>
    </View>
  );
}
