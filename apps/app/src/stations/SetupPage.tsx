import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { zeroDoubtOf, type ZeroDoubt } from '@zero-point/core/state/datum/zeroDoubt';
import { featureKey } from '@zero-point/core/datum/feature';
import { airCut } from '@zero-point/core/state/zAndTools/airCut';
import { STATION_NAMES, type StationName } from '@zero-point/core/records/values/stations';
import { STATION_TITLES } from '@zero-point/core/messages/basis/stationTitles';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../controls/Choice';
import { ReadBackBar } from '../touch/ReadBackBar';
import { OutboxLine } from '../delivery/OutboxLine';
import { LinkButton } from '../controls/LinkButton';
import { Rule } from '../layout/Rule';
import { TopBar } from '../layout/TopBar';
import { useBarElsewhere, useLayoutSize } from '../layout/useLayoutSize';
import { AppText } from '../theme/AppText';
import { ZeroDoubtBar } from './ZeroDoubtBar';
import { AirCutBar } from './AirCutBar';
import { PAGES, type PageName } from './pages';
import { stationPath } from './path';
import { useDoneStations } from './useDoneStations';
import { SetupLink } from '../link/SetupLink';
import { isPractice } from '../commands/practiceLog';

export const BENCH_BACK = { to: '/', label: 'Back to Home' } as const;
export const LESSONS_BACK = { to: '/practice', label: 'Back to the lessons' } as const;

/** Whether the page in sight is the touch that settles the doubt. */
const proving = ({ faces }: ZeroDoubt, key: string): boolean => faces.some((face) => featureKey(face) === key);

interface SetupPageProps {
  book: SetupState;
  page: PageName;
  /** The pages of a lesson's notebook; a setup has its rule. */
  pages?: readonly StationName[] | undefined;
}

/** A page of a setup, with the strip that leads to the others and what is to be minded on all of them. */
export function SetupPage({ book, page, pages }: SetupPageProps) {
  const shape = useLayoutSize();
  const wide = shape === 'wide';
  const barElsewhere = useBarElsewhere();
  const { id, name } = book.setup;
  const { f } = useLocalSearchParams();
  const lift = airCut(book);
  const doubt = zeroDoubtOf(book);
  const Screen = PAGES[page];
  const here = page === 'drive' ? 'positions' : STATION_NAMES.find((name) => name === page);
  const done = useDoneStations(book);
  const marks = useMemo(
    () =>
      STATION_NAMES.map((to) => ({
        name: to,
        title: STATION_TITLES[to],
        path: stationPath(id, to),
        done: done.includes(to),
      })),
    [done, id],
  );
  const rule = <Rule stations={marks} here={here} upright={wide} />;
  const bar = (
    <TopBar
      title={name}
      back={
        page === 'drive'
          ? { to: stationPath(id, 'positions'), label: 'Back to Holes' }
          : isPractice(id)
            ? LESSONS_BACK
            : BENCH_BACK
      }
    >
      <LinkButton bare to={stationPath(id, 'log')} label={`Log ${book.readings.length}`} current={page === 'log'}>
        <AppText kind="strong">{`Log ${book.readings.length}`}</AppText>
      </LinkButton>
    </TopBar>
  );
  return (
    <SetupLink book={book}>
      {barElsewhere ? null : shape === 'side' ? (
        // On its side a phone has no height for both.
        <View style={styles.side}>
          <View style={styles.sideBar}>{bar}</View>
          <View style={styles.sideRule}>{rule}</View>
        </View>
      ) : (
        bar
      )}
      <OutboxLine />
      {pages && <Pages setupId={id} pages={pages} here={here} />}
      <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column', minHeight: 0 }}>
        {!isPractice(id) && (wide || (shape === 'upright' && page !== 'drive')) && rule}
        <View role="main" style={{ flex: 1, minHeight: 0, minWidth: 0 }}>
          {lift.set > 0 && <AirCutBar book={book} lift={lift} />}
          <ReadBackBar book={book} />
          {doubt && <ZeroDoubtBar book={book} doubt={doubt} here={page === 'datum' && proving(doubt, String(f))} />}
          <Screen book={book} />
        </View>
      </View>
    </SetupLink>
  );
}

interface PagesProps {
  setupId: string;
  pages: readonly StationName[];
  here: StationName | undefined;
}

/** A lesson's way from one page of its notebook to the other. */
function Pages({ setupId, pages, here }: PagesProps) {
  const router = useRouter();
  return (
    <View role="navigation" aria-label="Pages of the notebook" style={styles.pages}>
      <Choice
        label="Page of the notebook"
        showLabel={false}
        value={here ?? ''}
        options={pages.map((value) => ({ value: value as string, label: STATION_TITLES[value] }))}
        onChange={(to) => router.navigate(stationPath(setupId, to as StationName))}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  pages: { paddingHorizontal: 12, paddingBottom: 4 },
  side: { flexDirection: 'row', alignItems: 'center' },
  sideBar: { flex: 2, minWidth: 0 },
  sideRule: { flex: 3, minWidth: 0 },
});
