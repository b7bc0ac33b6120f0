import { StyleSheet, View } from 'react-native';
import { ProgressBar as PaperProgressBar } from 'react-native-paper';

interface ProgressBarProps {
  label: string;
  done: number;
  most: number;
}

/** How far something is that takes a while; `done` is counted, not a share. */
export const ProgressBar = ({ label, done, most }: ProgressBarProps) => (
  // It fills what it stands in.
  <View style={styles.bar}>
    <PaperProgressBar
      progress={done / most}
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={most}
      aria-valuenow={done}
      style={styles.bar}
    />
  </View>
);

const styles = StyleSheet.create({ bar: { height: 12 } });
