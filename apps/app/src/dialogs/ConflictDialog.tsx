import { differenceWords } from '@zero-point/core/messages/basis/documentDiff';
import { StyleSheet, View } from 'react-native';
import { Button, Divider } from 'react-native-paper';
import type { Shop } from '../api/queries';
import { queryClient, shopKey } from '../api/queryClient';
import type { Refused } from '../outbox/outbox';
import { Figure, AppText } from '../theme/AppText';
import { PageDialog } from './PageDialog';

interface ConflictDialogProps {
  title: string;
  refused: Refused;
  onMine: () => void;
  onTheirs: () => void;
  onLeave: () => void;
}

/** So many lines are shown; the rest is counted. */
const SHOWN = 12;

/** What the shop's things are called, by their ids. */
function namesOf(shop: Shop | undefined): Record<string, string> {
  const things = [shop?.machines, shop?.gauges, shop?.cutters, shop?.parts, shop?.holdings];
  return Object.fromEntries(things.flatMap((list) => (list ?? []).map(({ id, name }) => [id, name])));
}

/** Two versions of one thing side by side, by what they differ in, to choose from. */
export default function ConflictDialog({ title, refused, onMine, onTheirs, onLeave }: ConflictDialogProps) {
  const names = namesOf(queryClient.getQueryData<Shop>(shopKey));
  const all = differenceWords(refused.entry.body, refused.current?.body, names);
  return (
    <PageDialog title={`Which ${title} counts?`} leave="Decide later" onLeave={onLeave}>
      <AppText kind="note" tone="soft">
        Lengths in mm. The other version is removed from this device. All readings stay in the log.
      </AppText>
      {all.length === 0 && <AppText>Both are the same. Choose either.</AppText>}
      {all.slice(0, SHOWN).map(({ what, mine, theirs }) => (
        <View key={what}>
          <AppText kind="strong">{what}</AppText>
          <View style={styles.both}>
            <Side label="this device" value={mine} />
            <Side label="the other" value={theirs} />
          </View>
          <Divider />
        </View>
      ))}
      {all.length > SHOWN && <AppText>and {all.length - SHOWN} more.</AppText>}
      <View style={styles.both}>
        <Button mode="outlined" compact onPress={onMine} style={styles.side}>
          This device’s
        </Button>
        <Button mode="outlined" compact onPress={onTheirs} style={styles.side}>
          The other’s
        </Button>
      </View>
    </PageDialog>
  );
}

const Side = ({ label, value }: { label: string; value: string }) => (
  <View style={styles.side}>
    <AppText kind="note" tone="soft">
      {label}
    </AppText>
    <Figure size={17}>{value}</Figure>
  </View>
);

const styles = StyleSheet.create({ both: { flexDirection: 'row', gap: 8 }, side: { flex: 1, minWidth: 0 } });
