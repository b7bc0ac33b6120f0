import { StyleSheet, View } from 'react-native';
import { AppText } from '../theme/AppText';

/** What is done one thing after another, numbered. */
export const Steps = ({ steps }: { steps: readonly string[] }) => (
  <View style={styles.list}>
    {steps.map((step, i) => (
      <AppText key={step}>
        {i + 1}. {step}
      </AppText>
    ))}
  </View>
);

const styles = StyleSheet.create({ list: { gap: 4 } });
