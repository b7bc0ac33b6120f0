import { Image, StyleSheet, View } from 'react-native';
import { Button, List } from 'react-native-paper';
import { useNetwork, type NetworkState } from '../../../api/network';
import { TickBox } from '../../../controls/TickBox';
import { Figure, AppText } from '../../../theme/AppText';
import { momentWords } from '../../../layout/formatMoment';

const CLOCK = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

/** Side of the picture that is scanned: large enough for a phone held at arm's length, px. */
const PICTURE = 220;

/** Letting phones in over the network, and dismissing them; at the shop's own machine alone. */
export function Phones() {
  const { elsewhere, state, change, trouble, busy } = useNetwork();
  if (elsewhere)
    return <AppText tone="soft">Add and remove phones in Settings on the computer the shop runs on.</AppText>;
  return (
    <View style={styles.group}>
      <AppText kind="sentence">Phones</AppText>
      <TickBox
        label="Open the shop to the local network"
        ticked={state?.open ?? false}
        onTick={() => state && change({ open: !state.open })}
      />
      {trouble !== undefined && (
        <View role="alert">
          <AppText tone="bad">{trouble}</AppText>
        </View>
      )}
      {state?.open ? (
        <>
          <AppText>Phones on the same network find it at {state.urls.join(' or ')}.</AppText>
          {state.code ? <Code code={state.code} /> : null}
          <Button
            mode={state.code ? 'outlined' : 'contained'}
            disabled={busy}
            style={styles.start}
            onPress={() => change({ code: 'new' })}
          >
            {state.code ? 'New code' : 'Add a phone'}
          </Button>
          {state.secureUrls.length > 0 && (
            <AppText tone="soft">
              Over plain http a phone cannot start without the server, and its screen sleeps. After joining, open{' '}
              {state.urls[0]}/trust on the phone and follow the steps. Then it can do both at{' '}
              {state.secureUrls.join(' or ')}.
            </AppText>
          )}
          <AppText tone="soft">
            It stays open until the server stops. To open it at every start: npm start -- --lan
          </AppText>
        </>
      ) : (
        <AppText tone="soft">Closed: only browsers on this computer can use the shop.</AppText>
      )}
      {state && state.devices.length > 0 && (
        <List.Section title="Let in">
          {state.devices.map(({ id, name, pairedAt, seenAt }) => (
            <List.Item
              key={id}
              title={name}
              description={`Joined ${momentWords(pairedAt)}, last seen ${momentWords(seenAt)}`}
              right={() => (
                <Button mode="outlined" accessibilityLabel={`Dismiss ${name}`} onPress={() => change({ dismiss: id })}>
                  Dismiss
                </Button>
              )}
            />
          ))}
        </List.Section>
      )}
    </View>
  );
}

function Code({ code }: { code: NonNullable<NetworkState['code']> }) {
  return (
    <View style={styles.code}>
      <Image
        source={{ uri: code.qr }}
        style={styles.picture}
        accessibilityLabel="QR code for the phone: opens the joining page"
      />
      <View style={styles.group}>
        <AppText>Scan it, or open the address and type</AppText>
        <Figure size={34}>{code.code}</Figure>
        <AppText tone="soft">Good for one device, until {CLOCK.format(new Date(code.until))}.</AppText>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: 8 },
  start: { alignSelf: 'flex-start' },
  code: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 16 },
  picture: { width: PICTURE, height: PICTURE },
});
