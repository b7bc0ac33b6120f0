import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Stop } from '@zero-point/core/state/holes/driveStops';
import { isSet } from '@zero-point/core/state/basis/activeRecords';
import { depthOfStop, machiningOf, toolOfStop } from '@zero-point/core/state/holes/machiningOrder';
import { depthAtStop } from '@zero-point/core/state/toolChange/toolDepth';
import { Refusal } from '@zero-point/core/problem/problem';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { lengthAtChange } from '@zero-point/core/messages/zAndTools/lengthAtToolChange';
import { STEP_NAMES } from '@zero-point/core/messages/basis/labels';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Unloading } from '../../../../answer/Unloading';
import { speak } from '../../../../feedback/speak';
import { AppText } from '../../../../theme/AppText';
import type { MoveView } from './moveModes';
import { spokenStop } from './spokenStop';

interface DriveHeadProps {
  book: SetupState;
  drive: MoveView;
  stop: Stop;
}

/** Which hole is next and with what tool, and what must be known before anything moves. */
export function MoveHead({ book, drive, stop }: DriveHeadProps) {
  const { stops, index, done } = drive;
  const tool = toolOfStop(book, stop);
  const atChange = stop.changeTool && tool ? lengthAtChange(book, tool.number) : undefined;
  // Where its depth has no figure the reason is said there, with the way to it.
  const length = atChange?.grave || depthAtStop(book, stop)?.depth.kind !== 'touch-off' ? atChange : undefined;
  const wanted = stop.changeTool ? machiningOf(book, [stop])[0]?.wanted?.aim : undefined;
  return (
    <>
      <View style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: 8 }}>
        <View style={{ flex: 1 }}>
          <AppText kind="sentence" live>
            {stop.done ? '✓ ' : ''}
            {STEP_NAMES[stop.step]} hole {stop.hole}
            {stops.some(({ pattern }) => pattern.id !== stop.pattern.id) ? ` of ${stop.pattern.name}` : ''}
          </AppText>
          <AppText kind="note" tone="soft">
            Stop {index + 1} of {stops.length}, {done} done. {sizeWords(book, stop)}
          </AppText>
        </View>
        <Button mode="outlined" onPress={() => speak(spokenStop(book, drive))}>
          Read aloud
        </Button>
      </View>
      {!isSet(book) && (
        <AppText tone="warn" style={{ fontWeight: '700' }}>
          ▲ X and Y are not set. These figures are from the scale’s current zero.
        </AppText>
      )}
      {stop.changeTool && (
        <AppText tone="warn" style={{ fontWeight: '700' }}>
          ▲ {STEP_NAMES[stop.step]}:{' '}
          {tool
            ? `tool ${tool.number}, ${tool.name}`
            : `a tool of ⌀ ${formatLengthUnit(wanted ?? stop.diameter, { unit: book.setup.units })}, which this machine does not have yet,`}{' '}
          in the spindle. Stop the spindle to change it.
        </AppText>
      )}
      {length && (
        <AppText tone={length.grave ? 'bad' : 'warn'} style={{ fontWeight: '700' }}>
          {length.grave ? '✗' : '▲'} {length.said}
        </AppText>
      )}
      {stop.changeTool && index > 0 && <Unloading machine={book.machine} />}
      {stop.note !== undefined && <AppText>{stop.note}</AppText>}
      {drive.lastDone && !drive.stands && (
        <Button
          mode="outlined"
          onPress={() => drive.standAt(drive.lastDone?.target, true)}
          style={{ alignSelf: 'flex-start' }}
        >
          The machine is still at hole {drive.lastDone.hole}, marked done last
        </Button>
      )}
    </>
  );
}

/** The tool's size, and how deep its point goes with what that is made of. */
function sizeWords(book: SetupState, stop: Stop): string {
  const unit = book.setup.units;
  const figure = (mm: number) => formatLengthUnit(mm, { unit });
  const tool = toolOfStop(book, stop);
  const size = `⌀ ${figure(stop.diameter)}`;
  try {
    const { tip, point, below, capped } = depthOfStop(book, stop);
    if (stop.step === 'spot') return `${size}: spot ${figure(tip)} deep${capped ? ', as deep as its cone' : ''}.`;
    const drilled =
      tool && Math.abs(tool.diameter - stop.diameter) > 0.005 ? `${size}, with ⌀ ${figure(tool.diameter)}` : size;
    if (below > 0)
      return `${drilled}, through: point ${figure(tip)} below the top, ${figure(below)} out under the part.`;
    return `${drilled}, ${figure(tip - point)} deep${point > 0 ? `, its point to ${figure(tip)}` : ''}.`;
  } catch (error) {
    if (error instanceof Refusal) return `${size}. ${error.message}`;
    throw error;
  }
}
