import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { AppText } from '../theme/AppText';
import { GAP } from './layout';

/** While something is on its way. Nothing turns meanwhile: a figure that moves by itself would hold up what is awaited. */
export function Loading({ what }: { what: string }) {
  return (
    <View role="status" style={styles.loading}>
      <AppText tone="soft">Getting {what}</AppText>
    </View>
  );
}

/** When it could not be had: what happened, and what to do. */
export function TroubleNotice({ title, detail, retry }: { title: string; detail: string; retry?: () => void }) {
  return (
    <View role="alert" style={styles.trouble}>
      <AppText kind="sentence">{title}</AppText>
      <AppText>{detail}</AppText>
      {retry && (
        <Button mode="outlined" onPress={retry}>
          Try again
        </Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  loading: { padding: 24 },
  trouble: { padding: 24, gap: GAP, alignItems: 'flex-start' },
});
