import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Finding } from '@zero-point/core/program/finding';
import { lineBefore, nextLine, stretchOfLine } from '@zero-point/core/program/interpreter/lineNavigation';
import { programComparisonRows, envelopeWords } from '@zero-point/core/messages/program/programComparison';
import { LOOKED_FOR } from '@zero-point/core/messages/program/finding';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { Choice } from '../../../controls/Choice';
import { TARGET } from '../../../layout/layout';
import { FilePicker } from '../../../files/FilePicker';
import { StationFrame } from '../../../layout/StationFrame';
import { useWide } from '../../../layout/useLayoutSize';
import { useKeys } from '../../../keyboard/useKeys';
import { ProgramDrawing } from '../../../drawing/ProgramDrawing';
import type { Side } from '../../../drawing/geometry/programTraces';
import type { Checked } from '../../../stores/programs';
import { AppText } from '../../../theme/AppText';
import { findingCount, cursorView, isStale, worldOf } from '../programView';
import { ProgramComparisonTable } from './BesideTable';
import { BoxesFold } from './BoxesFold';
import { CursorPanel } from './CursorPanel';
import { FindingList } from './FindingList';
import { PROGRAM_FILES } from './programFiles';
import { VerifyPageChoice } from './VerifyPageChoice';

interface CheckedPageProps {
  book: SetupState;
  checked: Checked;
  trouble: string | undefined;
  onAgain: () => void;
  onPick: (file: File, reread: Checked['reread']) => void;
}

/** A program that was read: what was found, worst first, its path with a cursor, and what it believes beside what is set. */
export function CheckedPage({ book, checked, trouble, onAgain, onPick }: CheckedPageProps) {
  const { result, set, file } = checked;
  const { findings, told, path } = result;
  const unit = book.setup.units;
  const wide = useWide();
  const [side, setSide] = useState<Side>('above');
  const [tool, setTool] = useState('all');
  const [nearer, setNearer] = useState(0);
  // Not at every step of the cursor: a setup may have thousands of holes.
  const stale = useMemo(() => isStale(book, set), [book, set]);
  const [at, setAt] = useState(() => Math.max(0, findings[0]?.at ?? 0));
  const [shown, setShown] = useState<Finding | undefined>(findings[0]);
  const cursor = Math.min(at, Math.max(0, path.count - 1));
  const go = (line: number) => setAt(stretchOfLine(path, line));
  useKeys((key) => {
    if (key === 'ArrowRight' || key === 'ArrowDown') setAt(nextLine(path, cursor));
    if (key === 'ArrowLeft' || key === 'ArrowUp') setAt(lineBefore(path, cursor));
  });
  const radius = (set.tools.find(({ number }) => number === cursorView(result, cursor, unit).tool)?.diameter ?? 0) / 2;
  return (
    <StationFrame
      drawing={
        path.count === 0 ? null : (
          <ProgramDrawing
            path={path}
            side={side}
            stock={set.stock}
            boxes={set.boxes}
            turn={set.turn}
            tool={tool === 'all' ? undefined : told.tools.findIndex(({ number }) => String(number) === tool)}
            cursor={cursor}
            radius={radius}
            world={worldOf(result, set, side)}
            nearer={nearer}
            height={wide ? 'fill' : 220}
            label={`The program’s path from ${side === 'above' ? 'above' : 'the front'}; rapids dashed, feeds solid`}
          />
        )
      }
      prompt={
        <>
          <AppText kind="sentence" live tone={findingCount(findings, 'stop') > 0 ? 'bad' : 'ink'}>
            {summary(findings, file.name, told.checkedTo < told.lines ? told.checkedTo : undefined)}
          </AppText>
          {trouble !== undefined && (
            <View role="alert">
              <AppText tone="bad">{trouble}</AppText>
            </View>
          )}
          {stale && <AppText tone="warn">▲ Something was set or changed since. Check it again.</AppText>}
          {path.count > 0 && (
            <View style={styles.row}>
              <View style={styles.sides}>
                <Choice
                  label="Seen from"
                  showLabel={false}
                  value={side}
                  options={[
                    { value: 'above', label: 'Above' },
                    { value: 'front', label: 'Front' },
                  ]}
                  onChange={setSide}
                />
              </View>
              <IconButton
                style={styles.icon}
                icon="nearer"
                accessibilityLabel="Nearer"
                disabled={nearer >= 8}
                onPress={() => setNearer(nearer + 1)}
              />
              <IconButton
                style={styles.icon}
                icon="whole"
                accessibilityLabel="All of it"
                onPress={() => setNearer(0)}
              />
            </View>
          )}
        </>
      }
      detail={
        <>
          <FindingList
            findings={findings}
            unit={unit}
            chosen={shown}
            onChoose={(finding) => {
              setShown(finding);
              if (finding.line > 0) go(finding.line);
            }}
          />
          {path.count > 0 && (
            <CursorPanel
              checked={checked}
              at={cursor}
              unit={unit}
              onLine={go}
              onNext={() => setAt(nextLine(path, cursor))}
              onBefore={() => setAt(lineBefore(path, cursor))}
            />
          )}
          {told.tools.length > 1 && (
            <Choice
              label="Tool shown"
              value={tool}
              options={[
                { value: 'all', label: 'All' },
                ...told.tools.map(({ number }) => ({
                  value: String(number),
                  label: number === 0 ? 'no tool' : `T${number}`,
                })),
              ].slice(0, 24)}
              onChange={setTool}
            />
          )}
          <Fold title="What the program uses, and what is set" open={wide}>
            <ProgramComparisonTable rows={programComparisonRows(told, set)} />
          </Fold>
          <Fold title="Room it takes">
            {envelopeWords(told, set).map((line) => (
              <AppText key={line}>{line}</AppText>
            ))}
          </Fold>
          <BoxesFold book={book} />
          <Fold title="What was checked">
            {LOOKED_FOR.map((line) => (
              <AppText key={line}>· {line}</AppText>
            ))}
            <AppText tone="soft">
              This check does not make it safe. First run above the part, single block, hand on feed hold, emergency
              stop within reach.
            </AppText>
          </Fold>
          <FilePicker rereads label="Choose another" what="A program to check" accept={PROGRAM_FILES} onPick={onPick} />
          <VerifyPageChoice value="program" />
        </>
      }
      dock={
        <Button mode="contained" onPress={onAgain}>
          Check again
        </Button>
      }
    />
  );
}

function summary(findings: readonly Finding[], name: string, short: number | undefined): string {
  const [stops, minds] = [findingCount(findings, 'stop'), findingCount(findings, 'mind')];
  const read = short === undefined ? '' : ` It was read only to line ${short} only.`;
  if (stops > 0)
    return `Do not run ${name} yet: ${stops} ${stops === 1 ? 'thing' : 'things'} to correct first${minds > 0 ? `, ${minds} to look at` : ''}.${read}`;
  if (minds > 0) return `${name}: ${minds} ${minds === 1 ? 'thing' : 'things'} to look at before it runs.${read}`;
  return `${name}: nothing found in what was checked.${read}`;
}

const styles = StyleSheet.create({
  sides: { minWidth: 230 },
  icon: { width: TARGET, height: TARGET, margin: 0 },
  row: { flexDirection: 'row', alignItems: 'center', gap: 8, flexWrap: 'wrap' },
});
