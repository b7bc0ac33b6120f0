import type { Uncertainty } from '@zero-point/core/metrology/uncertainty';
import type { Verdict as VerdictName } from '@zero-point/core/metrology/judge';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { Words } from '../theme/Words';
import { verdictSentence } from './words';

interface VerdictProps {
  verdict: VerdictName | null;
  uncertainty: Uncertainty;
  tolerance: number;
  unit: LengthUnit;
}

const SIGN = { good: '✓', marginal: '~', poor: '✗' } as const;
const TONE = { good: 'good', marginal: 'warn', poor: 'bad' } as const;

/** How good the answer is, and whether that serves the job. */
export function Verdict({ verdict, uncertainty, tolerance, unit }: VerdictProps) {
  if (!verdict) return null;
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      <Words kind="sentence" tone={TONE[verdict]}>
        {SIGN[verdict]}
      </Words>
      <Words tone={TONE[verdict]} style={{ flex: 1, fontWeight: '700' }} live>
        {verdictSentence(verdict, uncertainty.U, tolerance, unit)}
      </Words>
    </View>
  );
}
