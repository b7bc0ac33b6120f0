import { saveAs } from 'file-saver';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { FullCheck } from './FullCheck';
import { AppText } from '../../../theme/AppText';

/** Where the server hands out a copy of the whole shop. */
const COPIES = [
  { label: 'Save the whole shop', from: '/api/shop/copy.sqlite' },
  { label: 'Save it as JSON', from: '/api/shop/copy.json' },
] as const;

/** A copy of everything, to keep elsewhere. */
export function ShopCopies() {
  return (
    <View style={styles.group}>
      <AppText kind="sentence">Copies</AppText>
      <AppText tone="soft">
        The server makes a copy every day: kept daily for two weeks, then weekly, then monthly. Keep another copy on
        another disk. Restore on the server with npm run restore.
      </AppText>
      <View style={styles.buttons}>
        {COPIES.map(({ label, from }) => (
          <Button key={from} mode="outlined" icon="save" onPress={() => saveAs(from, from.split('/').at(-1))}>
            {label}
          </Button>
        ))}
      </View>
      <FullCheck />
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: 8 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
