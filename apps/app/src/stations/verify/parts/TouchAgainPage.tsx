import type { RecheckTarget } from '@zero-point/core/state/verify/recheckTargets';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { roundOf } from '@zero-point/core/datum/feature';
import { readBackQuestion } from '@zero-point/core/messages/zAndTools/readBack';
import { capitalize } from '@zero-point/core/messages/basis/grammar';
import { recheckShiftText } from '@zero-point/core/messages/verify/recheck';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Cautions } from '../../../answer/Cautions';
import NextReadingLine from '../../../answer/NextReadingLine';
import { ReadingDock } from '../../../touch/ReadingDock';
import { GaugeStatusLine } from '../../../touch/GaugeStatusLine';
import { Choice } from '../../../controls/Choice';
import { MainAction } from '../../../controls/MainAction';
import { StationFrame } from '../../../layout/StationFrame';
import { AppText } from '../../../theme/AppText';
import { stationPath } from '../../path';
import { recheckView } from '../againView';
import { logRecheck } from '../commands';
import { RecheckDrawing } from './AgainDrawing';
import { VerifyPageChoice } from './VerifyPageChoice';

/** Touch a face, a bore or Z again: what it should show, what it did, and whether the zero stands. */
export default function TouchAgainPage({ book }: { book: SetupState }) {
  const { setup } = book;
  const router = useRouter();
  const unit = setup.units;
  const [now] = useState(Date.now);
  const [start] = useState(() => recheckView(book, now, undefined).chosen?.key);
  const [key, setKey] = useState(start);
  const { things, chosen, touch, sentence, openReadBacks, cautions, first: station } = recheckView(book, now, key);
  const [ticked, setTicked] = useState<string[]>([]);
  const gate = cautions.find(({ id, mustTick }) => mustTick && !ticked.includes(id));
  const axis = touch?.axis.toUpperCase() ?? '';
  return (
    <StationFrame
      touch
      drawing={<RecheckDrawing book={book} things={things} chosen={chosen} touch={touch} onChoose={setKey} />}
      prompt={
        <AppText kind="sentence" live>
          {sentence}
        </AppText>
      }
      detail={
        <>
          <GaugeStatusLine book={book} gaugeId={touch?.use.gaugeId ?? setup.finderId} only="doubtful" />
          <VerifyPageChoice value="again" />
          <Choice
            label="What to touch"
            value={chosen?.key ?? ''}
            options={things.map((one) => ({ value: one.key, label: shortName(book, one) }))}
            onChange={setKey}
          />
          <View role="list" aria-label="Touched again" style={styles.list}>
            {things.flatMap((thing) =>
              thing.shifts.map((shift) => (
                <View key={`${thing.key} ${shift.axis}`} role="listitem">
                  <AppText tone={shift.stands ? 'good' : 'bad'}>{recheckShiftText(book, thing, shift)}</AppText>
                </View>
              )),
            )}
          </View>
          {openReadBacks.length > 0 && (
            <View style={styles.list}>
              <AppText style={styles.strong}>Not read back yet</AppText>
              {openReadBacks.map((open) => (
                <AppText key={open.setting.id} tone="warn">
                  ▲ {readBackQuestion(open, unit)}
                </AppText>
              ))}
            </View>
          )}
          <NextReadingLine book={book} />
          <Cautions cautions={cautions.filter(({ mustTick }) => !mustTick)} ticked={[]} onTick={() => undefined} />
        </>
      }
      dock={
        touch && gate ? (
          <Cautions cautions={[gate]} ticked={ticked} onTick={(id) => setTicked([...ticked, id])} />
        ) : touch ? (
          <ReadingDock
            label={touch.byControl ? `${axis}: what the cycle gives` : `${axis} shows`}
            unit={unit}
            dial={scaleOf(book) === 'dial'}
            onLog={(text) => logRecheck(book, touch, text, ticked)}
            axis={touch.axis}
            byControl={touch.byControl ?? false}
            onTake={(figure) => logRecheck(book, touch, figure, ticked)}
            next={undefined}
          />
        ) : (
          <MainAction
            label={`To ${capitalize(station)}`}
            onPress={() => router.navigate(stationPath(setup.id, station))}
          />
        )
      }
    />
  );
}

/** A thing's name on its chip. */
function shortName({ part }: SetupState, { of }: RecheckTarget): string {
  switch (of.kind) {
    case 'face':
      return capitalize(of.face);
    case 'round':
      return capitalize(roundOf(part, of.of).name);
    case 'z':
      return 'Z';
  }
}

const styles = StyleSheet.create({ list: { gap: 6 }, strong: { fontWeight: '700' } });
