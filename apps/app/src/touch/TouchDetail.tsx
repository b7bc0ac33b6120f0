import type { Reading } from '@zero-point/core/records/log/reading';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { GAP } from '../layout/layout';
import { MainAction } from '../controls/MainAction';
import { useWide } from '../layout/useLayoutSize';
import { WorkingStrip } from '../working/WorkingStrip';
import { AppText } from '../theme/AppText';
import { AnswerForms } from '../answer/AnswerForms';
import { Budget } from '../answer/Budget';
import { Fold } from '../answer/Fold';
import { ReadingList } from './ReadingList';
import { wildOf, type TouchAnswer } from './touchAnswer';
import type { TouchPage } from './useTouchPage';
import { VerdictLine } from '../answer/VerdictLine';

interface TouchDetailProps {
  page: TouchPage;
  unit: LengthUnit;
  tolerance: number;
  readings: readonly Reading[];
  answer: TouchAnswer | undefined;
  forms: readonly FormView[];
  onStrike: (reading: Reading, action: 'strike' | 'restore', reason: string) => void;
  /** While readings are still taken on a phone: whether more of them are worth it. */
  hint?: string | undefined;
  /** What must be known before it is said that it was set, for wide screens. */
  ask?: ReactNode;
  /** Under the verdict: what else is to be said of it. */
  more?: ReactNode;
  /** What was touched, for answers of more than one touch. */
  titleOf?: (reading: Reading) => string;
  /** Says that the axis was set; for wide screens, where it is under the answer. */
  onDone?: (form: FormView) => void;
}

/** Readings, answer, how good it is, and the tape; on a phone the answer waits until it is asked for. */
export function TouchDetail({
  page,
  unit,
  tolerance,
  readings,
  answer,
  forms,
  onStrike,
  hint,
  ask,
  more,
  titleOf,
  onDone,
}: TouchDetailProps) {
  const wide = useWide();
  const { form } = page;
  if (readings.length === 0) return null;
  const wild = answer ? wildOf(answer) : [];
  const list = (
    <ReadingList readings={readings} wild={wild} unit={unit} onStrike={onStrike} {...(titleOf && { titleOf })} />
  );
  if (!answer || !form) return list;
  const { uncertainty, verdict, repeats, tape } = answer.result;
  const spread = repeats && repeats.n > 1 && (
    <AppText kind="note" tone="soft">
      {repeats.n} readings, standard deviation {formatLengthUnit(repeats.sd, { unit })}, range{' '}
      {formatLengthUnit(repeats.range, { unit })}
    </AppText>
  );
  if (!wide && page.showing === 'entry') {
    return (
      <View style={styles.detail}>
        {hint !== undefined && <AppText kind="note">{hint}</AppText>}
        {spread}
        {list}
      </View>
    );
  }
  return (
    <View style={styles.detail}>
      <AnswerForms
        forms={forms}
        chosen={form.form}
        onChoose={page.choose}
        unit={unit}
        plusMinus={plusMinus(uncertainty.U, unit)}
      />
      {wide && ask}
      {wide && onDone && <MainAction label={form.done} onPress={() => onDone(form)} />}
      <VerdictLine
        verdict={verdict}
        uncertainty={uncertainty}
        tolerance={tolerance}
        unit={unit}
        wild={wild.length > 0}
      />
      {more}
      {list}
      {spread}
      <Fold title="Show the working" open={wide}>
        <WorkingStrip tape={tape} unit={unit} />
      </Fold>
      <Fold title="What makes up the ±">
        <Budget uncertainty={uncertainty} unit={unit} />
      </Fold>
    </View>
  );
}

const styles = StyleSheet.create({ detail: { gap: GAP } });
