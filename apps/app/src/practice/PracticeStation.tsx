import { useLocalSearchParams } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { KeysDialog } from '../dialogs/KeysDialog';
import { LoadingPage } from '../layout/LoadingPage';
import { TroubleNotice } from '../layout/States';
import { TopBar } from '../layout/TopBar';
import { isPage } from '../stations/pages';
import { LESSONS_BACK, SetupPage } from '../stations/SetupPage';
import { isLesson } from '../stores/practice';
import { useLook } from '../theme/useLook';
import { PracticeSplit } from './PracticeSplit';
import { usePracticeState } from './usePracticeBook';

/** A page of a lesson, with the mill beside it. */
export default function PracticeStation({ id }: { id: string }) {
  const { station } = useLocalSearchParams();
  const { palette } = useLook();
  const practice = usePracticeState(id);
  const book = practice?.book;
  const pages = practice?.running.lesson.pages;
  // The notebook changes with what is logged, not at every line of a wheel.
  const notebook = useMemo(
    () => (book && isPage(station) ? <SetupPage book={book} page={station} pages={pages} /> : undefined),
    [book, station, pages],
  );
  if (!practice && isLesson(id) && isPage(station)) return <LoadingPage />;
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      {practice && notebook ? (
        <PracticeSplit {...practice}>{notebook}</PracticeSplit>
      ) : (
        <>
          <TopBar title="Practice" back={LESSONS_BACK} />
          <View role="main">
            <TroubleNotice title="No such lesson" detail="Go back to the lessons and start one." />
          </View>
        </>
      )}
      <KeysDialog />
    </View>
  );
}
