import { foundOf, type BadDayFound } from '@zero-point/core/practice/badDay/found';
import type { BadDayTrouble } from '@zero-point/core/practice/badDay/trouble';
import { badDayTroubleText } from '@zero-point/core/practice/badDay/troubleText';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Button } from 'react-native-paper';
import { PageDialog } from '../../dialogs/PageDialog';
import { TickBox } from '../../controls/TickBox';
import type { RunningSession } from '../../stores/practice';
import { usePractised } from '../../stores/practised';
import { AppText } from '../../theme/AppText';
import { lessonPath } from '../path';

interface BadDayDialogProps {
  running: RunningSession;
  onLeave: () => void;
}

/** Room for the title and the ways out, px. */
const FRAME = 220;

/** What went wrong, as far as it was found: ticked, then held against what did. */
export function BadDayDialog({ running, onLeave }: BadDayDialogProps) {
  const { height } = useWindowDimensions();
  const { troubles = [] } = running.lesson;
  const [said, setSaid] = useState<readonly BadDayTrouble[]>([]);
  const [found, setFound] = useState<BadDayFound | undefined>(undefined);
  const tick = (trouble: BadDayTrouble) =>
    setSaid(said.includes(trouble) ? said.filter((one) => one !== trouble) : [...said, trouble]);
  const say = () => {
    const next = foundOf(running.seed, troubles, said);
    usePractised.getState().keep({
      session: running.id,
      lesson: running.lesson.id,
      at: new Date().toISOString(),
      passed: next.missed.length + next.wrong.length === 0,
      slips: [],
    });
    setFound(next);
  };
  const all = found && found.missed.length + found.wrong.length === 0;
  return (
    <PageDialog
      title={found ? (all ? 'All of it found' : 'Not all of it') : 'What went wrong?'}
      leave={found ? 'Close' : 'Keep looking'}
      onLeave={onLeave}
    >
      <ScrollView style={{ maxHeight: Math.max(160, height - FRAME) }} contentContainerStyle={styles.inside}>
        {found ? (
          <Told found={found} />
        ) : (
          <>
            <AppText tone="soft">Tick one to three. Tick only what your touches show.</AppText>
            {troubles.map((trouble) => (
              <TickBox
                key={trouble}
                label={badDayTroubleText(trouble).what}
                ticked={said.includes(trouble)}
                onTick={() => tick(trouble)}
              />
            ))}
          </>
        )}
      </ScrollView>
      {found ? (
        <AnotherDay running={running} />
      ) : (
        <Button mode="contained" disabled={said.length === 0} onPress={say}>
          Check my answer
        </Button>
      )}
    </PageDialog>
  );
}

function Told({ found: { named, missed, wrong } }: { found: BadDayFound }) {
  return (
    <>
      {named.map((one) => (
        <One key={one} tone="good" head={`✓ ${badDayTroubleText(one).what}`} rest={[badDayTroubleText(one).mend]} />
      ))}
      {missed.map((one) => (
        <One
          key={one}
          tone="bad"
          head={`✗ Missed: ${badDayTroubleText(one).what}`}
          rest={[badDayTroubleText(one).shows, badDayTroubleText(one).mend]}
        />
      ))}
      {wrong.map((one) => (
        <One
          key={one}
          tone="warn"
          head={`▲ This did not happen: ${badDayTroubleText(one).what}`}
          rest={[`You would see: ${badDayTroubleText(one).shows}`]}
        />
      ))}
    </>
  );
}

const One = ({ tone, head, rest }: { tone: 'good' | 'bad' | 'warn'; head: string; rest: readonly string[] }) => (
  <View>
    <AppText kind="strong" tone={tone}>
      {head}
    </AppText>
    {rest.map((text) => (
      <AppText key={text}>{text}</AppText>
    ))}
  </View>
);

function AnotherDay({ running }: { running: RunningSession }) {
  const router = useRouter();
  const [again] = useState(() => Math.floor(Math.random() * 1_000_000));
  return (
    <View style={styles.ways}>
      <Button mode="outlined" onPress={() => router.replace(lessonPath(running.lesson, again))}>
        Another bad day
      </Button>
      <Button mode="outlined" onPress={() => router.navigate('/practice')}>
        To the lessons
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  inside: { gap: 8 },
  ways: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
