import { View } from 'react-native';
import { useOutbox } from '../stores/outbox';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';
import { Press } from './Press';

/** Says what waits to be sent and what was refused; takes no room while all is kept. */
export function OutboxLine() {
  const { palette } = useLook();
  const { waiting, refused, away, dismiss } = useOutbox();
  if (!away && refused.length === 0) return null;
  const count = waiting.length === 1 ? '1 entry waits' : `${waiting.length} entries wait`;
  return (
    <View
      style={{
        backgroundColor: palette.surface,
        borderBottomWidth: 2,
        borderColor: palette.warn,
        paddingHorizontal: 16,
        paddingVertical: 6,
      }}
    >
      {away && (
        <View role="status">
          <Words kind="note" tone="warn" style={{ fontWeight: '700' }}>
            The server is away. {count} on this device, safe, and will be sent when it is back.
          </Words>
        </View>
      )}
      {refused.map(({ key, reason }) => (
        <View key={key} role="alert" style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Words kind="note" tone="bad" style={{ flex: 1 }}>
            Not stored: {reason}
          </Words>
          <Press look="bare" onPress={() => dismiss(key)}>
            <Words kind="note">Seen</Words>
          </Press>
        </View>
      ))}
    </View>
  );
}
