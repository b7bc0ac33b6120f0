import { StyleSheet, View } from 'react-native';
import { Checkbox } from 'react-native-paper';
import { useLook } from '../theme/useLook';
import { TARGET } from '../layout/layout';

interface TickBoxProps {
  label: string;
  ticked: boolean;
  onTick: () => void;
  /** A miss here hurts: framed so that nobody reads over it. */
  grave?: boolean;
}

/** A box to tick, with its sentence. */
export function TickBox({ label, ticked, onTick, grave = false }: TickBoxProps) {
  const { palette } = useLook();
  return (
    <View
      style={[
        styles.box,
        { backgroundColor: palette.surface, borderColor: grave ? palette.warn : palette.edge },
        grave && styles.grave,
      ]}
    >
      <Checkbox.Item
        mode="android"
        position="leading"
        label={label}
        status={ticked ? 'checked' : 'unchecked'}
        onPress={onTick}
        uncheckedColor={palette.ink}
        style={styles.row}
        labelStyle={styles.label}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  box: { borderWidth: 1, borderRadius: 8 },
  grave: { borderWidth: 2 },
  row: { minHeight: TARGET, paddingVertical: 4, paddingHorizontal: 6 },
  label: { textAlign: 'left', paddingLeft: 6 },
});
