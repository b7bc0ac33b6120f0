import { noteWords } from '@zero-point/core/words/note';
import { ALIGNMENT_CAUTIONS } from '@zero-point/core/cautions/caution';
import type { Machine } from '@zero-point/core/record/machine';
import { backlash } from '@zero-point/core/shop/backlash';
import { formatLength } from '@zero-point/core/units/formatLength';
import { parseLength } from '@zero-point/core/units/parseLength';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Line } from 'react-native-svg';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { Cautions } from '../../../answer/Cautions';
import { Fold } from '../../../answer/Fold';
import { ReadingDock } from '../../../answer/ReadingDock';
import { plusMinus } from '@zero-point/core/words/goodness';
import { Ground } from '../../../drawing/Ground';
import { Arrow, Label, ScribedBlock } from '../../../drawing/marks';
import { StationFrame } from '../../../frame/StationFrame';
import { useWide } from '../../../frame/useShape';
import { TapeStrip } from '../../../tape/TapeStrip';
import { METAL } from '../../../theme/palette';
import { Figure, Words } from '../../../theme/Words';
import { calibrate } from '../../../record/calibrate';

/** Repeats from each side that make it good. */
const REPEATS = 6;

/** Standard deviation of bringing an indicator back to its zero by hand, mm. */
const BY_HAND = 0.004;

interface Drafts {
  drafts: Record<string, number[]>;
  set: (key: string, readings: number[]) => void;
}

/** Readings not yet made into a backlash; kept on this device until they are. */
const useDrafts = create<Drafts>()(
  persist(
    (set) => ({
      drafts: {},
      set: (key, readings) => set(({ drafts }) => ({ drafts: { ...drafts, [key]: readings } })),
    }),
    { name: 'zero-point.backlash' },
  ),
);

/** The little procedure: the same place of the table, arrived at from both sides in turn, half a dozen times. */
export function BacklashScreen({ machine, axis }: { machine: Machine; axis: 'x' | 'y' | 'z' }) {
  const router = useRouter();
  const wide = useWide();
  const key = `${machine.id} ${axis}`;
  const readings = useDrafts((state) => state.drafts[key]) ?? [];
  const setDraft = useDrafts((state) => state.set);
  const unit = machine.units;
  const show = (mm: number) => formatLength(mm, { unit });
  const name = axis.toUpperCase();
  // They alternate: arriving in plus first, then in minus.
  const fromMinus = readings.filter((_, i) => i % 2 === 0);
  const fromPlus = readings.filter((_, i) => i % 2 === 1);
  const plusNext = readings.length % 2 === 0;
  const profile = machine.axes[axis];
  const result =
    fromPlus.length > 0
      ? backlash({ fromMinus, fromPlus, method: { resolution: profile.step, methodSd: BY_HAND } })
      : undefined;
  const enough = fromPlus.length >= REPEATS && plusNext;

  const log = (text: string) => {
    const read = parseLength(text, unit);
    if (!read.ok) return read.message;
    setDraft(key, [...readings, read.mm]);
    return undefined;
  };
  const keep = () => {
    if (!result) return;
    const found = { value: result.backlash, U: result.uncertainty.U, fromMinus, fromPlus };
    calibrate({ kind: 'axis', machineId: machine.id, axis }, { what: 'backlash', ...found });
    setDraft(key, []);
    router.setParams({ axis: '' });
  };

  return (
    <StationFrame
      touch
      drawing={<BothSides height="fill" axis={name} plusNext={plusNext} />}
      prompt={
        <>
          <Words kind="note" tone="soft">
            Backlash of {name} · {fromMinus.length} and {fromPlus.length} of {REPEATS} from each side
          </Words>
          <Words kind="sentence" live>
            {readings.length === 0
              ? `Indicator against the table along ${name}. Come well from the minus side, stop, and set it to zero. What does the dial show?`
              : plusNext
                ? `Go back past it, come again in plus until the indicator reads zero. What does the dial show?`
                : `Go past it, come back in minus until the indicator reads zero. What does the dial show?`}
          </Words>
          {readings.length === 0 && (
            <Cautions cautions={[ALIGNMENT_CAUTIONS.spindleStopped]} ticked={[]} onTick={() => undefined} />
          )}
        </>
      }
      detail={
        <>
          {result && (
            <View style={{ gap: 8 }}>
              <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10, flexWrap: 'wrap' }}>
                <Words>Backlash</Words>
                <Figure size={30}>{show(result.backlash)}</Figure>
                <Figure size={16} tone="soft">
                  {plusMinus(result.uncertainty.U, unit)}
                </Figure>
              </View>
              {result.notes.map((note) => (
                <Words key={note.code} tone="warn">
                  {noteWords(note, unit)}
                </Words>
              ))}
              <Button mode={enough ? 'contained' : 'outlined'} onPress={keep}>
                Keep this backlash
              </Button>
              <Fold title="Tape: how it was reckoned" open={wide}>
                <TapeStrip tape={result.tape} unit={unit} />
              </Fold>
            </View>
          )}
          {readings.length > 0 && (
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'center' }}>
              {readings.map((mm, i) => (
                <Figure key={i} size={17}>
                  {i % 2 === 0 ? '→' : '←'} {show(mm)}
                </Figure>
              ))}
              <Words kind="note" tone="soft">
                {unit}
              </Words>
              <Button mode="outlined" onPress={() => setDraft(key, readings.slice(0, -1))}>
                Take the last one back
              </Button>
            </View>
          )}
        </>
      }
      dock={
        <ReadingDock
          label={`${name} dial, arriving in ${plusNext ? 'plus' : 'minus'}`}
          unit={unit}
          onLog={log}
          next={enough ? { label: 'Keep this backlash', onPress: keep } : undefined}
        />
      }
    />
  );
}

/** The table against an indicator, and the side it is arrived at from. */
function BothSides({ height, axis, plusNext }: { height: number | 'fill'; axis: string; plusNext: boolean }) {
  return (
    <Ground
      height={height}
      label={`The ${axis} axis arriving in ${plusNext ? 'plus' : 'minus'} at the indicator`}
      draw={(width, tall) => {
        const x = width / 2;
        const y = tall / 2 + 14;
        const from = plusNext ? -1 : 1;
        return (
          <>
            <ScribedBlock x={x - 60} y={y - 4} width={120} height={28} />
            <Label x={x} y={y + 16} words>
              table
            </Label>
            <Line x1={x} x2={x} y1={y - 44} y2={y - 6} stroke={METAL.brass} strokeWidth={2} strokeDasharray="5 4" />
            <Label x={x} y={y - 48} size={13} colour={METAL.brass} words>
              indicator at zero
            </Label>
            <Arrow from={{ x: x + from * 150, y: y + 10 }} to={{ x: x + from * 68, y: y + 10 }} />
            <Label x={x + from * 110} y={y - 4}>{`${axis}${plusNext ? '+' : '−'}`}</Label>
          </>
        );
      }}
    />
  );
}
