import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useWakeLock } from '../feedback/wakeLock';
import { useLook } from '../theme/useLook';
import { GAP } from './layout';
import { ToTop } from './scrollToTop';
import { useSettled } from './useSettled';
import { useLayoutSize } from './useLayoutSize';

interface StationFrameProps {
  /** The marked-out metal. */
  drawing: ReactNode;
  /** What to do now: the sentence and what goes with it. */
  prompt: ReactNode;
  /** Readings, answer and tape. */
  detail: ReactNode;
  /** Entry, keypad and the one action: at the thumb on a phone, atop the right column when wide. */
  dock: ReactNode;
  /** Something is read and typed here: drawing, sentence and dock stay in sight together. The drawing fills what it is given. */
  touch?: boolean;
  /** What the page is of now: another begins at its sentence, however far down the one before was read. */
  at?: string;
  /** How much of the detail is to be seen beneath the sentence, px. */
  peek?: number;
}

/** Least and most height of a drawing above an entry, and what is left beneath the sentence to see that it goes on, px. */
const LEAST = 48;
const MOST = 200;
const GOES_ON = 14;

const drawingHeight = (room: number, said: number, peek: number): number =>
  Math.max(LEAST, Math.min(MOST, room - said - peek));

/**
 * The layout every station shares. Upright: drawing, sentence, detail, dock; on its side the dock stands to the right, and
 * with it the detail where nothing is typed.
 * Wide: drawing and sentence, then dock and detail.
 */
export function StationFrame({
  drawing,
  prompt,
  detail: whole,
  dock,
  touch = false,
  at = '',
  peek = GOES_ON,
}: StationFrameProps) {
  const shape = useLayoutSize();
  useWakeLock(touch);
  // Where a figure is typed, what is read further down comes right after the field.
  const settled = useSettled();
  const detail = touch && !settled ? null : whole;
  const { palette } = useLook();
  const ground = { backgroundColor: palette.ground, borderColor: palette.line };
  // The drawing gives way first: it gets what sentence and entry leave.
  const [room, setRoom] = useState(0);
  const [said, setSaid] = useState(0);
  const scroll = useRef<ScrollView>(null);
  const toTop = useCallback(() => scroll.current?.scrollTo({ y: 0, animated: false }), []);
  useEffect(toTop, [at, toTop]);
  if (shape === 'wide') {
    return (
      <ToTop.Provider value={toTop}>
        <View style={[styles.row, ground]}>
          <View style={styles.left}>
            {drawing}
            <ScrollView style={styles.wideSentence} contentContainerStyle={styles.widePrompt}>
              {prompt}
            </ScrollView>
          </View>
          <View style={[styles.right, ground]}>
            {dock && <View style={[styles.wideDock, ground]}>{dock}</View>}
            <ScrollView ref={scroll} contentContainerStyle={styles.widePrompt}>
              {detail}
            </ScrollView>
          </View>
        </View>
      </ToTop.Provider>
    );
  }
  const side = shape === 'side';
  const apart = side && !touch;
  const page = (
    <ScrollView
      ref={scroll}
      style={styles.page}
      contentContainerStyle={styles.whole}
      onLayout={({ nativeEvent }) => setRoom(nativeEvent.layout.height)}
    >
      {touch ? <View style={{ height: drawingHeight(room, said, peek) }}>{drawing}</View> : drawing}
      <View
        style={touch ? styles.sentence : styles.prompt}
        onLayout={({ nativeEvent }) => setSaid(nativeEvent.layout.height)}
      >
        {prompt}
      </View>
      {!apart && <View style={touch ? styles.within : styles.detail}>{detail}</View>}
    </ScrollView>
  );
  return (
    <ToTop.Provider value={toTop}>
      <View style={[side ? styles.row : styles.column, ground]}>
        {page}
        {apart ? (
          <View style={[styles.sideDock, ground]}>
            <ScrollView contentContainerStyle={styles.beside}>{detail}</ScrollView>
            {dock && <View style={styles.under}>{dock}</View>}
          </View>
        ) : (
          dock && <View style={[side ? styles.sideDock : styles.dock, ground]}>{dock}</View>
        )}
      </View>
    </ToTop.Provider>
  );
}

const styles = StyleSheet.create({
  row: { flex: 1, flexDirection: 'row', minHeight: 0 },
  column: { flex: 1, minHeight: 0 },
  left: { flex: 1, minWidth: 0 },
  right: { width: 430, borderLeftWidth: 1 },
  wideSentence: { maxHeight: 240, flexGrow: 0 },
  widePrompt: { padding: 16, gap: GAP },
  wideDock: { padding: 16, gap: GAP, borderBottomWidth: 1 },
  page: { flex: 1, minWidth: 0, minHeight: 0 },
  whole: { paddingBottom: 16 },
  sentence: { paddingHorizontal: 12, paddingTop: 8, paddingBottom: 4, gap: 6 },
  prompt: { padding: 16, paddingTop: 10, paddingBottom: 6, gap: GAP },
  detail: { paddingHorizontal: 16, paddingTop: 6, gap: GAP },
  // In line with the sentence above it and the entry below.
  within: { paddingHorizontal: 12, paddingTop: 6, gap: GAP },
  dock: { paddingHorizontal: 12, paddingVertical: 8, gap: 8, borderTopWidth: 1, alignItems: 'stretch' },
  beside: { paddingHorizontal: 8, paddingTop: 6, paddingBottom: 16, gap: GAP },
  under: { paddingTop: 6, gap: 8 },
  sideDock: { width: 372, padding: 6, borderLeftWidth: 1, justifyContent: 'flex-end' },
});
