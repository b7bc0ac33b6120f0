import type { KnownMachine } from '@zero-point/core/state/basis/setupState';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import type { Shop } from '../../../api/queries';
import { LinkButton } from '../../../controls/LinkButton';
import { AppText } from '../../../theme/AppText';
import { nextNumber } from '../view';
import { saveToolNumber } from '../commands';

/** The cutters a machine has numbers for, and those of the shop it has none for. */
export function MachineTools({ machine, shop }: { machine: KnownMachine; shop: Shop }) {
  const held = shop.magazines.find(({ id }) => id === machine.id)?.tools ?? [];
  const known = (cutterId: string) => shop.cutters.find(({ id }) => id === cutterId);
  const free = shop.cutters.filter(
    ({ id, retiredOn }) => retiredOn === undefined && !held.some(({ cutterId }) => cutterId === id),
  );
  return (
    <View style={{ gap: 8 }}>
      {held.length === 0 && <AppText tone="soft">It has no tools yet.</AppText>}
      {held.map(({ number, cutterId }) => (
        <View key={number} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <View style={{ flex: 1 }}>
            <LinkButton
              to={`/shop/cutters/${cutterId}`}
              label={`T${number} ${known(cutterId)?.name ?? 'not in the shop'}`}
            />
          </View>
          <Button
            mode="outlined"
            onPress={() => saveToolNumber(shop, machine.id, cutterId, undefined)}
            accessibilityLabel={`Take tool ${number} out of ${machine.name}`}
          >
            Remove
          </Button>
        </View>
      ))}
      {free.length > 0 && (
        <AppText kind="note" tone="soft">
          Give the next number to:
        </AppText>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {free.map(({ id, name }) => (
          <Button
            mode="outlined"
            key={id}
            onPress={() => saveToolNumber(shop, machine.id, id, nextNumber(shop, machine.id))}
          >
            {name}
          </Button>
        ))}
      </View>
    </View>
  );
}
