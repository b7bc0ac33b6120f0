import type { Uncertainty } from '@zero-point/core/metrology/uncertainty';
import type { Verdict as VerdictName } from '@zero-point/core/metrology/judge';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { AppText } from '../theme/AppText';
import { verdictSentence } from '@zero-point/core/messages/basis/verdict';

interface VerdictProps {
  verdict: VerdictName | null;
  uncertainty: Uncertainty;
  tolerance: number;
  unit: LengthUnit;
  /** One reading lies far from the others: that comes before any talk of a better finder. */
  wild: boolean;
}

const SIGN = { good: '✓', marginal: '~', poor: '✗' } as const;
const TONE = { good: 'good', marginal: 'warn', poor: 'bad' } as const;

/** How good the answer is, and whether that serves the job. */
export function VerdictLine({ verdict, uncertainty, tolerance, unit, wild }: VerdictProps) {
  if (!verdict) return null;
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <AppText kind="sentence" tone={TONE[verdict]}>
        {SIGN[verdict]}
      </AppText>
      <AppText tone={TONE[verdict]} style={{ flex: 1, fontWeight: '700' }} live>
        {verdictSentence(verdict, uncertainty, tolerance, unit, wild)}
      </AppText>
    </View>
  );
}
