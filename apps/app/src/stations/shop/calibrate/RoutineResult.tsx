import type { RoutineResult } from '@zero-point/core/routines/routine';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { StyleSheet, View } from 'react-native';
import { Cautions } from '../../../answer/Cautions';
import { FigureLine } from '../../../answer/FigureLine';
import { Fold } from '../../../answer/Fold';
import { useWide } from '../../../layout/useLayoutSize';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { AppText } from '../../../theme/AppText';

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
        <FigureLine
          key={say}
          say={say}
          value={value}
          U={U}
          unit={unit}
          size={i === 0 ? 30 : 20}
          signed={signed ?? false}
        />
      ))}
      {against.map((words) => (
        <AppText key={words} live style={styles.strong}>
          {words}
        </AppText>
      ))}
      {result.notes.map((note) => (
        <AppText key={note}>{note}</AppText>
      ))}
      <Cautions
        cautions={result.cautions.map((caution) => ({ ...caution, mustTick: false }))}
        ticked={[]}
        onTick={() => undefined}
      />
      <Fold title="Show the working" open={wide}>
        <WorkingStrip tape={result.tape} unit={unit} />
      </Fold>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  strong: { fontWeight: '700' },
});
