import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { mark, type ToolMark } from '@zero-point/core/practice/marking/mark';
import { actCount } from '@zero-point/core/practice/mill/millAct';
import type { AxisMark } from '@zero-point/core/practice/marking/axisMark';
import { thingWords } from '@zero-point/core/practice/thingWords';
import { millMistakeText } from '@zero-point/core/practice/mistakeText';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Divider } from 'react-native-paper';
import { PageDialog } from '../../dialogs/PageDialog';
import { AppText } from '../../theme/AppText';
import type { RunningSession } from '../../stores/practice';
import { lessonPath } from '../path';

interface MarksDialogProps {
  running: RunningSession;
  book: SetupState;
  onLeave: () => void;
}

const axisWords = ({ axis, ...one }: AxisMark, unit: LengthUnit): string =>
  markWords(axis.toUpperCase(), 'was not set', one, unit);

const toolWords = ({ tool, ...one }: ToolMark, unit: LengthUnit): string =>
  markWords(`T${tool}’s length`, 'was not found', one, unit);

function markWords(
  name: string,
  missing: string,
  { error, U, good }: Omit<AxisMark, 'axis'>,
  unit: LengthUnit,
): string {
  if (error === undefined) return `✗ ${name} ${missing}.`;
  const within =
    U === undefined
      ? ''
      : ` Your ± was ±${formatLength(U, { unit })} ${unit}${Math.abs(error) <= U ? ': within it.' : ': outside it.'}`;
  return `${good ? '✓' : '✗'} ${name} is off by ${formatLength(error, { unit, plus: true })} ${unit}.${within}`;
}

/** What came of the lesson: each axis against the mill's own truth, each slip with the habit that avoids it. */
export function MarksDialog({ running, book, onLeave }: MarksDialogProps) {
  const router = useRouter();
  const { lesson, mill, acts } = running;
  const unit = book.setup.units;
  const { axes, tools, things, slips, passed } = useMemo(
    () => mark(lesson, mill, book, actCount(acts)),
    [lesson, mill, book, acts],
  );
  const [again] = useState(() => Math.floor(Math.random() * 1_000_000));
  const [minutes] = useState(() => Math.max(1, Math.round((Date.now() - Date.parse(running.begun)) / 60_000)));
  return (
    <PageDialog
      title={titleOf(running, passed, axes.length)}
      leave={mill.broken ? 'Close' : 'Continue'}
      onLeave={onLeave}
    >
      <ScrollView style={styles.marks} contentContainerStyle={styles.inside}>
        {mill.broken && <AppText tone="bad">✗ Something broke and the mill is stopped. Start again.</AppText>}
        {axes.map((one) => (
          <AppText key={one.axis} kind="strong" tone={one.good ? 'good' : 'bad'}>
            {axisWords(one, unit)}
          </AppText>
        ))}
        {tools.map((one) => (
          <AppText key={one.tool} kind="strong" tone={one.good ? 'good' : 'bad'}>
            {toolWords(one, unit)}
          </AppText>
        ))}
        {things.map((one) => (
          <AppText key={`${one.thing} ${one.along ?? ''}`} kind="strong" tone={one.good ? 'good' : 'bad'}>
            {thingWords(one, unit)}
          </AppText>
        ))}
        <AppText tone="soft">
          {`${actCount(acts)} moves and settings in ${minutes} min${lesson.par ? `; about ${lesson.par.acts} in ${lesson.par.minutes} min is fair` : ''}.`}
        </AppText>
        <Divider />
        {slips.length === 0 ? (
          <AppText>No mistakes.</AppText>
        ) : (
          slips.map((slip) => {
            const { what, does, habit } = millMistakeText(slip, unit);
            return (
              <View key={`${slip.slip} ${slip.axis ?? ''}`}>
                <AppText kind="strong" tone="warn">{`▲ ${what}`}</AppText>
                <AppText>{does}</AppText>
                <AppText tone="soft">{habit}</AppText>
              </View>
            );
          })
        )}
      </ScrollView>
      <View style={styles.ways}>
        <Button mode="outlined" onPress={() => router.replace(lessonPath(lesson, again))}>
          Again with another part
        </Button>
        <Button mode="outlined" onPress={() => router.navigate('/practice')}>
          To the lessons
        </Button>
      </View>
    </PageDialog>
  );
}

const titleOf = ({ lesson }: RunningSession, passed: boolean, axes: number): string =>
  lesson.kind === 'free' && axes === 0 ? 'Nothing set yet' : passed ? 'Set correctly' : 'Not yet';

const styles = StyleSheet.create({
  marks: { maxHeight: 340 },
  inside: { gap: 8 },
  ways: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
