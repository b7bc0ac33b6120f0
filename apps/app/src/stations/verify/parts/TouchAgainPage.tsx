import type { AgainThing } from '@zero-point/core/state/verify/recheckTargets';
import type { Book } from '@zero-point/core/state/basis/setupState';
import { scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { roundOf } from '@zero-point/core/datum/feature';
import { readBackQuestion } from '@zero-point/core/messages/zAndTools/readBack';
import { capital } from '@zero-point/core/messages/basis/grammar';
import { againShiftWords } from '@zero-point/core/messages/verify/recheck';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Cautions } from '../../../answer/Cautions';
import HelpLine from '../../../answer/NextReadingLine';
import { ReadingDock } from '../../../touch/ReadingDock';
import { StandingLine } from '../../../touch/GaugeStatusLine';
import { Choice } from '../../../controls/Choice';
import { MainAction } from '../../../controls/MainAction';
import { StationFrame } from '../../../layout/StationFrame';
import { Words } from '../../../theme/AppText';
import { stationPath } from '../../path';
import { againView, logAgain } from '../againView';
import { AgainDrawing } from './AgainDrawing';
import { WhichChoice } from './WhichChoice';

/** Touch a face, a bore or Z again: what it should show, what it did, and whether the zero stands. */
export default function TouchAgainPage({ book }: { book: Book }) {
  const { setup } = book;
  const router = useRouter();
  const unit = setup.units;
  const [now] = useState(Date.now);
  const [start] = useState(() => againView(book, now, undefined).chosen?.key);
  const [key, setKey] = useState(start);
  const { things, chosen, touch, sentence, openReadBacks, cautions, first: station } = againView(book, now, key);
  const [ticked, setTicked] = useState<string[]>([]);
  const gate = cautions.find(({ id, mustTick }) => mustTick && !ticked.includes(id));
  const axis = touch?.axis.toUpperCase() ?? '';
  return (
    <StationFrame
      touch
      drawing={<AgainDrawing book={book} things={things} chosen={chosen} touch={touch} onChoose={setKey} />}
      prompt={
        <Words kind="sentence" live>
          {sentence}
        </Words>
      }
      detail={
        <>
          <StandingLine book={book} gaugeId={touch?.use.gaugeId ?? setup.finderId} only="doubtful" />
          <WhichChoice value="again" />
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
                  <Words tone={shift.stands ? 'good' : 'bad'}>{againShiftWords(book, thing, shift)}</Words>
                </View>
              )),
            )}
          </View>
          {openReadBacks.length > 0 && (
            <View style={styles.list}>
              <Words style={styles.strong}>Not read back yet</Words>
              {openReadBacks.map((open) => (
                <Words key={open.setting.id} tone="warn">
                  ▲ {readBackQuestion(open, unit)}
                </Words>
              ))}
            </View>
          )}
          <HelpLine book={book} />
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
            onLog={(text) => logAgain(book, touch, text, ticked)}
            axis={touch.axis}
            byControl={touch.byControl ?? false}
            onTake={(figure) => logAgain(book, touch, figure, ticked)}
            next={undefined}
          />
        ) : (
          <MainAction
            label={`To ${capital(station)}`}
            onPress={() => router.navigate(stationPath(setup.id, station))}
          />
        )
      }
    />
  );
}

/** A thing's name on its chip. */
function shortName({ part }: Book, { of }: AgainThing): string {
  switch (of.kind) {
    case 'face':
      return capital(of.face);
    case 'round':
      return capital(roundOf(part, of.of).name);
    case 'z':
      return 'Z';
  }
}

const styles = StyleSheet.create({ list: { gap: 6 }, strong: { fontWeight: '700' } });
