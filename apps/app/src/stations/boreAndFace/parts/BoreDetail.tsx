import { gaugeWords, GONE_OVER } from '@zero-point/core/messages/boreAndFace/bore';
import { formatLength } from '@zero-point/core/units/formatLength';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Cautions } from '../../../answer/Cautions';
import { Fold } from '../../../answer/Fold';
import { logStrike } from '../../../commands/logTouch';
import { Choice } from '../../../controls/Choice';
import { DraftField } from '../../../keypad/DraftField';
import { AppText } from '../../../theme/AppText';
import { ReadingList } from '../../../touch/ReadingList';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { saveBarSpring } from '../commands';
import type { BorePage } from '../useBorePage';
import { BoreFields } from './BoreFields';
import { BoreOrFacingChoice } from './BoreOrFacingChoice';

/** The bore in hand: its passes, what its bar does, the working, and what it is. */
export function BoreDetail({ book, view, unit, answer, done, gauge, setTo, setSetTo, choose, add }: BorePage) {
  const { bore, bores, log } = view;
  const gaugeNote = gaugeWords(book, view);
  return (
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
          value={setTo}
          onChange={setSetTo}
          onSubmit={() => undefined}
        />
      )}
      {bores.length > 1 && bore && (
        <Choice
          label="Which bore"
          value={bore.id}
          options={bores.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={choose}
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
          {answer.learned === 'kept' ? 'From an earlier bore' : 'Learned'}: the bar cuts {(100 * answer.k).toFixed(1)} %
          of what is set
          {answer.c !== 0 ? ` beyond ${formatLength(answer.c, { unit, plus: true })} ${unit}` : ''}.
        </AppText>
      )}
      {bore?.bar !== undefined &&
        bore.stickOut !== undefined &&
        answer &&
        (answer.learned === 'share' || answer.learned === 'share-and-offset') && (
          <Button mode="outlined" onPress={() => saveBarSpring(book, bore, answer)} style={{ alignSelf: 'flex-start' }}>
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
  );
}
