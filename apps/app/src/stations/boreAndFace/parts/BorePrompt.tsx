import { boreSentence, passMendWords, turnWords } from '@zero-point/core/messages/boreAndFace/bore';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { formatLength } from '@zero-point/core/units/formatLength';
import { Button } from 'react-native-paper';
import { logPassMend } from '../../../commands/logTouch';
import { AppText } from '../../../theme/AppText';
import { GaugeStatusLine } from '../../../touch/GaugeStatusLine';
import { saveBore } from '../commands';
import type { BorePage } from '../useBorePage';

/** What to set next on the head, or what is wrong with the last pass. */
export function BorePrompt({ book, view, unit, wide, answer, mistake, doubt, gate }: BorePage) {
  const { bore } = view;
  const troubled = mistake !== undefined || view.refused !== undefined || answer?.advice === 'over';
  return (
    <>
      {wide && gate}
      {/* Where the head stands is not known then: what to set next would be counted from the wrong place. */}
      <AppText kind="sentence" live tone={troubled ? 'bad' : 'ink'}>
        {mistake === undefined ? boreSentence(view, unit) : `▲ ${mistake}`}
      </AppText>
      {doubt && bore && (
        <Button
          mode="outlined"
          onPress={() => {
            logPassMend(book, doubt, mistake ?? '');
            // Else the next turn would be told twice too large again.
            if (doubt.setTo !== undefined && bore.counts === 'diameter') saveBore(book, { ...bore, counts: 'radius' });
          }}
          style={{ alignSelf: 'flex-start' }}
        >
          {passMendWords(doubt, bore, unit)}
        </Button>
      )}
      <GaugeStatusLine book={book} gaugeId={bore?.gaugeId} only="doubtful" />
      {bore && answer && (
        <>
          {answer.next && mistake === undefined && <AppText>{turnWords(bore, answer, unit)}</AppText>}
          <AppText tone="soft">
            Now {formatLength(answer.now, { unit })} {unit} {plusMinus(view.measuredU ?? 0, unit)}; limits{' '}
            {formatLength(bore.low, { unit })} to {formatLength(bore.high, { unit })} {unit}
            {bore.fit === undefined ? '' : `, ${bore.fit}`}.
          </AppText>
          {answer.next && mistake === undefined && (
            <AppText tone="soft">
              Expected then: {formatLength(answer.next.expected, { unit })} {unit}{' '}
              {plusMinus(answer.uncertainty.U, unit)}.
            </AppText>
          )}
        </>
      )}
    </>
  );
}
