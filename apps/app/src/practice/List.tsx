import { LESSONS } from '@zero-point/core/practice/lessons/lessons';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { GAP } from '../frame/layout';
import { LinkButton } from '../frame/LinkButton';
import { TopBar } from '../frame/TopBar';
import { useWide } from '../frame/useShape';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';
import { usePractice, type Practised } from '../stores/practice';
import { lessonPath } from './path';

/** How a lesson went so far, in a few words. */
function wentWords(practised: readonly Practised[], lesson: string): string {
  const tries = practised.filter((one) => one.lesson === lesson);
  const last = tries.at(-1);
  if (!last) return 'Not tried yet.';
  const clean = last.passed && last.slips.length === 0;
  const went = clean
    ? '✓ Well set, without a slip'
    : last.passed
      ? `✓ Well set, slips: ${last.slips.length}`
      : '✗ Not yet';
  return `${went}. Tried ${tries.length === 1 ? 'once' : `${tries.length} times`}.`;
}

/** The practice mill's lessons, in the order people work. */
export function PracticeList() {
  const { palette } = useLook();
  const wide = useWide();
  const practised = usePractice((state) => state.practised);
  // Another part, somewhere else on the table, each time.
  const [seed] = useState(() => Math.floor(Math.random() * 1_000_000));
  return (
    <View style={[styles.page, { backgroundColor: palette.ground }]}>
      <TopBar title="Practise" back={{ to: '/', label: 'Back to the bench' }} />
      <ScrollView role="main" contentContainerStyle={styles.body}>
        <Words kind="sentence">A mill on which a slip costs nothing. Which lesson?</Words>
        <Words tone="soft">
          The part lies somewhere else each time, and only the marking knows where. Nothing of it reaches your shop’s
          own figures.
        </Words>
        <View role="list" style={styles.list}>
          {LESSONS.map((lesson) => (
            <View role="listitem" key={lesson.id} style={wide ? styles.half : styles.whole}>
              <LinkButton to={lessonPath(lesson, seed)} label={`${lesson.title}: ${lesson.does}`}>
                <View style={styles.link}>
                  <Words kind="strong">{lesson.title}</Words>
                  <Words kind="note" tone="soft">
                    {lesson.does}
                  </Words>
                  <Words kind="note">{`About ${lesson.par.minutes} min. ${wentWords(practised, lesson.id)}`}</Words>
                </View>
              </LinkButton>
            </View>
          ))}
        </View>
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1 },
  body: { padding: 16, paddingTop: 4, gap: GAP, maxWidth: 1000 },
  list: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  half: { width: '49%' },
  whole: { width: '100%' },
  link: { paddingVertical: 6, gap: 2 },
});
