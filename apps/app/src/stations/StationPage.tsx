import type { Book } from '@zero-point/core/book/book';
import { doubtOf, type Doubt } from '@zero-point/core/book/comingBack';
import { featureKey } from '@zero-point/core/datum/feature';
import { airPass } from '@zero-point/core/book/airPass';
import { STATION_TITLES } from '@zero-point/core/words/progress';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, type ComponentType } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../frame/Choice';
import { KeysDialog } from '../frame/KeysDialog';
import { ReadBackBar } from '../answer/ReadBackBar';
import { OutboxLine } from '../frame/OutboxLine';
import { LinkButton } from '../frame/LinkButton';
import { Rule } from '../frame/Rule';
import { Loading, Trouble } from '../frame/States';
import { TopBar } from '../frame/TopBar';
import { useBarElsewhere, useShape } from '../frame/useShape';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';
import LogScreen from './log/Screen';
import DriveScreen from './positions/parts/Drive';
import type { StationName } from '@zero-point/core/record/stations';
import { DoubtBar } from './DoubtBar';
import { LiftedBar } from './LiftedBar';
import { STATIONS } from './list';
import { stationPath } from './path';
import { LinkOf } from '../link/LinkOf';
import RoutinePage from '../practice/RoutinePage';
import { PracticeSplit } from '../practice/PracticeSplit';
import { usePracticeBook } from '../practice/usePracticeBook';
import { useSetup } from '../record/useSetup';
import { isLesson, isPractice } from '../stores/practice';

type PageName = StationName | 'drive' | 'log' | 'routine';

type Screen = ComponentType<{ book: Book }>;

/** Every page of a set-up: its stations, and what stands beside the strip. */
const SCREENS: Readonly<Record<string, Screen>> = {
  ...Object.fromEntries(STATIONS.map(({ name, Screen }): [PageName, Screen] => [name, Screen])),
  drive: DriveScreen,
  log: LogScreen,
  routine: RoutinePage,
} satisfies Partial<Record<PageName, Screen>>;

const BENCH_BACK = { to: '/', label: 'Back to the bench' } as const;
const LESSONS_BACK = { to: '/practice', label: 'Back to the lessons' } as const;

const stationOf = (name: unknown) => STATIONS.find((station) => station.name === name);

const isPage = (name: unknown): name is PageName => typeof name === 'string' && Object.hasOwn(SCREENS, name);

/** One station of one set-up, or of the practice mill's. */
export default function StationPage() {
  const id = String(useLocalSearchParams().setup);
  return isPractice(id) ? <PracticeStation id={id} /> : <OwnStation id={id} />;
}

/** A page of a lesson, with the mill beside it. */
function PracticeStation({ id }: { id: string }) {
  const { station } = useLocalSearchParams();
  const { palette } = useLook();
  const practice = usePracticeBook(id);
  const book = practice?.book;
  const pages = practice?.running.lesson.pages;
  // The notebook changes with what is logged, not at every line of a wheel.
  const notebook = useMemo(
    () => (book && isPage(station) ? <Page book={book} page={station} pages={pages} /> : undefined),
    [book, station, pages],
  );
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      {practice && notebook ? (
        <PracticeSplit {...practice}>{notebook}</PracticeSplit>
      ) : (
        <>
          <TopBar title="Practise" back={LESSONS_BACK} />
          <View role="main">
            {isLesson(id) && isPage(station) ? (
              <Loading what="the practice mill" />
            ) : (
              <Trouble title="No such lesson" detail="Go back to the lessons and begin one from there." />
            )}
          </View>
        </>
      )}
      <KeysDialog />
    </View>
  );
}

/** A station with the strip that leads to the others. */
function OwnStation({ id }: { id: string }) {
  const params = useLocalSearchParams();
  const state = useSetup(id);
  const { palette } = useLook();
  const page = isPage(params.station) ? params.station : undefined;
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      {state.kind === 'ready' && page ? (
        <Page book={state.book} page={page} />
      ) : (
        <>
          <TopBar title="Set-up" back={BENCH_BACK} />
          <View role="main">
            {!page ? (
              <Trouble title="No such station" detail="Go back to the bench and open the set-up from there." />
            ) : state.kind === 'trouble' ? (
              <Trouble title={state.title} detail={state.detail} retry={state.retry} />
            ) : (
              <Loading what="the set-up" />
            )}
          </View>
        </>
      )}
      <KeysDialog />
    </View>
  );
}

/** Whether the page in sight is the touch that settles the doubt. */
const proving = ({ faces }: Doubt, key: string): boolean => faces.some((face) => featureKey(face) === key);

interface PageProps {
  book: Book;
  page: PageName;
  /** The pages of a lesson's notebook; a set-up has its rule. */
  pages?: readonly StationName[] | undefined;
}

function Page({ book, page, pages }: PageProps) {
  const shape = useShape();
  const wide = shape === 'wide';
  const barElsewhere = useBarElsewhere();
  const { id, name } = book.setup;
  const { f } = useLocalSearchParams();
  const lift = airPass(book);
  const doubt = doubtOf(book);
  const Screen = SCREENS[page];
  const here = page === 'drive' ? 'positions' : stationOf(page)?.name;
  const marks = useMemo(
    () =>
      STATIONS.map(({ name: to, title, done }) => ({ name: to, title, path: stationPath(id, to), done: done(book) })),
    [book, id],
  );
  const rule = <Rule stations={marks} here={here} upright={wide} />;
  const bar = (
    <TopBar
      title={name}
      back={
        page === 'drive'
          ? { to: stationPath(id, 'positions'), label: 'Back to Positions' }
          : isPractice(id)
            ? LESSONS_BACK
            : BENCH_BACK
      }
    >
      <LinkButton bare to={stationPath(id, 'log')} label={`Log ${book.readings.length}`} current={page === 'log'}>
        <Words kind="strong">{`Log ${book.readings.length}`}</Words>
      </LinkButton>
    </TopBar>
  );
  return (
    <LinkOf book={book}>
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
          {lift.set > 0 && <LiftedBar book={book} lift={lift} />}
          <ReadBackBar book={book} />
          {doubt && <DoubtBar book={book} doubt={doubt} here={page === 'datum' && proving(doubt, String(f))} />}
          {Screen && <Screen book={book} />}
        </View>
      </View>
    </LinkOf>
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
