import { useLocalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { KeysDialog } from '../dialogs/KeysDialog';
import { LoadingPage } from '../layout/LoadingPage';
import { TroubleNotice } from '../layout/States';
import { TopBar } from '../layout/TopBar';
import { isPractice } from '../commands/practiceLog';
import { useSetup } from '../commands/useSetup';
import { useLook } from '../theme/useLook';
import { lazyComponent } from '../layout/lazyComponent';
import { isPage } from './pages';
import { BENCH_BACK, SetupPage } from './SetupPage';

const PracticeStation = lazyComponent(() => import('../practice/PracticeStation'), LoadingPage);

/** One station of one setup, or of the practice mill's. */
export default function StationPage() {
  const id = String(useLocalSearchParams().setup);
  return isPractice(id) ? <PracticeStation id={id} /> : <OwnStation id={id} />;
}

/** A station with the strip that leads to the others. */
function OwnStation({ id }: { id: string }) {
  const { station } = useLocalSearchParams();
  const state = useSetup(id);
  const { palette } = useLook();
  const page = isPage(station) ? station : undefined;
  if (page && state.kind === 'loading') return <LoadingPage />;
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      {page && state.kind === 'ready' ? (
        <SetupPage book={state.book} page={page} />
      ) : (
        <>
          <TopBar title="Setup" back={BENCH_BACK} />
          <View role="main">
            {page && state.kind === 'trouble' ? (
              <TroubleNotice title={state.title} detail={state.detail} retry={state.retry} />
            ) : (
              <TroubleNotice title="No such station" detail="Open the setup from Home." />
            )}
          </View>
        </>
      )}
      <KeysDialog />
    </View>
  );
}
