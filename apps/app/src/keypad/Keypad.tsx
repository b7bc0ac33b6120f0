import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { Press } from '../frame/Press';
import { TARGET } from '../frame/layout';
import PaperIcon from '../theme/PaperIcon';
import { useLook } from '../theme/useLook';
import { Figure } from '../theme/Words';
import { shopKeys } from './keys';

interface KeypadProps {
  unit: LengthUnit;
  /** Turns of a handwheel can be typed. */
  dial?: boolean;
  text: string;
  onChange: (text: string) => void;
}

/** Our own keys, so that the system keyboard never covers the drawing. */
export function Keypad({ unit, dial = false, text, onChange }: KeypadProps) {
  const { palette } = useLook();
  return (
    <View role="group" aria-label="Keypad" style={{ gap: 4 }}>
      {shopKeys(unit, dial).map((row) => (
        <View key={row[0]?.face} style={{ flexDirection: 'row', gap: 4 }}>
          {row.map((key) => (
            <Press
              key={key.face}
              aria-label={key.label}
              onPress={() => onChange(key.press(text))}
              style={{ flex: 1, height: TARGET, alignItems: 'center', paddingHorizontal: 0 }}
            >
              {key.icon ? (
                <PaperIcon name={key.icon} color={palette.ink} size={28} />
              ) : (
                <Figure size={key.face.length > 1 ? 18 : 22}>{key.face}</Figure>
              )}
            </Press>
          ))}
        </View>
      ))}
    </View>
  );
}
