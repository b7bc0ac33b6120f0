import { routineNamed } from '@zero-point/core/routines/list';
import { useLocalSearchParams, useRouter, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from 'react-native-paper';
import { GAP } from '../../layout/layout';
import { OutboxLine } from '../../delivery/OutboxLine';
import { LinkButton } from '../../controls/LinkButton';
import { RequestTrouble } from '../../delivery/RequestTrouble';
import { Loading, TroubleNotice } from '../../layout/States';
import { TopBar } from '../../layout/TopBar';
import type { Shop } from '../../api/queries';
import { useLook } from '../../theme/useLook';
import { AppText } from '../../theme/AppText';
import { AddThing } from './parts/AddThing';
import { GaugeFields } from './parts/GaugeFields';
import { HoldingFields } from './parts/HoldingFields';
import { MachineFields } from './parts/MachineFields';
import { CutterFields } from './parts/CutterFields';
import { useShopNow } from './parts/useShopNow';
import { RotaryPage } from './calibrate/RotaryPage';
import { RoutineScreen } from './calibrate/RoutineScreen';
import { isRotaryName, subjectName, subjectOf } from './calibrate/subject';
import { COLLECTION_TITLES, COLLECTIONS, isCollection, isRetired, thingFacts, keptOf, type ShopThing } from './view';
import { copyThing, retireThing } from './commands';
import { useSettings } from '../../stores/settings';

/** The shop: what it has, in four drawers. */
export function ShopScreen() {
  return (
    <ShopPage title="Shop" back={{ to: '/', label: 'Back to Home' }}>
      {(shop) => (
        <>
          <AppText kind="sentence">
            Your machines, gauges and tools. Nothing is deleted: retire what is worn out.
          </AppText>
          {COLLECTIONS.map((collection) => {
            const { many, about } = COLLECTION_TITLES[collection];
            return (
              <LinkButton key={collection} to={`/shop/${collection}`} label={`${many}: ${about}`}>
                <>
                  <AppText kind="sentence">
                    {many} · {shop[collection].length}
                  </AppText>
                  <AppText tone="soft">{about}</AppText>
                </>
              </LinkButton>
            );
          })}
        </>
      )}
    </ShopPage>
  );
}

/** One drawer: its things, the retired ones last, and the way to add another. */
export function CollectionScreen() {
  const { collection } = useLocalSearchParams();
  const units = useSettings((state) => state.units);
  if (!isCollection(collection)) return <NoSuch />;
  const { many } = COLLECTION_TITLES[collection];
  return (
    <ShopPage title={many} back={{ to: '/shop', label: 'Back to the shop' }}>
      {(shop) => {
        const things = keptOf(shop, collection);
        const shown = [...things.filter((kept) => !isRetired(kept)), ...things.filter(isRetired)];
        return (
          <>
            <View role="list" style={{ gap: 8 }}>
              {shown.map((kept) => (
                <View role="listitem" key={kept.thing.id}>
                  <LinkButton
                    to={`/shop/${collection}/${kept.thing.id}`}
                    label={`${kept.thing.name}, ${thingFacts(shop, kept, units)}${isRetired(kept) ? ', retired' : ''}`}
                  >
                    <>
                      <AppText kind="strong">{kept.thing.name}</AppText>
                      <AppText kind="note" tone="soft">
                        {thingFacts(shop, kept, units)}
                        {isRetired(kept) ? ' · retired' : ''}
                      </AppText>
                    </>
                  </LinkButton>
                </View>
              ))}
            </View>
            {shown.length === 0 && <AppText kind="sentence">Nothing here yet. Add the first below.</AppText>}
            <AddThing collection={collection} shop={shop} />
          </>
        );
      }}
    </ShopPage>
  );
}

/** One thing of the shop, every field saying what it is for. */
export function ThingScreen() {
  const params = useLocalSearchParams();
  const { collection, id, axis, do: routine } = params;
  const units = useSettings((state) => state.units);
  if (!isCollection(collection)) return <NoSuch />;
  const measuring = typeof routine === 'string' && routine !== '';
  const within = measuring || (axis !== undefined && axis !== '');
  // A rotary axis has a page of its own between its routines and the machine.
  const own = `/shop/${collection}/${String(id)}?do=&axis=${measuring && isRotaryName(axis) ? axis : ''}`;
  const back = within
    ? { to: own as '/shop', label: `Back to the ${COLLECTION_TITLES[collection].one}` }
    : { to: `/shop/${collection}` as const, label: `Back to ${COLLECTION_TITLES[collection].many}` };
  return (
    <ShopPage
      title={COLLECTION_TITLES[collection].many}
      called={(shop) => keptOf(shop, collection).find(({ thing }) => thing.id === id)?.thing.name}
      back={back}
      bare={measuring}
    >
      {(shop) => {
        const kept = keptOf(shop, collection).find(({ thing }) => thing.id === id);
        if (!kept)
          return (
            <TroubleNotice
              title={`No such ${COLLECTION_TITLES[collection].one}`}
              detail="Go back and choose one from the list."
            />
          );
        const machine = collection === 'machines' ? shop.machines.find((one) => one.id === id) : undefined;
        const subject = subjectOf(kept, axis);
        const chosen = measuring && subject ? routineNamed(subject, routine) : undefined;
        if (chosen && subject)
          return (
            <RoutineScreen
              key={`${chosen.name} ${kept.thing.id} ${String(axis)}`}
              routine={chosen}
              subject={subject}
              name={'machine' in subject ? subjectName(subject) : undefined}
              shop={shop}
              unit={machine?.units ?? units}
            />
          );
        if (measuring)
          return <TroubleNotice title="No such calibration" detail="Go back and choose one of its calibrations." />;
        if (machine && isRotaryName(axis)) return <RotaryPage machine={machine} axis={axis} shop={shop} />;
        return (
          <View key={kept.thing.id} style={{ gap: 16 }}>
            <Fields shop={shop} kept={kept} />
            <ThingActions shop={shop} kept={kept} />
          </View>
        );
      }}
    </ShopPage>
  );
}

interface KeptProps {
  shop: Shop;
  kept: ShopThing;
}

function Fields({ shop, kept: { collection, thing } }: KeptProps) {
  switch (collection) {
    case 'machines':
      return <MachineFields machine={thing} shop={shop} />;
    case 'gauges':
      return <GaugeFields gauge={thing} shop={shop} />;
    case 'cutters':
      return <CutterFields cutter={thing} shop={shop} />;
    case 'holdings':
      return <HoldingFields holding={thing} shop={shop} />;
  }
}

function ThingActions({ shop, kept }: KeptProps) {
  const router = useRouter();
  const { collection } = kept;
  const retired = isRetired(kept);
  const copy = () => router.replace(`/shop/${collection}/${copyThing(kept, shop)}`);
  const retire = () => retireThing(shop, kept, !retired);
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap' }}>
        <Button mode="outlined" onPress={copy}>
          Copy it
        </Button>
        {collection !== 'holdings' && (
          <Button mode="outlined" onPress={retire}>
            {retired ? 'Use it again' : 'Retire it'}
          </Button>
        )}
      </View>
      <AppText kind="note" tone="soft">
        {retired
          ? 'Retired: no longer offered. Kept for the readings made with it.'
          : 'Changes are saved as you make them. Earlier touches keep the size known then.'}
      </AppText>
    </View>
  );
}

interface ShopPageProps {
  title: string;
  /** What it is called instead, once the shop is there. */
  called?: (shop: Shop) => string | undefined;
  back: { to: Href; label: string };
  /** Without a scroll of its own. */
  bare?: boolean;
  children: (shop: Shop) => ReactNode;
}

/** The frame of every page of the shop: bar, outbox, and what stands in while it is not there. */
function ShopPage({ title, called, back, bare = false, children }: ShopPageProps) {
  const { palette } = useLook();
  const { shop, error, retry } = useShopNow();
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar title={(shop && called?.(shop)) ?? title} back={back} />
      <OutboxLine />
      {shop && bare ? (
        <View role="main" style={{ flex: 1, minHeight: 0 }}>
          {children(shop)}
        </View>
      ) : (
        <ScrollView
          role="main"
          style={{ flex: 1 }}
          contentContainerStyle={{
            padding: 16,
            paddingBottom: 16,
            gap: GAP,
            width: '100%',
            maxWidth: 860,
            alignSelf: 'center',
          }}
        >
          {shop ? (
            children(shop)
          ) : error ? (
            <RequestTrouble
              error={error}
              away="The shop is stored on the server. Start it, then try again."
              retry={retry}
            />
          ) : (
            <Loading what="the shop" />
          )}
        </ScrollView>
      )}
    </View>
  );
}

const NoSuch = () => (
  <ShopPage title="Shop" back={{ to: '/shop', label: 'Back to the shop' }}>
    {() => <TroubleNotice title="No such page" detail="Go back to the shop and choose one of its lists." />}
  </ShopPage>
);
