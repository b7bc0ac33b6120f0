import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Stop } from '@zero-point/core/state/holes/driveStops';
import { doneSteps } from '@zero-point/core/state/holes/holes';
import { depthAtStop } from '@zero-point/core/state/toolChange/toolDepth';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { kneeLockedAt } from '@zero-point/core/state/toolChange/quillDepth';
import { lastZeroing } from '@zero-point/core/state/basis/activeRecords';
import { quillWords } from '@zero-point/core/messages/zAndTools/quillDepth';
import { noDepthWords, toolShiftWords, zShows } from '@zero-point/core/messages/zAndTools/toolDepth';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../../answer/Fold';
import { OptionalLengthField } from '../../../../keypad/Fields';
import { logCheck } from '../../../../commands/logCheck';
import { WorkingStrip } from '../../../../working/WorkingStrip';
import { Figure, AppText } from '../../../../theme/AppText';
import { stationPath } from '../../../path';
import { saveCutPlan } from '../../../../commands/saveCutPlan';

interface DriveDepthProps {
  book: SetupState;
  stop: Stop;
}

/** What Z shows at full depth with the tool in the spindle, beside X and Y; or what comes before there is a figure. */
export function DepthFigure({ book, stop }: DriveDepthProps) {
  const router = useRouter();
  const found = depthAtStop(book, stop);
  if (!found) return null;
  const { tool, depth } = found;
  if (depth.kind !== 'shown')
    return (
      <View role="group" aria-label="Depth" style={{ gap: 6 }}>
        <AppText tone="bad" style={{ fontWeight: '700' }}>
          ✗ No depth for T{tool}. {noDepthWords(depth)}
        </AppText>
        <Button
          mode="outlined"
          onPress={() => router.navigate(`${stationPath(book.setup.id, 'heights')}?tool=${tool}`)}
          style={{ alignSelf: 'flex-start' }}
        >
          {depth.kind === 'touch-off' || depth.kind === 'by-probe' ? `Touch off T${tool}` : 'Set Z'}
        </Button>
      </View>
    );
  const shows = zShows(book, depth.deepest);
  // A dial's place takes words: they are read as such.
  const size = shows.length > 16 ? 20 : 34;
  return (
    <View role="group" aria-label="Depth">
      <View style={{ flexDirection: 'row', alignItems: 'baseline', justifyContent: 'space-between', gap: 8 }}>
        <AppText kind="strong" style={{ fontSize: 34, lineHeight: 40 }}>
          Z
        </AppText>
        <Figure size={size}>{shows}</Figure>
      </View>
      <AppText style={{ textAlign: 'right' }}>
        {`full depth with T${tool}, ${depth.U === null ? '± not known' : plusMinus(depth.U, book.setup.units)}`}
      </AppText>
      {unconfirmedShift(book, stop) !== undefined && (
        <AppText tone="warn" style={{ fontWeight: '700' }}>
          ▲ {unconfirmedShift(book, stop)}
        </AppText>
      )}
    </View>
  );
}

/** The mark in the log that a stop's tool is in the spindle. */
const toolItem = ({ item }: Stop): string => `${item}-tool`;

/** What changed of Z with the tool, until somebody said that it is in. */
function unconfirmedShift(book: SetupState, stop: Stop): string | undefined {
  const found = depthAtStop(book, stop);
  if (found?.depth.kind !== 'shown' || !stop.changeTool || doneSteps(book).has(toolItem(stop))) return undefined;
  return toolShiftWords(book, found.tool, found.depth);
}

/** The quill's stop, where the scale is on the knee: what Z shows with the knee locked is asked for. */
function QuillStop({ book, deepest }: { book: SetupState; deepest: number }) {
  const quill = quillWords(book, deepest);
  const set = lastZeroing(book, 'z');
  if (!quill || !set) return null;
  return (
    <View role="group" aria-label="Quill stop" style={{ gap: 6 }}>
      <AppText tone={quill.trouble ? 'bad' : 'ink'} style={{ fontWeight: '700' }}>
        {quill.trouble ? '✗ ' : ''}
        {quill.said}
      </AppText>
      <OptionalLengthField
        label="Z shows, knee locked"
        unit={book.setup.units}
        value={kneeLockedAt(book)}
        onCommit={(at) => saveCutPlan(book, { kneeLocked: at === undefined ? undefined : { at, zeroingId: set.id } })}
      />
    </View>
  );
}

/** What goes with the depth: what changed with the tool, where its tip is at the top, the quill's stop, the working. */
export function DepthNotes({ book, stop }: DriveDepthProps) {
  const found = depthAtStop(book, stop);
  if (found?.depth.kind !== 'shown') return null;
  const { tool, depth } = found;
  const shift = unconfirmedShift(book, stop);
  return (
    <View style={{ gap: 6 }}>
      {shift !== undefined && (
        <Button
          mode="outlined"
          onPress={() => logCheck(book, toolItem(stop), `T${tool} in the spindle. ${shift}`, 'tick', '')}
          style={{ alignSelf: 'flex-start' }}
        >
          {`T${tool} is in the spindle`}
        </Button>
      )}
      <AppText tone="soft">
        {`The tip is at the part’s top where Z shows ${zShows(book, depth.start)}.`}
        {depth.byControl ? ` The length of T${tool} must be active in the program.` : ''}
      </AppText>
      <QuillStop book={book} deepest={depth.deepest} />
      {depth.shift !== 0 && (
        <Fold title="Working of the depth">
          <WorkingStrip tape={depth.tape} unit={book.setup.units} />
        </Fold>
      )}
    </View>
  );
}
