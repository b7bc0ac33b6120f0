import type { Carry } from '@zero-point/core/calculators/form';
import { FIRST_VERSION } from '@zero-point/core/records/kinds/kind';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { uuidv7 } from 'uuidv7';
import { useBench } from '../../api/setupList';
import { PageDialog } from '../../dialogs/PageDialog';
import { CardButton } from '../../controls/CardButton';
import { stationPath } from '../../stations/path';
import { useOutbox } from '../../stores/outbox';
import { AppText } from '../../theme/AppText';

const HOLE = 5;

/** Asks into which setup it is carried, and opens it there: a pattern is kept, a reading stands ready to be logged. */
export function CarryDialog({ carry, onLeave }: { carry: Carry; onLeave: () => void }) {
  const router = useRouter();
  const bench = useBench();
  const take = (setupId: string) => {
    onLeave();
    if (carry.to === 'positions') {
      const id = uuidv7();
      const body = { id, name: 'Bolt circle', kind: 'bolt-circle' as const, holeDiameter: HOLE, circle: carry.circle };
      useOutbox.getState().log({ kind: 'pattern', setupId, body, began: FIRST_VERSION, version: uuidv7() });
      router.navigate(`${stationPath(setupId, 'positions')}?pattern=${id}`);
      return;
    }
    const typed = encodeURIComponent(carry.typed);
    router.navigate(
      carry.to === 'datum'
        ? `${stationPath(setupId, 'datum')}?f=${carry.feature}&typed=${typed}`
        : `${stationPath(setupId, 'heights')}?typed=${typed}`,
    );
  };
  return (
    <PageDialog title="Use in which setup?" leave="Leave it here" onLeave={onLeave}>
      {bench.data?.length === 0 && <AppText>There is no setup yet. Start one on Home first.</AppText>}
      <View style={styles.list}>
        {bench.data?.slice(0, 8).map(({ id, name, machine }) => (
          <CardButton key={id} label={`${name}, ${machine}`} onPress={() => take(id)}>
            <AppText kind="strong">{name}</AppText>
            <AppText kind="note" tone="soft">
              {machine}
            </AppText>
          </CardButton>
        ))}
      </View>
    </PageDialog>
  );
}

const styles = StyleSheet.create({ list: { gap: 8 } });
