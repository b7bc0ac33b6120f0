import type { RoutineResult } from '@zero-point/core/routines/routine';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { plusMinus } from '@zero-point/core/words/goodness';
import { StyleSheet, View } from 'react-native';
import { Cautions } from '../../../answer/Cautions';
import { Fold } from '../../../answer/Fold';
import { useWide } from '../../../frame/useShape';
import { TapeStrip } from '../../../tape/TapeStrip';
import { Figure, Words } from '../../../theme/Words';

interface ResultProps {
  result: RoutineResult;
  unit: LengthUnit;
  /** How it agrees with what is in use, in sentences. */
  against: readonly string[];
}

/** What a routine came to: figures with their ±, how they agree with what is in use, what to do, and the tape. */
export function RoutineResultView({ result, unit, against }: ResultProps) {
  const wide = useWide();
  return (
    <View style={styles.list}>
      {result.lines.map(({ say, value, U, signed }, i) => (
        <View key={say} style={styles.line}>
          <Words>{say}</Words>
          <View style={styles.figure}>
            <Figure size={i === 0 ? 30 : 20}>{formatLengthUnit(value, { unit, plus: signed ?? false })}</Figure>
            {U !== undefined && (
              <Figure size={16} tone="soft">
                {plusMinus(U, unit)}
              </Figure>
            )}
          </View>
        </View>
      ))}
      {against.map((words) => (
        <Words key={words} live style={styles.strong}>
          {words}
        </Words>
      ))}
      {result.notes.map((note) => (
        <Words key={note}>{note}</Words>
      ))}
      <Cautions
        cautions={result.cautions.map((caution) => ({ ...caution, mustTick: false }))}
        ticked={[]}
        onTick={() => undefined}
      />
      <Fold title="Tape: how it was reckoned" open={wide}>
        <TapeStrip tape={result.tape} unit={unit} />
      </Fold>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  line: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    alignItems: 'baseline',
    columnGap: 12,
  },
  figure: { flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' },
  strong: { fontWeight: '700' },
});
