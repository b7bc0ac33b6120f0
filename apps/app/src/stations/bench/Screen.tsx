import type { SetupSummary } from '@zero-point/core/record/snapshot';
import { STANDING_CAUTION } from '@zero-point/core/cautions/caution';
import { useRouter } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { useBench } from '../../api/queries';
import { GAP } from '../../frame/layout';
import { MainAction } from '../../frame/MainAction';
import { OutboxLine } from '../../frame/OutboxLine';
import { LinkButton } from '../../frame/LinkButton';
import { Loading, Trouble } from '../../frame/States';
import { useWide } from '../../frame/useShape';
import { useLook } from '../../theme/useLook';
import { Words } from '../../theme/Words';
import { stationPath } from '../path';

/** The bench: set-ups to carry on with, newest first, and the way to start another. */
export function BenchScreen() {
  const router = useRouter();
  const wide = useWide();
  const { palette } = useLook();
  const bench = useBench();
  const start = <MainAction label="Start a set-up" onPress={() => router.navigate('/new')} />;
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <View
        role="banner"
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          justifyContent: 'space-between',
          padding: 16,
          paddingBottom: 8,
        }}
      >
        <Words kind="title" style={{ fontSize: 30, lineHeight: 38 }}>
          Zero Point
        </Words>
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <LinkButton to="/shop" label="Shop" />
          <LinkButton to="/settings" label="Settings" />
        </View>
      </View>
      <OutboxLine />
      <ScrollView
        role="main"
        style={{ flex: 1 }}
        contentContainerStyle={{ padding: 16, paddingTop: 0, gap: GAP, maxWidth: 1100 }}
      >
        {bench.data && (
          <Words kind="sentence">
            {bench.data.length > 0
              ? 'On the bench. Tap one to carry on.'
              : 'Nothing on the bench yet. Start a set-up: which machine, which part, where zero is.'}
          </Words>
        )}
        {bench.isPending && <Loading what="the bench" />}
        {bench.isError && !bench.data && (
          <Trouble
            title="The server is away"
            detail="Start it with npm run demo or npm start, then try again. What you logged on this device is safe."
            retry={() => void bench.refetch()}
          />
        )}
        <View role="list" style={{ flexDirection: 'row', flexWrap: 'wrap', gap: GAP }}>
          {bench.data?.map((summary) => (
            <View role="listitem" key={summary.id} style={{ width: wide ? '48%' : '100%' }}>
              <SetupCard summary={summary} />
            </View>
          ))}
        </View>
        <Words kind="note" tone="soft">
          △ {STANDING_CAUTION}
        </Words>
        {wide && <View style={{ maxWidth: 420 }}>{start}</View>}
      </ScrollView>
      {!wide && <View style={{ padding: 12, paddingBottom: 12 }}>{start}</View>}
    </View>
  );
}

const WHEN = new Intl.DateTimeFormat(undefined, {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
  hourCycle: 'h23',
});

function SetupCard({ summary }: { summary: SetupSummary }) {
  const readings = summary.readings === 1 ? '1 reading' : `${summary.readings} readings`;
  const set = summary.set.length === 0 ? 'no axis set' : `${summary.set.join(', ').toUpperCase()} set`;
  return (
    <LinkButton to={stationPath(summary.id, summary.readings > 0 ? 'datum' : 'plan')} label={summary.name}>
      <>
        <Words kind="sentence">{summary.name}</Words>
        <Words tone="soft">
          {summary.part} · {summary.machine}
        </Words>
        <Words>
          {readings} · {set}
        </Words>
        <Words kind="note" tone="soft">
          {WHEN.format(new Date(summary.changedAt))}
        </Words>
      </>
    </LinkButton>
  );
}
