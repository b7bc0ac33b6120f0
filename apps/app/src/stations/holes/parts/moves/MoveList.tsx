import { STEPS_DONE } from '@zero-point/core/messages/basis/labels';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { zeroDoubtOf, leftSince } from '@zero-point/core/state/datum/zeroDoubt';
import { driveCautions } from '@zero-point/core/state/holes/driveCautions';
import { moveMode } from '@zero-point/core/state/holes/driveMode';
import { proveWords } from '@zero-point/core/messages/holes/proveList';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choice } from '../../../../controls/Choice';
import { MainAction } from '../../../../controls/MainAction';
import { useKeys } from '../../../../keyboard/useKeys';
import { useLayoutSize } from '../../../../layout/useLayoutSize';
import { useWakeLock } from '../../../../feedback/wakeLock';
import { speak } from '../../../../feedback/speak';
import { useLook } from '../../../../theme/useLook';
import { AppText } from '../../../../theme/AppText';
import { stationPath } from '../../../path';
import { saveCutPlan } from '../../../../commands/saveCutPlan';
import { ZeroDoubtPanel } from './ZeroDoubtPanel';
import { moveModes, markDone } from './moveModes';
import { DepthNotes } from './MoveDepth';
import { MoveDrawing } from './MoveDrawing';
import { MoveHead } from './MoveHead';
import { CncSteps, DialSteps, DroSteps, WhereItIs } from './MoveSteps';
import { spokenStop } from './spokenStop';
import { MachinePosition } from './MachinePosition';
import { useMoves } from './useMoves';

const MODE_NAMES = { readout: 'DRO', dials: 'Dials', cnc: 'Control' } as const;
const STEPS = { readout: DroSteps, dials: DialSteps, cnc: CncSteps } as const;

/** Least and most height of the drawing on a phone, and what stands beneath the figures, px. */
const LEAST = 48;
const MOST = 170;
const BAR = 100;

/**
 * The drive view: one hole at a time, in figures that read from two metres. The figures are in sight however the phone is
 * held: upright the drawing gives way to them, on its side they have a column of their own.
 */
export default function DriveScreen({ book }: { book: SetupState }) {
  const router = useRouter();
  const shape = useLayoutSize();
  const { palette } = useLook();
  const params = useLocalSearchParams();
  const drive = useMoves(
    book,
    typeof params.pattern === 'string' ? params.pattern : undefined,
    Number(params.stop) || undefined,
  );
  const { stops, index, stop, done } = drive;
  const mode = moveMode(book);
  useWakeLock();
  // When the page was opened: what is logged on it is newer.
  const [opened] = useState(Date.now);
  const since = leftSince(book, opened);
  const [room, setRoom] = useState(0);
  const [said, setSaid] = useState(0);

  const go = (to: number) => {
    if (to >= 0 && to < stops.length) router.setParams({ stop: String(to + 1) });
  };
  const finish = () => router.navigate(stationPath(book.setup.id, 'positions'));
  const doneHere = () => {
    if (!stop) return;
    if (!stop.done) markDone(book, stop, true);
    if (index + 1 < stops.length) go(index + 1);
    else finish();
  };
  useKeys((key) => {
    if (key === 'ArrowRight' || key === 'ArrowDown' || key === 'PageDown') go(index + 1);
    if (key === 'ArrowLeft' || key === 'ArrowUp' || key === 'PageUp') go(index - 1);
    if (key === 'd') doneHere();
    if (key === 's' && stop) speak(spokenStop(book, drive));
  });

  // Before anything is driven to: a zero in doubt is proven first, a night asked about.
  if (stop && zeroDoubtOf(book))
    return (
      <AppText style={{ padding: 24 }}>Check the zero or set it again first. No hole is shown before that.</AppText>
    );
  if (stop && since !== undefined && done < stops.length) return <ZeroDoubtPanel book={book} since={since} />;
  if (!stop) return <AppText style={{ padding: 24 }}>No holes yet. Add a pattern in Holes.</AppText>;

  const Steps = STEPS[mode];
  const ground = { backgroundColor: palette.ground };
  const drawing = <MoveDrawing book={book} drive={drive} stop={stop} />;
  const head = <MoveHead book={book} drive={drive} stop={stop} />;
  const steps = <Steps book={book} drive={drive} />;
  const rest = (
    <>
      <DepthNotes book={book} stop={stop} />
      {mode === 'readout' && <WhereItIs book={book} drive={drive} />}
      <AppText kind="note" tone="soft">
        By a rule: {proveWords(book, stop)}.
      </AppText>
      {driveCautions(book, stop).map(({ id, text }) => (
        <AppText key={id} kind="note" tone="soft">
          △ {text}
        </AppText>
      ))}
      <MachinePosition key={index} book={book} drive={drive} />
      <Choice
        label="Told as"
        value={mode}
        options={moveModes(book).map((one) => ({ value: one, label: MODE_NAMES[one] }))}
        onChange={(next) => saveCutPlan(book, { mode: next })}
      />
      {stop.done && (
        <Button mode="outlined" onPress={() => markDone(book, stop, false)} style={{ alignSelf: 'flex-start' }}>
          Mark as not done
        </Button>
      )}
    </>
  );
  const bar = (
    <View style={styles.bar}>
      <Button mode="outlined" onPress={() => go(index - 1)} disabled={index === 0}>
        Back
      </Button>
      <Button mode="outlined" onPress={() => go(index + 1)} disabled={index + 1 >= stops.length}>
        Next
      </Button>
      <View style={{ flex: 1 }}>
        <MainAction label={`Log hole ${stop.hole} ${STEPS_DONE[stop.step]}`} onPress={doneHere} />
      </View>
    </View>
  );

  if (shape === 'side')
    return (
      <View style={[styles.row, ground]}>
        <ScrollView style={styles.beside} contentContainerStyle={styles.list}>
          {head}
          {rest}
        </ScrollView>
        <View style={[styles.figures, { borderColor: palette.line }]}>
          <ScrollView contentContainerStyle={styles.list}>{steps}</ScrollView>
          {bar}
        </View>
      </View>
    );
  const wide = shape === 'wide';
  const high = Math.max(LEAST, Math.min(MOST, room - said - BAR));
  return (
    <View
      style={[wide ? styles.row : styles.column, ground]}
      onLayout={({ nativeEvent }) => setRoom(nativeEvent.layout.height)}
    >
      <View style={wide ? { flex: 1 } : { height: high }}>{drawing}</View>
      <View style={wide ? styles.rightColumn : styles.page}>
        <ScrollView contentContainerStyle={styles.list}>
          <View style={styles.list} onLayout={({ nativeEvent }) => setSaid(nativeEvent.layout.height)}>
            {head}
            {steps}
          </View>
          {rest}
        </ScrollView>
        {bar}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flex: 1, flexDirection: 'row', minHeight: 0 },
  column: { flex: 1, minHeight: 0 },
  list: { gap: 8, paddingBottom: 8 },
  rightColumn: { width: 520, minHeight: 0, padding: 12, paddingBottom: 16, gap: 8 },
  page: { flex: 1, minHeight: 0, padding: 12, gap: 8 },
  beside: { flex: 1, minWidth: 0, padding: 10 },
  figures: { width: 430, minHeight: 0, padding: 10, gap: 8, borderLeftWidth: 1 },
  bar: { flexDirection: 'row', gap: 8 },
});
