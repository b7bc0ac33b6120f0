import { STEP_NAMES } from '@zero-point/core/words/names';
import { driveCautions } from '@zero-point/core/book/driveCautions';
import { proveWords } from '@zero-point/core/words/proveList';
import type { Book } from '@zero-point/core/book/book';
import { doubtOf, leftSince } from '@zero-point/core/book/comingBack';
import { topAboveZero } from '@zero-point/core/book/zZeroPlace';
import { isSet } from '@zero-point/core/book/inForce';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import type { Stop } from '@zero-point/core/book/driveList';
import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Unloading } from '../../../answer/Unloading';
import { HolesMark } from '../../../drawing/HolesMark';
import { Arrow } from '../../../drawing/marks';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { Choice } from '../../../frame/Choice';

import { MainAction } from '../../../frame/MainAction';
import { useKeys } from '../../../frame/useKeys';
import { useWide } from '../../../frame/useShape';
import { useLook } from '../../../theme/useLook';
import { Words } from '../../../theme/Words';
import { stationPath } from '../../path';
import { useAwake } from '../../../signal/awake';
import { speak } from '../../../signal/speak';
import { CncSteps, DialSteps, ReadoutSteps, WhereItIs } from './DriveSteps';
import { ComingBack } from './ComingBack';
import { StandsAt } from './StandsAt';
import { depthOfStop, machiningOf, toolOfStop } from '@zero-point/core/book/machining';
import { Refusal } from '@zero-point/core/problem/problem';
import { lengthAtChange } from '@zero-point/core/words/lengthAtChange';
import { driveMode } from '@zero-point/core/book/driveMode';
import { dialLegs, driveModes, markDone, type DriveView } from './drive';
import { useDrive } from './useDrive';
import { logCut } from '../view';

const MODE_NAMES = { readout: 'Readout', dials: 'Dials', cnc: 'Control' } as const;
const STEPS = { readout: ReadoutSteps, dials: DialSteps, cnc: CncSteps } as const;

/** The drive view: one hole at a time, in figures that read from two metres. */
export default function DriveScreen({ book }: { book: Book }) {
  const router = useRouter();
  const wide = useWide();
  const { palette } = useLook();
  const params = useLocalSearchParams();
  const drive = useDrive(
    book,
    typeof params.pattern === 'string' ? params.pattern : undefined,
    Number(params.stop) || undefined,
  );
  const { stops, index, stop, done } = drive;
  const mode = driveMode(book);
  useAwake();
  // When the page was opened: what is logged on it is newer.
  const [opened] = useState(Date.now);
  const since = leftSince(book, opened);

  const go = (to: number) => {
    if (to >= 0 && to < stops.length) router.setParams({ stop: String(to + 1) });
  };
  const finish = () => router.navigate(stationPath(book.setup.id, 'positions'));
  const doneHere = () => {
    if (!stop) return;
    if (!stop.done) markDone(book, stop, true);
    if (index + 1 < stops.length) go(index + 1);
    else finish();
  };
  useKeys((key) => {
    if (key === 'ArrowRight' || key === 'ArrowDown' || key === 'PageDown') go(index + 1);
    if (key === 'ArrowLeft' || key === 'ArrowUp' || key === 'PageUp') go(index - 1);
    if (key === 'd') doneHere();
    if (key === 's' && stop) speak(spokenOf(book, drive));
  });

  // Before anything is driven to: a zero in doubt is proven first, a night asked about.
  if (stop && doubtOf(book))
    return <Words style={{ padding: 24 }}>Nothing is driven to before the zero is proven, or set anew.</Words>;
  if (stop && since !== undefined && done < stops.length) return <ComingBack book={book} since={since} />;
  if (!stop) return <Words style={{ padding: 24 }}>No holes to drive to. Add a pattern in Positions.</Words>;
  const Steps = STEPS[mode];
  const tool = toolOfStop(book, stop);
  const length = stop.changeTool && tool ? lengthAtChange(book, tool.number) : undefined;
  const wanted = stop.changeTool ? machiningOf(book, [stop])[0]?.wanted?.aim : undefined;

  return (
    <View style={{ flex: 1, backgroundColor: palette.ground, flexDirection: wide ? 'row' : 'column' }}>
      <View style={wide ? { flex: 1 } : { height: length ? 110 : 170 }}>
        <DriveDrawing book={book} drive={drive} stop={stop} />
      </View>
      <View
        style={{
          ...(wide ? { width: 520 } : { flex: 1 }),
          minHeight: 0,
          padding: 12,
          paddingBottom: wide ? 16 : 12,
          gap: 8,
        }}
      >
        <ScrollView contentContainerStyle={{ gap: 8, paddingBottom: 8 }}>
          <View style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: 8 }}>
            <View style={{ flex: 1 }}>
              <Words kind="sentence" live>
                {stop.done ? '✓ ' : ''}
                {STEP_NAMES[stop.step]} hole {stop.hole}
                {stops.some(({ pattern }) => pattern.id !== stop.pattern.id) ? ` of ${stop.pattern.name}` : ''}
              </Words>
              <Words kind="note" tone="soft">
                Stop {index + 1} of {stops.length}, {done} done. {sizeWords(book, stop)}
              </Words>
            </View>
            <Button mode="outlined" onPress={() => speak(spokenOf(book, drive))}>
              Say it
            </Button>
          </View>
          {!isSet(book) && (
            <Words tone="warn" style={{ fontWeight: '700' }}>
              ▲ X and Y are not set here yet: these count from whatever zero the scale has.
            </Words>
          )}
          {stop.changeTool && (
            <Words tone="warn" style={{ fontWeight: '700' }}>
              ▲ {STEP_NAMES[stop.step]}:{' '}
              {tool
                ? `tool ${tool.number}, ${tool.name}`
                : `a tool of ⌀ ${formatLengthUnit(wanted ?? stop.diameter, { unit: book.setup.units })}, which this machine has not yet,`}{' '}
              in the spindle. Spindle stopped to change it.
            </Words>
          )}
          {length && (
            <Words tone={length.grave ? 'bad' : 'warn'} style={{ fontWeight: '700' }}>
              {length.grave ? '✗' : '▲'} {length.said}
            </Words>
          )}
          {stop.changeTool && index > 0 && <Unloading machine={book.machine} />}
          {stop.note !== undefined && <Words>{stop.note}</Words>}
          {drive.lastDone && !drive.stands && (
            <Button
              mode="outlined"
              onPress={() => drive.standAt(drive.lastDone?.target, true)}
              style={{ alignSelf: 'flex-start' }}
            >
              It still stands at hole {drive.lastDone.hole}, marked done last
            </Button>
          )}
          <Steps book={book} drive={drive} />
          {mode === 'readout' && <WhereItIs book={book} drive={drive} />}
          <Words kind="note" tone="soft">
            By a rule: {proveWords(book, stop)}.
          </Words>
          {driveCautions(book, stop).map(({ id, text }) => (
            <Words key={id} kind="note" tone="soft">
              △ {text}
            </Words>
          ))}
          <StandsAt key={index} book={book} drive={drive} />
          <Choice
            label="Told as"
            value={mode}
            options={driveModes(book).map((one) => ({ value: one, label: MODE_NAMES[one] }))}
            onChange={(next) => logCut(book, { mode: next })}
          />
          {stop.done && (
            <Button mode="outlined" onPress={() => markDone(book, stop, false)} style={{ alignSelf: 'flex-start' }}>
              Not done after all
            </Button>
          )}
        </ScrollView>
        <View style={{ flexDirection: 'row', gap: 8 }}>
          <Button mode="outlined" onPress={() => go(index - 1)} disabled={index === 0}>
            Back
          </Button>
          <Button mode="outlined" onPress={() => go(index + 1)} disabled={index + 1 >= stops.length}>
            Next
          </Button>
          <View style={{ flex: 1 }}>
            <MainAction label={index + 1 < stops.length ? 'Done' : 'Done: finish'} onPress={doneHere} />
          </View>
        </View>
      </View>
    </View>
  );
}

/** The tool's size, and how deep its point goes with what that is made of. */
function sizeWords(book: Book, stop: Stop): string {
  const unit = book.setup.units;
  const figure = (mm: number) => formatLengthUnit(mm, { unit });
  const tool = toolOfStop(book, stop);
  const size = `⌀ ${figure(stop.diameter)}`;
  try {
    const { tip, point, below, capped } = depthOfStop(book, stop);
    const top = topAboveZero(book);
    // The figure of the point itself, where zero is not the top it is counted from.
    const shows = top === undefined || top === 0 ? '' : ` Z shows ${figure(top - tip)} at its deepest.`;
    if (stop.step === 'spot')
      return `${size}: spot ${figure(tip)} deep${capped ? ', as far as its cone goes' : ''}.${shows}`;
    const drilled =
      tool && Math.abs(tool.diameter - stop.diameter) > 0.005 ? `${size}, with ⌀ ${figure(tool.diameter)}` : size;
    if (below > 0)
      return `${drilled}, through: point ${figure(tip)} below the top, ${figure(below)} out under the part.${shows}`;
    return `${drilled}, ${figure(tip - point)} deep${point > 0 ? `, its point to ${figure(tip)}` : ''}.${shows}`;
  } catch (error) {
    if (error instanceof Refusal) return `${size}. ${error.message}`;
    throw error;
  }
}

/** What is said aloud of a stop, in the words of the mode it is driven in. */
function spokenOf(book: Book, drive: DriveView): string {
  const { stop, toGo } = drive;
  if (!stop) return '';
  const unit = book.setup.units;
  const name = `Hole ${stop.hole}.`;
  if (driveMode(book) === 'dials')
    return `${name} ${dialLegs(book, drive)
      .map(({ axis, words }) => `${axis}: ${words.length > 0 ? words.join('; then ') : 'stays'}`)
      .join('. ')}.`;
  const told = driveMode(book) === 'cnc' ? stop.target : toGo;
  const figure = (mm: number) => formatLength(mm, { unit, plus: driveMode(book) === 'readout' });
  return `${name} X ${figure(told.x)}, Y ${figure(told.y)}.`;
}

/** The part with the holes of the drive, and the way to the one in hand. */
function DriveDrawing({ book, drive, stop }: { book: Book; drive: DriveView; stop: Stop }) {
  const { part, setup } = book;
  const zero = zeroOf(part, setup.partZero);
  const { stops, index } = drive;
  const ofPattern = stop.pattern.id;
  // One mark a hole, however many steps it has.
  const { holes, others } = useMemo(() => {
    const once = [...new Map(stops.map((one) => [`${one.pattern.id} ${one.hole}`, one])).values()];
    return {
      holes: once.filter(({ pattern }) => pattern.id === ofPattern),
      others: once.filter(({ pattern }) => pattern.id !== ofPattern),
    };
  }, [stops, ofPattern]);
  const from = stops[index - 1] ?? { x: 0, y: 0 };
  return (
    <PlanDrawing
      part={part}
      partZero={setup.partZero}
      zeroSet={isSet(book)}
      height="fill"
      drawnHoles="faint"
      label={`The way to hole ${stop.hole}`}
      marks={(view) => (
        <>
          <HolesMark holes={holes} others={others} zero={zero} current={stop.hole} view={view} />
          <Arrow
            from={{ x: view.x(zero.x + from.x), y: view.y(zero.y + from.y) }}
            to={{ x: view.x(zero.x + stop.x), y: view.y(zero.y + stop.y) }}
          />
        </>
      )}
    />
  );
}
