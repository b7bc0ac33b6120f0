import type { Finding, FindingLevel } from '@zero-point/core/program/finding';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { programFindingWords, linesWords } from '@zero-point/core/messages/program/finding';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, TouchableRipple } from 'react-native-paper';
import { useLook } from '../../../theme/useLook';
import { AppText } from '../../../theme/AppText';

interface FindingListProps {
  findings: readonly Finding[];
  unit: LengthUnit;
  chosen: Finding | undefined;
  onChoose: (finding: Finding) => void;
}

/** Told apart by mark and word, not by colour alone. */
const MARKS: Readonly<Record<FindingLevel, { mark: string; word: string; tone: 'bad' | 'warn' | 'soft' }>> = {
  stop: { mark: '✗', word: 'Mend', tone: 'bad' },
  mind: { mark: '▲', word: 'Look', tone: 'warn' },
  note: { mark: '·', word: 'Know', tone: 'soft' },
};

/** So many at first; a bad program has hundreds. */
const FIRST = 12;

/** What was found, worst first; pressing one goes to its line. */
export function FindingList({ findings, unit, chosen, onChoose }: FindingListProps) {
  const { palette } = useLook();
  const [all, setAll] = useState(false);
  const shown = all ? findings : findings.slice(0, FIRST);
  return (
    <View role="list" aria-label="What was found" style={styles.list}>
      {shown.map((finding, i) => {
        const { said, remedy } = programFindingWords(finding, unit);
        const { mark, word, tone } = MARKS[finding.level];
        const current = finding === chosen;
        return (
          <View key={`${finding.code} ${finding.line} ${i}`} role="listitem">
            <TouchableRipple
              role="button"
              aria-label={`${word}, ${linesWords(finding)}: ${said}`}
              aria-pressed={current}
              onPress={() => onChoose(finding)}
              style={[
                styles.one,
                { borderColor: current ? palette.brass : palette.line, backgroundColor: palette.surface },
              ]}
            >
              <>
                <AppText kind="note" tone={tone} style={styles.strong}>
                  {`${mark} ${word} · ${linesWords(finding)}`}
                </AppText>
                <AppText>{said}</AppText>
                <AppText tone="soft">{remedy}</AppText>
              </>
            </TouchableRipple>
          </View>
        );
      })}
      {findings.length > FIRST && !all && (
        <Button mode="text" onPress={() => setAll(true)}>
          {`Show all ${findings.length}`}
        </Button>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 8 },
  one: { borderWidth: 1.5, borderRadius: 8, padding: 10, gap: 2, minHeight: 48 },
  strong: { fontWeight: '700' },
});
