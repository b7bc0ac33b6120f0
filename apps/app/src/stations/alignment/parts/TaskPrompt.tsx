import { indicatorToolWords } from '@zero-point/core/messages/alignment/place';
import { passComparisonText } from '@zero-point/core/messages/alignment/passComparison';
import { TASK_TITLES } from '@zero-point/core/messages/basis/labels';
import { formatLength } from '@zero-point/core/units/formatLength';
import { parseLength } from '@zero-point/core/units/parseLength';
import { useWindowDimensions, View } from 'react-native';
import { Cautions } from '../../../answer/Cautions';
import { IndicatorDial } from '../../../indicator/IndicatorDial';
import { useLayoutSize, useShort } from '../../../layout/useLayoutSize';
import { AppText } from '../../../theme/AppText';
import { GaugeStatusLine } from '../../../touch/GaugeStatusLine';
import { gaugeOfTask, type TaskPass } from './useTaskPass';

/** Lower than this the dial is small, px. */
const LOW = 760;

/** Where the indicator is read now and what it shows, or what to move. */
export function TaskPrompt({ book, alignment, view, unit, text, setText, before, unticked }: TaskPass) {
  const shape = useLayoutSize();
  const { height } = useWindowDimensions();
  // A low page keeps the sentence whole; the dial gives way.
  const short = useShort();
  const { pass, advice, place, dial } = view;
  const wide = shape === 'wide';
  const touchedWith = gaugeOfTask(book, alignment);
  const read = parseLength(text, unit);
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'center' }}>
        {dial && place !== undefined && !(short && shape === 'upright') && (
          <IndicatorDial
            face={dial}
            unit={unit}
            size={wide ? 190 : height < LOW ? 88 : 142}
            value={read.ok ? read.mm : undefined}
            onChange={(mm) => setText(formatLength(mm, { unit, plus: true }).replace('−', '-'))}
          />
        )}
        <View style={{ flex: 1, gap: 4 }}>
          <AppText kind="note" tone="soft">
            {TASK_TITLES[alignment.task]} · pass {pass.pass}
            {place === undefined ? '' : ` · ${view.places.indexOf(place) + 1} of ${view.places.length}`}
          </AppText>
          <AppText kind="sentence" live>
            {view.question ?? pass.refusal?.message ?? advice?.sentence ?? ''}
          </AppText>
          {place === undefined && view.since !== undefined && (
            <AppText tone="warn" style={{ fontWeight: '700' }}>
              {passComparisonText(view.since, alignment.task)}
            </AppText>
          )}
          {pass.readings.length === 0 && <AppText kind="note">{indicatorToolWords(book, alignment)}</AppText>}
          {place !== undefined && <GaugeStatusLine book={book} gaugeId={touchedWith} only="doubtful" />}
        </View>
      </View>
      {unticked.length === 0 && before.length > 0 && (
        <Cautions cautions={before.filter(({ mustTick }) => !mustTick)} ticked={[]} onTick={() => undefined} />
      )}
    </View>
  );
}
