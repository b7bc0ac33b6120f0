import { scaleErrorAt, type ScaleError } from '@zero-point/core/calibration/scale/scaleErrorAt';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { LengthField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';

interface ScaleMapProps {
  axis: 'x' | 'y' | 'z';
  errors: readonly ScaleError[];
  unit: LengthUnit;
}

/** What the scale of an axis reads over at its blocks, and what that makes of any move; told where it is asked for. */
export function ScaleMap({ axis, errors, unit }: ScaleMapProps) {
  const furthest = Math.max(...errors.map(({ at }) => at));
  const [move, setMove] = useState(furthest);
  const { error, U } = scaleErrorAt(errors, move);
  const size = (mm: number, plus = false) => formatLengthUnit(mm, { unit, plus });
  return (
    <View style={styles.list}>
      <AppText>
        {`By blocks ${axis.toUpperCase()} reads over ${errors.map((one) => `${size(one.error, true)} ${plusMinus(one.U, unit)} at ${size(one.at)}`).join(', ')}.`}
      </AppText>
      <LengthField label={`A move of ${axis.toUpperCase()} by`} unit={unit} value={move} onCommit={setMove} />
      <AppText live>
        {Math.abs(error) <= U
          ? `Over ${size(move)} nothing is to be seen beyond ${plusMinus(U, unit)}.`
          : `Over ${size(move)} it reads ${size(error, true)} ${plusMinus(U, unit)} over: to go ${size(move)}, go until it shows ${size(move + error)}.`}
        {Math.abs(move) > furthest ? ' That is further than it was measured.' : ''}
      </AppText>
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 10 } });
