import { featureName } from '@zero-point/core/datum/feature';
import type { ReadingScale } from '@zero-point/core/records/values/place';
import type { Subject } from '@zero-point/core/records/values/subject';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { lastZeroing, passedOver, scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { Axis } from '@zero-point/core/schema/quantities';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choice } from '../../../../controls/Choice';
import { AppText } from '../../../../theme/AppText';
import { logInterruption, logLoss } from '../../../../commands/logTouch';
import { savePlan } from '../../../../commands/savePlan';
import type { FoundView } from '../../view';
import { SCALE_NAMES } from '../feature/featureView';

type Loss = Extract<Subject, { kind: 'lost' }>['why'];

/** Scales a kind of machine has; readings on different ones never mix. */
type Scale = ReadingScale;

const SCALES = {
  dials: ['dial'],
  readout: ['readout', 'incremental'],
  router: ['machine'],
  'machining-centre': ['machine'],
} as const satisfies Record<SetupState['machine']['kind'], readonly Scale[]>;

interface ScalePanelProps {
  book: SetupState;
  found: readonly FoundView[];
}

/** The scale that is read, what to say when its zero was lost, and which answers still stand. */
export function ScalePanel({ book, found }: ScalePanelProps) {
  const [said, setSaid] = useState<string | undefined>(undefined);
  const { machine } = book;
  const scale = scaleOf(book);
  const scales: readonly Scale[] = SCALES[machine.kind];
  const lose = (why: Loss, axes: readonly Axis[]) => {
    if (why === 'power-loss' && machine.homing === 'absolute') {
      setSaid('This machine’s scales are absolute: they keep their zero without power. Every zero is still good.');
      return;
    }
    if (why === 'power-loss' && scale === 'dial') {
      setSaid('Dials keep their zero without power. Every zero is still good, unless a wheel was turned.');
      return;
    }
    // Homed and back where it was within its scatter: in doubt until one touch has told, not lost.
    const homed = why === 're-homed' || (why === 'power-loss' && machine.homing === 'homes');
    if (homed && axes.some((axis) => lastZeroing(book, axis))) {
      logInterruption(book, why === 're-homed' ? 'homed' : 'power-off');
      setSaid(undefined);
      return;
    }
    for (const axis of axes) for (const one of why === 'by-mistake' ? [scale] : scales) logLoss(book, axis, why, one);
    setSaid(LOST[why]);
  };
  return (
    <View style={{ gap: 10 }}>
      {scales.length > 1 && (
        <Choice
          label="Scale that is read. ABS and INC are kept apart."
          value={scale}
          options={scales.map((one) => ({ value: one, label: SCALE_NAMES[one] }))}
          onChange={(one) => savePlan(book, { scale: one })}
        />
      )}
      <AppText kind="note" tone="soft">
        If a zero is not what it was, say so: readings before and after never mix.
      </AppText>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Button mode="outlined" onPress={() => lose('by-mistake', ['x'])}>
          X was zeroed by mistake
        </Button>
        <Button mode="outlined" onPress={() => lose('by-mistake', ['y'])}>
          Y was zeroed by mistake
        </Button>
        <Button mode="outlined" onPress={() => lose('by-mistake', ['z'])}>
          Z was zeroed by mistake
        </Button>
        <Button mode="outlined" onPress={() => lose('power-loss', ['x', 'y', 'z'])}>
          The power was off
        </Button>
        {machine.homing !== undefined && machine.homing !== 'none' && (
          <Button mode="outlined" onPress={() => lose('re-homed', ['x', 'y', 'z'])}>
            It was homed again
          </Button>
        )}
      </View>
      <PassedOver book={book} />
      {said !== undefined && (
        <AppText live style={{ fontWeight: '700' }}>
          {said}
        </AppText>
      )}
      {found.length > 0 && (
        <View role="list" aria-label="What is still good" style={{ gap: 4 }}>
          <AppText kind="note" style={{ fontWeight: '700' }}>
            What is still good
          </AppText>
          {found.map((one) => (
            <View role="listitem" key={one.key}>
              <AppText kind="note" tone={one.stands ? 'good' : 'warn'}>
                {one.stands ? '✓' : '✗'} {featureName(book.part, one.feature)}
                {standWords(one)}
              </AppText>
            </View>
          ))}
        </View>
      )}
    </View>
  );
}

const TIME = new Intl.DateTimeFormat(undefined, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

/** Two devices set one axis without seeing each other: the later counts, and the other is not hidden. */
function PassedOver({ book }: { book: SetupState }) {
  const unit = book.setup.units;
  return (['x', 'y', 'z'] as const).flatMap((axis) =>
    passedOver(book, axis).map(({ id, at, value }) => (
      <AppText key={id} kind="note" tone="warn">
        {axis.toUpperCase()} was also set to {formatLengthUnit(value, { unit })} at {TIME.format(new Date(at))}, on
        another device. The later setting counts.
      </AppText>
    )),
  );
}

const LOST: Readonly<Record<Loss, string>> = {
  'by-mistake': 'Kept. That axis is to be set again: touch one of its faces, or for Z the gauge.',
  'power-loss':
    'Kept. X, Y and Z are to be set again: touch a face of X and one of Y, and the gauge with the reference tool.',
  're-homed':
    'Kept. Machine coordinates may have shifted: touch a face of X and one of Y, and the gauge with the reference tool.',
};

/** What of an answer outlives its zero. */
function standWords({ stands, answer }: FoundView): string {
  if (stands) return ': its place, on the scale as it is.';
  if (answer.skew) return ': its place is lost, its angle is still good.';
  return answer.size ? `: its place is lost, its ${answer.size.what} is still good.` : ': touch it again.';
}
