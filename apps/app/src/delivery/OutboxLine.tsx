import { StyleSheet, View } from 'react-native';
import { Surface } from 'react-native-paper';
import { keepsNothing } from '../cache/deviceStorage';
import { useVersion } from '../api/offline';
import { useOutbox } from '../stores/outbox';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';
import { lazyComponent } from '../layout/lazyComponent';

const OutboxTroubles = lazyComponent(() => import('./OutboxTroubles'));

/** Says what waits to be sent, what was refused and what could not be read; takes no room while all is kept. */
export function OutboxLine() {
  const { palette } = useLook();
  const { waiting, refused, aside, away, fault } = useOutbox();
  const other = useVersion((state) => state.other);
  const troubled = other || refused.length > 0 || aside.length > 0;
  if (!away && !troubled && !keepsNothing) return null;
  const count = waiting.length === 1 ? '1 entry waits' : `${waiting.length} entries wait`;
  return (
    <Surface elevation={0} style={[styles.surface, { backgroundColor: palette.surface, borderColor: palette.warn }]}>
      {keepsNothing && (
        <Status say="This browser stores nothing for this page. Keep the page open until your log is sent, or allow it to store data." />
      )}
      {away && <Status say={awayWords(count, fault)} />}
      {troubled && <OutboxTroubles />}
    </Surface>
  );
}

function awayWords(count: string, fault: string | undefined): string {
  if (fault !== undefined) return `The server has a fault. ${fault} ${count} on this device.`;
  return keepsNothing
    ? `The server is away. ${count} on this page, and will be sent when it is back.`
    : `The server is away. ${count} on this device, safe, and will be sent when it is back.`;
}

const Status = ({ say }: { say: string }) => (
  <View role="status">
    <AppText kind="note" tone="warn" style={styles.strong}>
      {say}
    </AppText>
  </View>
);

const styles = StyleSheet.create({
  surface: { borderBottomWidth: 2, paddingHorizontal: 16, paddingVertical: 6 },
  strong: { fontWeight: '700' },
});
