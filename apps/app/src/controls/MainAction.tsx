import { StyleSheet } from 'react-native';
import { Button, useTheme } from 'react-native-paper';
import { MAIN_TARGET } from '../layout/layout';

interface MainActionProps {
  label: string;
  onPress: () => void;
  disabled?: boolean;
}

/** The one thing to press next, within the thumb's reach, and no wider than a hand. */
export function MainAction({ label, onPress, disabled = false }: MainActionProps) {
  const { fonts } = useTheme();
  return (
    <Button
      mode="contained"
      onPress={onPress}
      disabled={disabled}
      style={styles.button}
      contentStyle={styles.content}
      labelStyle={{ ...fonts.titleLarge, marginVertical: 4 }}
    >
      {label}
    </Button>
  );
}

const styles = StyleSheet.create({
  button: { minHeight: MAIN_TARGET, width: '100%', maxWidth: 480 },
  content: { minHeight: MAIN_TARGET },
});
