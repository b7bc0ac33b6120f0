import { GAUGE_FACTS, GAUGE_KINDS } from '@zero-point/core/metrology/gaugeKinds';
import { MACHINE_KINDS } from '@zero-point/core/shop/startingMachine';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Press } from '../../../frame/Press';
import type { Shop } from '../../../api/queries';
import { useSettings } from '../../../stores/settings';
import { Words } from '../../../theme/Words';
import { addCutter, addGauge, addHolding, addMachine, type Collection } from '../view';

/** Adds a thing from a sensible starting point, and opens it. */
export function AddThing({ collection, shop }: { collection: Collection; shop: Shop }) {
  const router = useRouter();
  const units = useSettings((state) => state.units);
  const open = (id: string) => router.navigate(`/shop/${collection}/${id}`);
  switch (collection) {
    case 'machines':
      return (
        <View style={{ gap: 8 }}>
          <Words kind="sentence">Add a machine. Which comes nearest?</Words>
          {MACHINE_KINDS.map(({ kind, name, about }) => (
            <Press key={kind} onPress={() => open(addMachine(shop, kind, units))} style={{ paddingVertical: 8 }}>
              <Words style={{ fontWeight: '700' }}>{name}</Words>
              <Words kind="note" tone="soft">
                {about}
              </Words>
            </Press>
          ))}
        </View>
      );
    case 'gauges':
      return (
        <View style={{ gap: 8 }}>
          <Words kind="sentence">Add a gauge. What is it?</Words>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {GAUGE_KINDS.map((kind) => (
              <Press
                key={kind}
                onPress={() => open(addGauge(shop, kind, units))}
                aria-label={`Add a ${GAUGE_FACTS[kind].name}`}
              >
                <Words>{GAUGE_FACTS[kind].name}</Words>
              </Press>
            ))}
          </View>
        </View>
      );
    case 'cutters':
      return (
        <Press onPress={() => open(addCutter(shop))} style={{ alignItems: 'center' }}>
          <Words>Add a tool</Words>
        </Press>
      );
    case 'holdings':
      return (
        <Press onPress={() => open(addHolding(shop))} style={{ alignItems: 'center' }}>
          <Words>Add a list of our own</Words>
        </Press>
      );
  }
}
