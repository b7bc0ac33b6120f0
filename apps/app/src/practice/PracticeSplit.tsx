import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { shows } from '@zero-point/core/practice/mill/scaleReading';
import { formatLength } from '@zero-point/core/units/formatLength';
import { actCount } from '@zero-point/core/practice/mill/millAct';
import { lessonText } from '@zero-point/core/practice/lessons/lessonText';
import { mark } from '@zero-point/core/practice/marking/mark';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { Button, IconButton } from 'react-native-paper';
import { PageDialog } from '../dialogs/PageDialog';
import { Choice } from '../controls/Choice';
import { TARGET } from '../layout/layout';
import { ShapeOfPart, TakenFromHeight, useLayoutSize } from '../layout/useLayoutSize';
import { useLook } from '../theme/useLook';
import { Figure, AppText } from '../theme/AppText';
import type { RunningSession } from '../stores/practice';
import { usePractised } from '../stores/practised';
import { stationPath } from '../stations/path';
import { lessonPath } from './path';
import { BadDayDialog } from './parts/BadDayDialog';
import { MarksDialog } from './parts/MarksDialog';
import { MillPanel } from './parts/MillPanel';

interface PracticeSplitProps {
  running: RunningSession;
  book: SetupState;
  /** The setup's page the lesson is reckoned on. */
  children: ReactNode;
}

/** The lesson's bar above a page and the switch beneath it, px. */
const BARS = 108;

/** The practice mill and the pages it is reckoned on: side by side when wide, one press apart on a phone. */
export function PracticeSplit({ running, book, children }: PracticeSplitProps) {
  const shape = useLayoutSize();
  const wide = shape === 'wide';
  const side = shape === 'side';
  const { palette } = useLook();
  const [at, setAt] = useState<'mill' | 'page'>('mill');
  const bar = (
    <PracticeBar
      running={running}
      book={book}
      beside={wide ? 'both' : at}
      // On its side a phone has no height for a row of its own.
      {...(side && { onTurn: () => setAt(at === 'mill' ? 'page' : 'mill') })}
    />
  );
  if (wide) {
    return (
      <View style={styles.row}>
        <View role="region" aria-label="The practice mill" style={[styles.mill, { borderColor: palette.line }]}>
          {bar}
          <MillPanel running={running} unit={book.setup.units} />
        </View>
        <ShapeOfPart.Provider value="upright">
          <View style={styles.page}>{children}</View>
        </ShapeOfPart.Provider>
      </View>
    );
  }
  return (
    <View style={styles.column}>
      {bar}
      {/* Both stay as they were left: a face that was chosen, a figure half typed, the step in hand. */}
      <View role="main" style={at === 'mill' ? styles.page : styles.away}>
        <MillPanel running={running} unit={book.setup.units} />
      </View>
      <TakenFromHeight.Provider value={BARS}>
        <View style={at === 'page' ? styles.page : styles.away}>{children}</View>
      </TakenFromHeight.Provider>
      {!side && (
        <View role="navigation" aria-label="Mill and notes" style={[styles.switch, { borderColor: palette.line }]}>
          <View style={styles.which}>
            <Choice
              label="What to show"
              showLabel={false}
              value={at}
              options={[
                { value: 'mill', label: 'Mill' },
                { value: 'page', label: 'Notebook' },
              ]}
              onChange={setAt}
            />
          </View>
          <ToLog running={running} book={book} onGo={() => setAt('page')} />
        </View>
      )}
    </View>
  );
}

interface ToLogProps {
  running: RunningSession;
  book: SetupState;
  onGo: () => void;
}

/** To what was logged in this lesson; from there back to the page it is reckoned on. */
function ToLog({ running, book, onGo }: ToLogProps) {
  const router = useRouter();
  const { station } = useLocalSearchParams();
  const onLog = station === 'log';
  const to = onLog ? lessonPath(running.lesson, running.seed) : stationPath(running.id, 'log');
  return (
    <Button
      compact
      mode="text"
      onPress={() => {
        onGo();
        router.navigate(to);
      }}
    >
      {onLog ? 'Back' : `Log ${book.readings.length}`}
    </Button>
  );
}

interface PracticeBarProps {
  running: RunningSession;
  book: SetupState;
  /** What stands beneath it. */
  beside: 'mill' | 'page' | 'both';
  /** Goes to the other of the two, where the bar has that button. */
  onTurn?: () => void;
}

/** What the lesson is, a hint when it is wanted, and the marking; over the pages the scales instead, in small. */
function PracticeBar({ running, book, beside, onTurn }: PracticeBarProps) {
  const router = useRouter();
  const { palette } = useLook();
  const [hint, setHint] = useState(0);
  const [asked, setAsked] = useState<'hint' | 'marks' | 'day'>();
  const { lesson, mill } = running;
  const unit = book.setup.units;
  const does = lessonText(lesson.does, unit);
  const hintNow = lessonText(lesson.hints[Math.min(hint, lesson.hints.length - 1)] ?? '', unit);
  const haveMarked = () => {
    const { slips, passed } = mark(lesson, mill, book, actCount(running.acts));
    usePractised.getState().keep({
      session: running.id,
      lesson: lesson.id,
      at: new Date().toISOString(),
      passed,
      slips: slips.map(({ slip }) => slip),
    });
    setAsked('marks');
  };
  return (
    <View role="region" aria-label="Lesson" style={[styles.bar, onTurn && styles.low, { borderColor: palette.brass }]}>
      {beside === 'mill' && (
        <IconButton
          icon="arrow-left"
          accessibilityLabel="Back to the lessons"
          style={styles.back}
          onPress={() => router.navigate('/practice')}
        />
      )}
      <View style={styles.says}>
        {beside === 'page' ? (
          <>
            <View role="heading" aria-level={1} style={styles.unseen}>
              <AppText>{lesson.title}</AppText>
            </View>
            <View style={styles.figures} role="status" aria-label="Scale readings">
              {(['x', 'y', 'z'] as const).map((axis) => (
                <Figure key={axis} size={15}>
                  {`${axis.toUpperCase()} ${formatLength(shows(mill, axis), { unit, plus: true })}`}
                </Figure>
              ))}
              <AppText kind="note" tone="soft">
                {unit}
              </AppText>
            </View>
          </>
        ) : (
          <View {...(beside === 'mill' && { role: 'heading', 'aria-level': 1 })}>
            {beside === 'mill' ? (
              <AppText kind="strong">{lesson.title}</AppText>
            ) : (
              <AppText kind="note">{does}</AppText>
            )}
          </View>
        )}
      </View>
      {onTurn && (
        <Button compact mode="outlined" onPress={onTurn}>
          {beside === 'mill' ? 'Notebook' : 'Mill'}
        </Button>
      )}
      <Button compact mode="text" onPress={() => setAsked('hint')}>
        Hint
      </Button>
      {lesson.kind === 'bad-day' ? (
        <Button compact mode="contained-tonal" onPress={() => setAsked('day')}>
          Identify it
        </Button>
      ) : (
        <Button compact mode="contained-tonal" onPress={haveMarked}>
          Mark it
        </Button>
      )}
      {asked === 'hint' && (
        <PageDialog title={`Hint ${Math.min(hint, 2) + 1} of 3`} leave="Close" onLeave={() => setAsked(undefined)}>
          <AppText tone="soft">{does}</AppText>
          <AppText>{hintNow}</AppText>
          <AppText kind="note" tone="soft">
            {unit === 'mm' ? 'Figures here are in millimetres.' : 'Figures here are in inches.'}
          </AppText>
          {hint < lesson.hints.length - 1 && (
            <Button mode="outlined" onPress={() => setHint(hint + 1)}>
              More
            </Button>
          )}
        </PageDialog>
      )}
      {asked === 'day' && <BadDayDialog running={running} onLeave={() => setAsked(undefined)} />}
      {asked === 'marks' && <MarksDialog running={running} book={book} onLeave={() => setAsked(undefined)} />}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flex: 1, flexDirection: 'row', minHeight: 0 },
  column: { flex: 1, minHeight: 0 },
  mill: { flex: 1, minWidth: 0, borderRightWidth: 1 },
  page: { flex: 1, minWidth: 0, minHeight: 0 },
  away: { display: 'none' },
  which: { flex: 1, maxWidth: 320 },
  switch: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    paddingHorizontal: 12,
    paddingVertical: 6,
    borderTopWidth: 1,
  },
  bar: { flexDirection: 'row', alignItems: 'center', gap: 6, paddingLeft: 12, paddingRight: 6, borderBottomWidth: 2 },
  back: { width: TARGET + 2, height: TARGET + 2, margin: 0, marginLeft: -10 },
  // A button is its target and its frame.
  low: { height: TARGET + 4, borderBottomWidth: 0 },
  // For who hears the page: its place is taken by the scales.
  unseen: { position: 'absolute', width: 1, height: 1, overflow: 'hidden' },
  says: { flex: 1, minWidth: 0, paddingVertical: 4 },
  figures: { flexDirection: 'row', flexWrap: 'wrap', gap: 10 },
});
