import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { ELSEWHERE, zeroCheck } from '@zero-point/core/state/datum/zeroCheck';
import { elsewhereWords, lookWords, zeroCheckWords } from '@zero-point/core/messages/datum/zeroCheck';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { logCheck } from '../../../commands/logCheck';
import { AppText } from '../../../theme/AppText';

/** Once X and Y are set: driven to zero, does the spindle stand over it? What was seen is kept in the log. */
export function ZeroCheck({ book }: { book: SetupState }) {
  const look = zeroCheck(book);
  if (!look) return null;
  const place = zeroCheckWords(book, look);
  if (look.seen === 'there') {
    return (
      <AppText kind="note" tone="good">
        ✓ Checked over zero: the spindle is {place}.
      </AppText>
    );
  }
  const keep = (there: boolean) =>
    logCheck(
      book,
      look.item,
      `At X 0 and Y 0 the spindle is ${place}.`,
      there ? 'tick' : 'clear',
      there ? '' : ELSEWHERE,
    );
  return (
    <View style={styles.look}>
      {look.seen === 'elsewhere' && (
        <AppText tone="bad" style={styles.wrong} live>
          ✗ {elsewhereWords(look, book.setup.units)}
        </AppText>
      )}
      <AppText>{lookWords(book, look)}</AppText>
      <View style={styles.row}>
        <Button mode="contained" onPress={() => keep(true)}>
          {look.seen === 'elsewhere' ? 'Now it is over zero' : 'It is over zero'}
        </Button>
        {look.seen === undefined && (
          <Button mode="outlined" onPress={() => keep(false)}>
            It is not
          </Button>
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  look: { gap: 8 },
  wrong: { fontWeight: '700' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
