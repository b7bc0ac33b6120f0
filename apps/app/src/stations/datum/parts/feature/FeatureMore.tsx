import { noteWords } from '@zero-point/core/messages/basis/note';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { carriedRotation } from '@zero-point/core/state/datum/partRotation';
import type { FeatureAnswer } from '@zero-point/core/state/datum/featureAnswer';
import { formatAngle, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../../answer/Fold';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { AppText } from '../../../../theme/AppText';
import NextReadingLine from '../../../../answer/NextReadingLine';
import { RepeatAdviceLine } from './RepeatAdviceLine';
import { TrialCheck } from '../TrialCheck';
import { saveDatumPlan } from '../../../../commands/saveDatumPlan';
import type { FeatureView } from './featureView';

interface FeatureMoreProps {
  book: SetupState;
  view: FeatureView;
  answer: FeatureAnswer;
  /** Something it is held against does not agree. */
  disagrees: boolean;
}

/** What else an answer says: size, roundness, skew with what can be done about it, repeats still needed, the trial. */
export default function FeatureMore({ book, view, answer, disagrees }: FeatureMoreProps) {
  const { setup } = book;
  const unit = setup.units;
  const { size, form, offSquare, onMyWord } = answer;
  return (
    <View style={{ gap: 10 }}>
      <RepeatAdviceLine answer={answer} tolerance={setup.tolerance} unit={unit} disagrees={disagrees} />
      <NextReadingLine book={book} />
      {view.halving !== undefined && (
        <AppText kind="note" tone="soft">
          {view.halving}
        </AppText>
      )}
      {size && (
        <AppText kind="note" tone="soft">
          {SIZE_NAMES[size.what]} {formatLengthUnit(size.measured, { unit })} {plusMinus(size.U, unit)}, drawn{' '}
          {formatLengthUnit(size.known, { unit })}.
        </AppText>
      )}
      {form !== undefined && (
        <AppText kind="note" tone="soft">
          Out of round by {formatLengthUnit(form, { unit })} over these points.
        </AppText>
      )}
      {offSquare !== undefined && (
        <AppText kind="note" tone="soft">
          The corner is {offSquare > 0 ? '+' : ''}
          {formatAngle(offSquare)} off square.
        </AppText>
      )}
      {onMyWord === true && (
        <AppText kind="note" tone="warn">
          Accepted without a check sweep.
        </AppText>
      )}
      {answer.weakest && answer.notes.length > 0 && (
        <AppText kind="note" tone="warn">
          Known worst along {Math.round(answer.weakest.angle)}°: {plusMinus(answer.weakest.U, unit)}.
        </AppText>
      )}
      {answer.notes.map((note) => (
        <AppText key={note.code} kind="note" tone="warn">
          {noteWords(note, unit)}
        </AppText>
      ))}
      {answer.skew && <Skew book={book} view={view} answer={answer} skew={answer.skew} />}
      <Fold title="Where zero may be, and a simulation">
        <TrialCheck key={`${answer.readings.length}`} answer={answer} unit={unit} />
      </Fold>
    </View>
  );
}

const SIZE_NAMES = { width: 'Width', diameter: 'Diameter', distance: 'Between the holes' } as const;

interface SkewProps {
  book: SetupState;
  view: FeatureView;
  answer: FeatureAnswer;
  skew: { angle: number; U: number };
}

/** The part's turn: carried as a rotation of every position, or tapped out and touched again. */
function Skew({ book, view, answer, skew }: SkewProps) {
  const { setup, part, datumPlan } = book;
  const { carried } = datumPlan;
  const mine = carried?.from === view.key;
  const rotation = carriedRotation(book);
  const tap = Math.tan((skew.angle * Math.PI) / 180) * part.size.x;
  const significant = Math.abs(skew.angle) > skew.U;
  return (
    <View style={{ gap: 8 }}>
      <AppText>
        The part is rotated {skew.angle > 0 ? '+' : ''}
        {formatAngle(skew.angle)} ±{formatAngle(skew.U)}.
      </AppText>
      {!significant && (
        <AppText kind="note" tone="soft">
          That is within its ±: the part may be straight.
        </AppText>
      )}
      {mine && (
        <AppText tone="good" style={{ fontWeight: '700' }}>
          ✓ Coordinates rotated: every position is turned {formatAngle(rotation?.angle ?? 0)} with the part.
        </AppText>
      )}
      <Button
        mode="outlined"
        onPress={() =>
          saveDatumPlan(book, {
            carried: mine ? null : { from: view.key, readings: answer.readings.map(({ id }) => id) },
          })
        }
      >
        {mine ? 'Stop rotating the coordinates' : 'Rotate the coordinates with the part'}
      </Button>
      <AppText kind="note" tone="soft">
        Or align the part. In a vise: clean it and seat it again against the fixed jaw. On clamps, tap it: over the
        part’s {formatLengthUnit(part.size.x, { unit: setup.units })} its right end goes{' '}
        {formatLengthUnit(Math.abs(tap), { unit: setup.units })} {tap > 0 ? 'toward you' : 'away from you'}. Then touch
        again.
      </AppText>
    </View>
  );
}
