import { BAD_DAYS } from '@zero-point/core/practice/badDay/badDay';
import { FREE_PLAY } from '@zero-point/core/practice/lessons/freePlay';
import type { Lesson } from '@zero-point/core/practice/lessons/lesson';
import { LESSON_GROUPS, LESSONS } from '@zero-point/core/practice/lessons/lessons';
import { lessonText } from '@zero-point/core/practice/lessons/lessonText';
import { nextLesson, practisedBy, mistakeCounts, type Practised } from '@zero-point/core/practice/progress';
import { millMistakeText } from '@zero-point/core/practice/mistakeText';
import { useMemo, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Fold } from '../answer/Fold';
import { Choice } from '../controls/Choice';
import { GAP } from '../layout/layout';
import { LinkButton } from '../controls/LinkButton';
import { TopBar } from '../layout/TopBar';
import { useWide } from '../layout/useLayoutSize';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';
import { usePractice } from '../stores/practice';
import { usePractised } from '../stores/practised';
import { useShop } from '../api/queries';
import { ownLessons } from '../stores/ownMachines';
import { WhoPractises } from './parts/WhoPractises';
import { lessonPath } from './path';

/** How a lesson went so far, in a few words. */
function wentWords(practised: readonly Practised[], { id, kind }: Lesson): string {
  const tries = practised.filter(({ lesson }) => lesson === id);
  const last = tries.at(-1);
  if (!last) return 'Not tried yet.';
  const clean = last.passed && last.slips.length === 0;
  const found = last.passed ? '✓ All of it found' : '✗ Not all of it found';
  const went =
    kind === 'bad-day'
      ? found
      : clean
        ? '✓ Set correctly, no mistakes'
        : last.passed
          ? `✓ Set correctly, mistakes: ${last.slips.length}`
          : '✗ Not yet';
  return `${went}. Tried ${tries.length === 1 ? 'once' : `${tries.length} times`}.`;
}

/** Over the lesson that is the next: why it is. */
const WHY = {
  first: 'Next',
  'not-yet': 'Next: it was not set correctly last time',
  slipped: 'Next: it was set correctly, but with a mistake',
  'all-done': 'All done. Next: the one you did longest ago',
} as const;

const NAMES = LESSONS.map(({ id }) => id) as [string, ...string[]];

/** The practice mill's lessons, in the order people work; free play; and a bad day. */
export default function PracticeList() {
  const { palette } = useLook();
  const all = usePractised((state) => state.practised);
  const person = usePractised((state) => state.person);
  const practised = useMemo(() => practisedBy(all, person), [all, person]);
  const { data: shop } = useShop();
  // Their copies are kept on this device as they are made.
  const own = useMemo(() => (shop ? ownLessons(shop) : []), [shop]);
  const unit = usePractice((state) => state.unit);
  const setUnit = usePractice((state) => state.chooseUnit);
  // Another part, somewhere else on the table, each time.
  const [seed] = useState(() => Math.floor(Math.random() * 1_000_000));
  const { lesson: nextId, why } = nextLesson(practised, NAMES);
  const next = LESSONS.find(({ id }) => id === nextId);
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <TopBar title="Practice" back={{ to: '/', label: 'Back to Home' }} />
      <ScrollView role="main" contentContainerStyle={styles.body}>
        <AppText kind="sentence">Practice mill: mistakes cost nothing here.</AppText>
        <AppText tone="soft">
          The part is in a different place each time. Nothing here changes your shop’s figures.
        </AppText>
        <Choice
          label="Units of the scales and notes"
          value={unit}
          options={[
            { value: 'mm', label: 'mm' },
            { value: 'in', label: 'inches' },
          ]}
          onChange={setUnit}
        />
        <WhoPractises />
        {next && (
          <Section title={WHY[why]}>
            <LessonCard lesson={next} seed={seed} practised={practised} />
          </Section>
        )}
        <Slips practised={practised} />
        {LESSON_GROUPS.map(({ title, lessons }) => (
          <Section key={title} title={title}>
            {lessons
              .filter(({ id }) => id !== nextId)
              .map((lesson) => (
                <LessonCard key={lesson.id} lesson={lesson} seed={seed} practised={practised} />
              ))}
          </Section>
        ))}
        <Section title="Something went wrong">
          {BAD_DAYS.map((lesson) => (
            <LessonCard key={lesson.id} lesson={lesson} seed={seed} practised={practised} />
          ))}
        </Section>
        {own.length > 0 && (
          <Section title="Free play, on your machines">
            {own.map((lesson) => (
              <LessonCard key={lesson.id} lesson={lesson} seed={seed} practised={practised} />
            ))}
          </Section>
        )}
        <Section title="Free play, on the practice machines">
          {FREE_PLAY.map((lesson) => (
            <LessonCard key={lesson.id} lesson={lesson} seed={seed} practised={practised} />
          ))}
        </Section>
      </ScrollView>
    </View>
  );
}

const Section = ({ title, children }: { title: string; children: ReactNode }) => (
  <View style={styles.section}>
    <View role="heading" aria-level={2}>
      <AppText kind="strong">{title}</AppText>
    </View>
    <View role="list" style={styles.list}>
      {children}
    </View>
  </View>
);

interface LessonCardProps {
  lesson: Lesson;
  seed: number;
  practised: readonly Practised[];
}

function LessonCard({ lesson, seed, practised }: LessonCardProps) {
  const wide = useWide();
  const does = lessonText(
    lesson.does,
    usePractice((state) => state.unit),
  );
  const went = lesson.kind === 'free' ? '' : wentWords(practised, lesson);
  return (
    <View role="listitem" style={wide ? styles.half : styles.whole}>
      <LinkButton to={lessonPath(lesson, seed)} label={`${lesson.title}: ${does}`}>
        <View style={styles.link}>
          <AppText kind="strong">{lesson.title}</AppText>
          <AppText kind="note" tone="soft">
            {does}
          </AppText>
          <AppText kind="note">{`${lesson.par ? `About ${lesson.par.minutes} min. ` : ''}${went}`.trim()}</AppText>
        </View>
      </LinkButton>
    </View>
  );
}

/** Slips that come back, and the habit against each; those that were left behind, last. */
function Slips({ practised }: { practised: readonly Practised[] }) {
  const counts = mistakeCounts(practised);
  if (counts.length === 0) return null;
  return (
    <Fold title={`Your recent mistakes: ${counts.reduce((sum, { lately }) => sum + lately, 0)}`}>
      <View style={styles.link}>
        {counts.map(({ slip, lately, before }) => {
          const { what, habit } = millMistakeText({ slip });
          return (
            <View key={slip}>
              <AppText kind="strong" tone={lately > 0 ? 'warn' : 'good'}>
                {lately > 0 ? `▲ ${what}` : `✓ Not repeated: ${what}`}
              </AppText>
              <AppText kind="note">{`${times(lately)} in the last ten lessons, ${times(before)} in the ten before.`}</AppText>
              {lately > 0 && (
                <AppText kind="note" tone="soft">
                  {habit}
                </AppText>
              )}
            </View>
          );
        })}
      </View>
    </Fold>
  );
}

const times = (count: number): string => (count === 0 ? 'never' : count === 1 ? 'once' : `${count} times`);

const styles = StyleSheet.create({
  page: { flex: 1 },
  body: { padding: 16, paddingTop: 4, gap: GAP, maxWidth: 1000 },
  section: { gap: 8 },
  list: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  half: { width: '49%' },
  whole: { width: '100%' },
  link: { paddingVertical: 6, gap: 2 },
});
