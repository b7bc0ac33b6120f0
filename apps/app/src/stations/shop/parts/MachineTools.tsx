import type { KnownMachine } from '@zero-point/core/book/book';
import { View } from 'react-native';
import type { Shop } from '../../../api/queries';
import { Press } from '../../../frame/Press';
import { PressLink } from '../../../frame/PressLink';
import { Words } from '../../../theme/Words';
import { giveNumber, nextNumber } from '../view';

/** The cutters a machine has numbers for, and those of the shop it has none for. */
export function MachineTools({ machine, shop }: { machine: KnownMachine; shop: Shop }) {
  const held = shop.magazines.find(({ id }) => id === machine.id)?.tools ?? [];
  const known = (cutterId: string) => shop.cutters.find(({ id }) => id === cutterId);
  const free = shop.cutters.filter(
    ({ id, retiredOn }) => retiredOn === undefined && !held.some(({ cutterId }) => cutterId === id),
  );
  return (
    <View style={{ gap: 8 }}>
      {held.length === 0 && <Words tone="soft">It has no tools yet.</Words>}
      {held.map(({ number, cutterId }) => (
        <View key={number} style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <PressLink to={`/shop/cutters/${cutterId}`} style={{ flex: 1 }}>
            <Words>
              T{number} {known(cutterId)?.name ?? 'not in the shop'}
            </Words>
          </PressLink>
          <Press
            onPress={() => giveNumber(shop, machine.id, cutterId, undefined)}
            aria-label={`Take tool ${number} out of ${machine.name}`}
          >
            <Words kind="note">Take out</Words>
          </Press>
        </View>
      ))}
      {free.length > 0 && (
        <Words kind="note" tone="soft">
          Give the next number to:
        </Words>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {free.map(({ id, name }) => (
          <Press key={id} onPress={() => giveNumber(shop, machine.id, id, nextNumber(shop, machine.id))}>
            <Words>{name}</Words>
          </Press>
        ))}
      </View>
    </View>
  );
}
