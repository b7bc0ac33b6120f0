import { Image, StyleSheet, View } from 'react-native';
import { Button, List } from 'react-native-paper';
import { useNetwork, type NetworkState } from '../../../api/network';
import { TickBox } from '../../../controls/TickBox';
import { Figure, Words } from '../../../theme/AppText';
import { momentWords } from '../../../layout/formatMoment';

const CLOCK = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

/** Side of the picture that is scanned: large enough for a phone held at arm's length, px. */
const PICTURE = 220;

/** Letting phones in over the network, and dismissing them; at the shop's own machine alone. */
export function Phones() {
  const { elsewhere, state, change, trouble, busy } = useNetwork();
  if (elsewhere)
    return (
      <Words tone="soft">Phones are let in and dismissed on the machine the shop runs on, in Settings there.</Words>
    );
  return (
    <View style={styles.group}>
      <Words kind="sentence">Phones</Words>
      <TickBox
        label="Open the shop to the local network"
        ticked={state?.open ?? false}
        onTick={() => state && change({ open: !state.open })}
      />
      {trouble !== undefined && (
        <View role="alert">
          <Words tone="bad">{trouble}</Words>
        </View>
      )}
      {state?.open ? (
        <>
          <Words>Phones on the same network find it at {state.urls.join(' or ')}.</Words>
          {state.code ? <Code code={state.code} /> : null}
          <Button
            mode={state.code ? 'outlined' : 'contained'}
            disabled={busy}
            style={styles.start}
            onPress={() => change({ code: 'new' })}
          >
            {state.code ? 'Another code' : 'Let a phone in'}
          </Button>
          {state.secureUrls.length > 0 && (
            <Words tone="soft">
              Over plain http a phone cannot start while the server is away, nor is its screen kept awake. Once it has
              joined, let it open {state.urls[0]}/trust: that walks it through trusting this shop, and then it does both
              at {state.secureUrls.join(' or ')}.
            </Words>
          )}
          <Words tone="soft">It stays open until the server stops; to open it from the start: npm start -- --lan</Words>
        </>
      ) : (
        <Words tone="soft">Closed: only browsers on this machine are answered.</Words>
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
        accessibilityLabel="A code to scan with the phone: it opens the page that joins"
      />
      <View style={styles.group}>
        <Words>Scan it, or open the address and type</Words>
        <Figure size={34}>{code.code}</Figure>
        <Words tone="soft">Good for one device, until {CLOCK.format(new Date(code.until))}.</Words>
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
