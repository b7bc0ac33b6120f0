import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple, useTheme } from 'react-native-paper';
import { ThumbDrawing } from '../../../drawing/ThumbDrawing';
import { MiniRule } from '../../../layout/MiniRule';
import { METAL } from '../../../theme/palette';
import { AppText } from '../../../theme/AppText';
import type { CardView } from '../view';
import { momentWords } from '../../../layout/formatMoment';

/** A setup: its part in small, where zero is, what is set, how far along the rule, and the next thing to do. One tap goes on there. */
export function SetupCard({ card }: { card: CardView }) {
  const { colors } = useTheme();
  const { name, about, set, next, part, state } = card;
  return (
    <Link href={card.path} asChild>
      <TouchableRipple
        role="link"
        aria-label={`${name}. ${about}. ${set} ${next ?? ''}`.trim()}
        style={StyleSheet.flatten([styles.card, { borderColor: colors.outline, backgroundColor: colors.surface }])}
      >
        <View style={styles.row}>
          <View style={styles.thumb}>{part && <ThumbDrawing part={part} label={`${name}, its part`} />}</View>
          <View style={styles.words}>
            <AppText kind="strong">{name}</AppText>
            <AppText kind="note" tone="soft">
              {about} · {momentWords(card.changedAt)}
            </AppText>
            <View style={styles.set}>
              <AppText kind="note">{set}</AppText>
            </View>
            <MiniRule stations={card.stations} here={card.here} />
            <View style={styles.next}>
              {next !== undefined && (
                <AppText tone={state === 'slip' ? 'bad' : state === 'finished' ? 'good' : 'ink'} style={styles.strong}>
                  {state === 'slip' ? '✗ ' : state === 'finished' ? '✓ ' : '▸ '}
                  {next}
                </AppText>
              )}
            </View>
          </View>
        </View>
      </TouchableRipple>
    </Link>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1.5, borderRadius: 8, overflow: 'hidden', height: '100%' },
  row: { flexDirection: 'row', minHeight: 112 },
  thumb: { width: 104, backgroundColor: METAL.blue },
  words: { flex: 1, minWidth: 0, padding: 10, gap: 3 },
  // Two lines each, from the start: what is told later must not push the next card away from a thumb.
  set: { minHeight: 40 },
  next: { minHeight: 48 },
  strong: { fontWeight: '700' },
});
