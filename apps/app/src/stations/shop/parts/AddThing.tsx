import { GAUGE_FACTS, GAUGE_KINDS } from '@zero-point/core/metrology/gauges/gaugeKinds';
import { MACHINE_KINDS } from '@zero-point/core/shop/startingMachine';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { CardButton } from '../../../controls/CardButton';
import type { Shop } from '../../../api/queries';
import { useSettings } from '../../../stores/settings';
import { AppText } from '../../../theme/AppText';
import { type Collection } from '../view';
import { addHolding, addCutter, addGauge, addMachine } from '../commands';

/** Adds a thing from a sensible starting point, and opens it. */
export function AddThing({ collection, shop }: { collection: Collection; shop: Shop }) {
  const router = useRouter();
  const units = useSettings((state) => state.units);
  const open = (id: string) => router.navigate(`/shop/${collection}/${id}`);
  switch (collection) {
    case 'machines':
      return (
        <View style={{ gap: 8 }}>
          <AppText kind="sentence">Add a machine. Which is most like yours?</AppText>
          {MACHINE_KINDS.map(({ kind, name, about }) => (
            <CardButton key={kind} label={`${name}, ${about}`} onPress={() => open(addMachine(shop, kind, units))}>
              <AppText kind="strong">{name}</AppText>
              <AppText kind="note" tone="soft">
                {about}
              </AppText>
            </CardButton>
          ))}
        </View>
      );
    case 'gauges':
      return (
        <View style={{ gap: 8 }}>
          <AppText kind="sentence">Add a gauge. What is it?</AppText>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {GAUGE_KINDS.map((kind) => (
              <Button
                mode="outlined"
                key={kind}
                onPress={() => open(addGauge(shop, kind, units))}
                accessibilityLabel={`Add a gauge: ${GAUGE_FACTS[kind].name}`}
              >
                {GAUGE_FACTS[kind].name}
              </Button>
            ))}
          </View>
        </View>
      );
    case 'cutters':
      return (
        <Button mode="outlined" onPress={() => open(addCutter(shop))}>
          Add a tool
        </Button>
      );
    case 'holdings':
      return (
        <Button mode="outlined" onPress={() => open(addHolding(shop))}>
          Add your own list
        </Button>
      );
  }
}
