import { LoadingPart } from '../../layout/LoadingPage';
import { lazyComponent } from '../../layout/lazyComponent';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { isSet } from '@zero-point/core/state/basis/activeRecords';
import { formatLength } from '@zero-point/core/units/formatLength';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { GaugeStatusLine } from '../../touch/GaugeStatusLine';
import { Cautions } from '../../answer/Cautions';
import { Fold } from '../../answer/Fold';
import { ReadingDock } from '../../touch/ReadingDock';
import { ReadingList } from '../../touch/ReadingList';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { Choice } from '../../controls/Choice';
import { MainAction } from '../../controls/MainAction';
import { LinkButton } from '../../controls/LinkButton';
import { useWide } from '../../layout/useLayoutSize';
import { StationFrame } from '../../layout/StationFrame';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { DraftField } from '../../keypad/DraftField';
import { WorkingStrip } from '../../working/WorkingStrip';
import { AppText } from '../../theme/AppText';
import { logPassMend, logStrike } from '../../commands/logTouch';
import { BoreFields } from './parts/BoreFields';
import { BoreOutline } from './parts/BoreOutline';
import { BoreOrFacingChoice } from './parts/BoreOrFacingChoice';
import { doubtfulPass } from '@zero-point/core/state/boreAndFace/doubtfulPass';
import {
  boreSentence,
  gaugeWords,
  GONE_OVER,
  passMendWords,
  passMistakeText,
  turnWords,
} from '@zero-point/core/messages/boreAndFace/bore';
import { boreGauges, boreView, drawnBore } from './view';
import { logBoreSize, startBore, saveBarSpring, saveBore } from './commands';

const ApproachChart = lazyComponent(() => import('./parts/ApproachChart'));

const FacingScreen = lazyComponent(() => import('./parts/Facing'), LoadingPart);

/** Size: a bore crept to size, or a face brought to height, as equals. */
export default function SizeScreen({ book }: { book: SetupState }) {
  const params = useLocalSearchParams();
  return params.show === 'facing' ? <FacingScreen book={book} /> : <ToSize book={book} />;
}

function ToSize({ book }: { book: SetupState }) {
  const router = useRouter();
  const params = useLocalSearchParams();
  const view = boreView(book, typeof params.bore === 'string' ? params.bore : undefined);
  const { bore, bores, log } = view;
  const answer = view.answer?.result;
  const { setup, part } = book;
  const unit = setup.units;
  const [setTo, setSetTo] = useState<string | undefined>(undefined);
  // Every setting asks for its own ticks.
  const setting = `${bore?.id ?? ''} ${log.passes.length}`;
  const [ticks, setTicks] = useState<{ setting: string; ids: string[] }>({ setting, ids: [] });
  const ticked = ticks.setting === setting ? ticks.ids : [];
  const toTick = answer?.next ? answer.cautions.filter(({ mustTick }) => mustTick) : [];
  const untouched = toTick.find(({ id }) => !ticked.includes(id));
  // First on a wide page; on a phone it stands where the keypad will be.
  const wide = useWide();
  const gate = untouched && (
    <Cautions cautions={[untouched]} ticked={ticked} onTick={(id) => setTicks({ setting, ids: [...ticked, id] })} />
  );
  const [gauge] = boreGauges(book);
  const add = () => {
    if (!gauge) return;
    const made = startBore(book, gauge.id);
    saveBore(book, made);
    router.setParams({ bore: made.id });
  };
  const drawn = bore && drawnBore(book, bore);
  const done = answer?.advice === 'in-size' || answer?.advice === 'over';
  const gaugeNote = gaugeWords(book, view);

  // A bore in size, or oversize, says that first.
  const slip = answer?.next ? passMistakeText(book, view) : undefined;
  const doubt = bore && slip !== undefined ? doubtfulPass(book, bore, log) : undefined;
  // After a pass that is not explained the hand has to say what it sets: no figure of ours stands there.
  const advised =
    answer?.next && slip === undefined ? formatLength(answer.next.set, { unit, decimals: unit === 'mm' ? 4 : 5 }) : '';
  const troubled = slip !== undefined || view.refused !== undefined || answer?.advice === 'over';
  return (
    <StationFrame
      touch
      drawing={
        bore && log.start !== undefined ? (
          <ApproachChart
            start={log.start}
            passes={log.passes}
            low={bore.low}
            high={bore.high}
            expected={doubt ? undefined : answer?.next?.expected}
            unit={unit}
            height="fill"
          />
        ) : (
          <PlanDrawing
            part={part}
            partZero={setup.partZero}
            zeroSet={isSet(book)}
            height="fill"
            label={`${part.name} from above`}
            marks={(seen) => drawn && <BoreOutline at={drawn} view={seen} />}
          />
        )
      }
      prompt={
        <>
          {wide && gate}
          {/* Where the head stands is not known then: what to set next would be counted from the wrong place. */}
          <AppText kind="sentence" live tone={troubled ? 'bad' : 'ink'}>
            {slip === undefined ? boreSentence(view, unit) : `▲ ${slip}`}
          </AppText>
          {doubt && bore && (
            <Button
              mode="outlined"
              onPress={() => {
                logPassMend(book, doubt, slip ?? '');
                // Else the next turn would be told twice too large again.
                if (doubt.setTo !== undefined && bore.counts === 'diameter')
                  saveBore(book, { ...bore, counts: 'radius' });
              }}
              style={{ alignSelf: 'flex-start' }}
            >
              {passMendWords(doubt, bore, unit)}
            </Button>
          )}
          <GaugeStatusLine book={book} gaugeId={bore?.gaugeId} only="doubtful" />
          {bore && answer && (
            <>
              {answer.next && slip === undefined && <AppText>{turnWords(bore, answer, unit)}</AppText>}
              <AppText tone="soft">
                Now {formatLength(answer.now, { unit })} {unit} {plusMinus(view.measureU ?? 0, unit)}; limits{' '}
                {formatLength(bore.low, { unit })} to {formatLength(bore.high, { unit })} {unit}
                {bore.fit === undefined ? '' : `, ${bore.fit}`}.
              </AppText>
              {answer.next && slip === undefined && (
                <AppText tone="soft">
                  Expected then: {formatLength(answer.next.expected, { unit })} {unit}{' '}
                  {plusMinus(answer.uncertainty.U, unit)}.
                </AppText>
              )}
            </>
          )}
        </>
      }
      detail={
        <>
          <BoreOrFacingChoice value="bore" />
          {!bore && (
            <AppText tone="soft">
              Give its limits and measuring gauge once. Then each pass shows what to set and what to expect.
            </AppText>
          )}
          {bore && answer && !done && (
            <DraftField
              label={`Set to, on diameter, ${unit}: read it after locking.`}
              value={setTo ?? advised}
              onChange={setSetTo}
              onSubmit={() => undefined}
            />
          )}
          {bores.length > 1 && bore && (
            <Choice
              label="Which bore"
              value={bore.id}
              options={bores.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={(id) => router.setParams({ bore: id })}
            />
          )}
          {answer?.advice === 'over' && (
            <View role="list" aria-label="What can be done" style={{ gap: 4 }}>
              {GONE_OVER.map((text) => (
                <View key={text} role="listitem">
                  <AppText>· {text}</AppText>
                </View>
              ))}
            </View>
          )}
          {answer?.freePass && (
            <AppText tone="warn">
              The bar springs back {Math.round(100 * (1 - answer.k))} %. Run once more at the same setting before you
              measure. Log it as its own pass.
            </AppText>
          )}
          {gaugeNote !== undefined && <AppText tone="warn">{gaugeNote}</AppText>}
          {answer && answer.learned !== 'not-yet' && (
            <AppText tone="soft">
              {answer.learned === 'kept' ? 'From an earlier bore' : 'Learned'}: the bar cuts{' '}
              {(100 * answer.k).toFixed(1)} % of what is set
              {answer.c !== 0 ? ` beyond ${formatLength(answer.c, { unit, plus: true })} ${unit}` : ''}.
            </AppText>
          )}
          {bore?.bar !== undefined &&
            bore.stickOut !== undefined &&
            answer &&
            (answer.learned === 'share' || answer.learned === 'share-and-offset') && (
              <Button
                mode="outlined"
                onPress={() => saveBarSpring(book, bore, answer)}
                style={{ alignSelf: 'flex-start' }}
              >
                Save this spring for the bar
              </Button>
            )}
          {bore && log.readings.length > 0 && (
            <ReadingList
              readings={log.readings}
              wild={[]}
              unit={unit}
              titleOf={({ subject }) =>
                subject.kind === 'bore-size' && subject.set !== undefined
                  ? `set ${formatLength(subject.set, { unit })} ${unit}, measured`
                  : 'measured, nothing cut'
              }
              onStrike={(reading, action, reason) => logStrike(book, reading, action, reason)}
            />
          )}
          {answer && (
            <>
              <Fold title="Working of the next setting">
                <WorkingStrip tape={answer.tape} unit={unit} />
              </Fold>
              <Cautions
                cautions={answer.cautions.filter(({ mustTick }) => !mustTick)}
                ticked={[]}
                onTick={() => undefined}
              />
            </>
          )}
          {bore && (
            <Fold title="Change this bore" open={log.start === undefined}>
              <BoreFields key={bore.id} book={book} bore={bore} />
            </Fold>
          )}
          {bore && gauge && (
            <Button mode="outlined" onPress={add} style={{ alignSelf: 'flex-start' }}>
              Add a bore
            </Button>
          )}
        </>
      }
      dock={
        !gauge ? (
          <>
            <AppText>
              No gauge in the shop measures bores. Add a caliper or bore gauge first (an inside micrometer counts as a
              bore gauge).
            </AppText>
            <LinkButton to="/shop/gauges" label="Go to the gauges" />
          </>
        ) : !bore ? (
          <MainAction label="Add a bore" onPress={add} />
        ) : done ? null : gate && !wide ? (
          gate
        ) : (
          <ReadingDock
            label={log.start === undefined ? 'Diameter now' : 'Diameter then'}
            unit={unit}
            blocked={untouched && 'First tick: indicator off the head.'}
            onLog={(text) => {
              const set = log.start === undefined ? undefined : (setTo ?? advised);
              const wrong = logBoreSize(book, bore, text, set, ticked);
              if (wrong === undefined) setSetTo(undefined);
              return wrong;
            }}
            next={undefined}
          />
        )
      }
    />
  );
}
