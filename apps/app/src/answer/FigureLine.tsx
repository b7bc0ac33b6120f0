import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { StyleSheet, View } from 'react-native';
import { Figure, AppText } from '../theme/AppText';

interface FigureLineProps {
  say: string;
  /** mm. */
  value: number;
  U?: number | undefined;
  unit: LengthUnit;
  size?: number;
  /** With its sign, where it could be either. */
  signed?: boolean;
}

/** One figure of an answer: what it is, the figure with its unit, and its ±. */
export const FigureLine = ({ say, value, U, unit, size = 22, signed = true }: FigureLineProps) => (
  <View style={styles.line}>
    <AppText>{say}</AppText>
    <View style={styles.figure}>
      <Figure size={size}>{formatLengthUnit(value, { unit, plus: signed })}</Figure>
      {U !== undefined && (
        <Figure size={16} tone="soft">
          {plusMinus(U, unit)}
        </Figure>
      )}
    </View>
  </View>
);

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    alignItems: 'baseline',
    columnGap: 12,
    maxWidth: 520,
  },
  figure: { flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' },
});
