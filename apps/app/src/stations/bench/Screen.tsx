import { STANDING_CAUTION } from '@zero-point/core/cautions/caution';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Searchbar } from 'react-native-paper';
import { useBench, useSetAside, useShopKind, useSetupStatus } from '../../api/setupList';
import { requestTrouble } from '../../api/requestTrouble';
import { Fold } from '../../answer/Fold';
import { Choice } from '../../controls/Choice';
import { GAP } from '../../layout/layout';
import { LinkButton } from '../../controls/LinkButton';
import { RequestTrouble } from '../../delivery/RequestTrouble';
import { Loading } from '../../layout/States';
import { TopBar } from '../../layout/TopBar';
import { useWide } from '../../layout/useLayoutSize';
import { useLook } from '../../theme/useLook';
import { AppText } from '../../theme/AppText';
import { useDelivery } from '../delivery';
import { lazyComponent } from '../../layout/lazyComponent';
import { DueList } from './parts/DueList';
import { SetupCard } from './parts/SetupCard';
import { benchView, type CardView, type Sorting } from './view';

/** So many cards tell where they stand; what lies further back is found by its name. */
const TOLD = 60;

const OutboxLine = lazyComponent<object>(() =>
  import('../../delivery/OutboxLine').then((module) => ({ default: module.OutboxLine })),
);

/** The bench: carry on with a setup, or reckon something at once. */
export default function BenchScreen() {
  const router = useRouter();
  const wide = useWide();
  const { palette } = useLook();
  const delivering = useDelivery(({ begun }) => begun);
  const bench = useBench();
  const [wanted, setWanted] = useState('');
  const [sorting, setSorting] = useState<Sorting>('newest');
  const ids = useMemo(() => bench.data?.slice(0, TOLD).map(({ id }) => id) ?? [], [bench.data]);
  const standings = useSetupStatus(ids);
  const view = useMemo(
    () => benchView(bench.data ?? [], standings.data ?? [], wanted, sorting),
    [bench.data, standings.data, wanted, sorting],
  );
  const empty = bench.data?.length === 0;
  const ways = (
    <View style={styles.ways}>
      <Button
        mode="outlined"
        compact
        onPress={() => router.navigate('/at-once')}
        style={styles.way}
        labelStyle={styles.wayLabel}
      >
        Calculators
      </Button>
      <Button
        mode="outlined"
        compact
        onPress={() => router.navigate('/practice')}
        style={styles.way}
        labelStyle={styles.wayLabel}
      >
        Practice
      </Button>
      <Button
        mode="contained"
        compact
        onPress={() => router.navigate('/new')}
        style={styles.way}
        labelStyle={styles.wayLabel}
      >
        Start a setup
      </Button>
    </View>
  );
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <TopBar title="Zero Point">
        <LinkButton bare to="/shop" label="Shop" />
        <LinkButton bare to="/settings" label="Settings" />
      </TopBar>
      {delivering && <OutboxLine />}
      <ScrollView role="main" style={styles.page} contentContainerStyle={styles.body}>
        {bench.data && (
          <AppText kind="sentence">
            {empty ? 'No setups yet. Use a calculator, or start a setup.' : 'Your setups'}
          </AppText>
        )}
        {view.searched && (
          <View style={styles.search}>
            <Searchbar
              value={wanted}
              onChangeText={setWanted}
              placeholder="Name, part or machine"
              accessibilityLabel="Find a setup"
              mode="bar"
              style={[styles.searchbar, { backgroundColor: palette.surface, borderColor: palette.edge }]}
            />
            <Choice
              label="Order"
              showLabel={false}
              value={sorting}
              options={[
                { value: 'newest', label: 'Newest' },
                { value: 'name', label: 'By name' },
              ]}
              onChange={setSorting}
            />
          </View>
        )}
        {bench.isPending && <Loading what="the bench" />}
        {bench.isError && !bench.data && (
          <RequestTrouble
            error={bench.error}
            away="Start it with npm start or npm run demo, then try again. Your log on this device is safe."
            retry={() => void bench.refetch()}
          />
        )}
        {bench.isError && bench.data && (
          <AppText kind="note" tone="warn" live>
            {`${requestTrouble(bench.error, '').title}. These are the setups as this device last saw them. Your log is kept here until the server answers.`}
          </AppText>
        )}
        {bench.data && <SetAsideLine />}
        <DueList />
        <Cards cards={view.open} wide={wide} />
        {view.finished.length > 0 && (
          <Fold title={`Finished: ${view.finished.length}`}>
            <Cards cards={view.finished} wide={wide} />
          </Fold>
        )}
        {wanted !== '' && view.open.length + view.finished.length === 0 && (
          <AppText>No setup is called “{wanted}”.</AppText>
        )}
        {empty && <DemoHint />}
        <AppText kind="note" tone="soft">
          △ {STANDING_CAUTION}
        </AppText>
        {wide && ways}
      </ScrollView>
      {!wide && <View style={[styles.dock, { borderColor: palette.line }]}>{ways}</View>}
    </View>
  );
}

/** Rows of the file that were changed behind the server's back, with the way to the full check and to a backup. */
function SetAsideLine() {
  const rows = useSetAside();
  if (rows === 0) return null;
  return (
    <View role="alert" style={styles.aside}>
      <AppText tone="bad">
        {`${rows === 1 ? '1 entry of the shop’s file was' : `${rows} entries of the shop’s file were`} changed outside Zero Point. ${rows === 1 ? 'It is' : 'They are'} left out; everything else works.`}
      </AppText>
      <LinkButton to="/settings" label="Check the whole file" />
    </View>
  );
}

/** Says where the shop with something in it is, and that it is kept apart. */
function DemoHint() {
  const kind = useShopKind();
  if (kind !== 'own') return null;
  return <AppText tone="soft">To see a shop at work, start the demo: npm run demo. It uses its own database.</AppText>;
}

function Cards({ cards, wide }: { cards: readonly CardView[]; wide: boolean }) {
  return (
    <View role="list" style={styles.cards}>
      {cards.map((card) => (
        <View role="listitem" key={card.id} style={wide ? styles.half : styles.whole}>
          <SetupCard card={card} />
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1 },
  body: { padding: 16, paddingTop: 4, gap: GAP, maxWidth: 1240 },
  aside: { gap: 8, alignItems: 'flex-start' },
  search: { gap: 8, maxWidth: 640 },
  searchbar: { borderWidth: 1.5 },
  cards: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP },
  half: { width: '48.8%' },
  whole: { width: '100%' },
  ways: { flexDirection: 'row', gap: 8 },
  way: { flex: 1, minWidth: 0, maxWidth: 320 },
  wayLabel: { fontSize: 15, marginHorizontal: 2 },
  dock: { paddingHorizontal: 12, paddingVertical: 8, borderTopWidth: 1 },
});
