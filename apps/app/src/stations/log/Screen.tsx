import type { Reading } from '@zero-point/core/contract/ledger';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { featureName, roundOf } from '@zero-point/core/datum/feature';
import { FACES } from '@zero-point/core/datum/faces';
import { faceAnswer } from '@zero-point/core/ledger/faceAnswer';
import { toolLengthAnswer, zZeroAnswer } from '@zero-point/core/ledger/heightAnswer';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { ScrollView, View } from 'react-native';
import { ReadingList } from '../../answer/ReadingList';
import { BROWSER_BAR, GAP } from '../../frame/layout';
import { useLook } from '../../theme/useLook';
import { Words } from '../../theme/Words';
import { TASK_TITLES } from '../alignment/words';
import { logStrike } from '../newReading';

/** Log: every reading of the set-up, newest first, struck ones in their place. */
export default function LogScreen({ snapshot }: { snapshot: Snapshot }) {
  const { palette } = useLook();
  const newest = [...snapshot.readings].reverse();
  return (
    <ScrollView
      style={{ backgroundColor: palette.ground }}
      contentContainerStyle={{ padding: 16, paddingBottom: BROWSER_BAR + 16, gap: GAP, maxWidth: 760 }}
    >
      <Words kind="sentence">{sentence(snapshot)}</Words>
      <Words tone="soft">
        Nothing here is ever erased. Strike out what was wrong and every answer follows; restore it and it counts again.
      </Words>
      {groupByDay(newest).map(({ day, readings }) => (
        <View key={day} style={{ gap: 4 }}>
          <Words tone="soft" style={{ fontWeight: '700' }}>
            {day}
          </Words>
          <ReadingList
            readings={readings}
            wild={wildIds(snapshot)}
            unit={snapshot.setup.units}
            titleOf={(reading) => title(snapshot, reading)}
            onStrike={(reading, action, reason) => logStrike(snapshot, reading, action, reason)}
          />
        </View>
      ))}
    </ScrollView>
  );
}

function sentence({ readings }: Snapshot): string {
  if (readings.length === 0) return 'No readings yet. They appear here as you log them in Datum and Heights.';
  const struck = readings.filter(({ struckBy }) => struckBy !== null).length;
  const all = readings.length === 1 ? '1 reading' : `${readings.length} readings`;
  return struck === 0 ? `${all}, none struck out.` : `${all}, ${struck} struck out.`;
}

function title({ part, cutPlan }: Snapshot, { subject, axis, epoch, across, unit }: Reading): string {
  switch (subject.kind) {
    case 'alignment':
      return `${TASK_TITLES[subject.task]}, pass ${subject.pass}`;
    case 'face':
    case 'round': {
      const place = across ? `, ${axis === 'x' ? 'Y' : 'X'} at ${formatLengthUnit(across.value, { unit })}` : '';
      return onScale(`${axis.toUpperCase()}, ${featureName(part, subject)}${place}`, epoch);
    }
    case 'standing':
      return onScale(`${axis.toUpperCase()}, over ${roundOf(part, subject.of).name}`, epoch);
    case 'sweep':
      return `Dial at ${subject.place}°, ${roundOf(part, subject.of).name}, pass ${subject.pass}`;
    case 'run-out':
      return `Run-out of tool ${subject.tool}, ${subject.place}°, ${formatLengthUnit(subject.height, { unit })} above its tip`;
    case 'master':
      return onScale('Z, master tool', epoch);
    case 'bore-size': {
      const name = cutPlan.bores.find(({ id }) => id === subject.of)?.name ?? 'Bore';
      return subject.set === undefined
        ? `${name}, measured`
        : `${name}, set ${formatLengthUnit(subject.set, { unit })}, measured`;
    }
    default:
      return onScale(`Z, tool ${subject.tool}${subject.kind === 'z-zero' ? ', reference' : ''}`, epoch);
  }
}

const onScale = (what: string, epoch: number): string => (epoch === 1 ? what : `${what}, scale ${epoch}`);

/** Readings far from the others of their own touch. */
function wildIds(snapshot: Snapshot): string[] {
  const answers = [
    ...FACES.map((face) => faceAnswer(snapshot, face)),
    zZeroAnswer(snapshot),
    ...snapshot.tools.map(({ number }) => toolLengthAnswer(snapshot, number)),
  ];
  return answers.flatMap((answer) => answer?.result.repeats.wild.flatMap((i) => answer.readings[i]?.id ?? []) ?? []);
}

const DAY = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

function groupByDay(readings: readonly Reading[]): { day: string; readings: Reading[] }[] {
  const groups = new Map<string, Reading[]>();
  for (const reading of readings) {
    const day = DAY.format(new Date(reading.takenAt));
    groups.set(day, [...(groups.get(day) ?? []), reading]);
  }
  return [...groups].map(([day, ofDay]) => ({ day, readings: ofDay }));
}
