import type { Reading } from '@zero-point/core/records/log/reading';
import { repeatWords } from '@zero-point/core/messages/gauges/repeatAdvice';
import { View } from 'react-native';
import { lazyComponent } from '../../../../layout/lazyComponent';
import { AskTolerance } from '../../../../touch/AskTolerance';
import { TouchDetail } from '../../../../touch/TouchDetail';
import { AppText } from '../../../../theme/AppText';
import { logStrike } from '../../../../commands/logTouch';
import { AgreementNote } from './AgreementNote';
import { askFeatureOffset } from './FeatureDock';
import { FinderOfFeature } from './FinderOfFeature';
import { MethodDetail } from './MethodDetail';
import { titleOf, touchAnswer } from './touchAnswer';
import type { FeatureTouches } from './useFeatureTouches';

export const FeatureMore = lazyComponent(() => import('./FeatureMore'));

/** A feature's readings and answer with their working, and how it is touched. */
export function FeatureDetail(touches: FeatureTouches) {
  const { book, view, page, checks, disagrees, control, quiet, wide } = touches;
  const { answer, method } = view;
  const { setup } = book;
  const unit = setup.units;
  if (quiet) return wide && <FinderOfFeature {...touches} />;
  return (
    <>
      {view.problem && (
        <View role="alert">
          <AppText tone="bad" style={{ fontWeight: '700' }}>
            {view.problem.message}
          </AppText>
        </View>
      )}
      {method?.missing !== undefined && page.showing === 'entry' && (
        <View role="alert">
          <AppText tone="warn" style={{ fontWeight: '700' }}>
            {method.missing}
          </AppText>
        </View>
      )}
      {control !== undefined && <AppText>{control}</AppText>}
      {checks.map((check) => (
        <AgreementNote key={check.key} book={book} check={check} />
      ))}
      <TouchDetail
        page={page}
        unit={unit}
        tolerance={setup.tolerance}
        readings={view.readings}
        answer={touchAnswer(view)}
        forms={view.forms}
        ask={askFeatureOffset(touches)}
        hint={answer && !disagrees ? repeatWords(answer, setup.tolerance, unit) : undefined}
        more={
          answer && (
            <>
              <AskTolerance book={book} />
              <FeatureMore book={book} view={view} answer={answer} disagrees={disagrees} />
            </>
          )
        }
        {...(view.slots.length > 1 && { titleOf: (reading: Reading) => titleOf(view, reading) })}
        onStrike={(reading, action, reason) => logStrike(book, reading, action, reason)}
        onDone={touches.done}
      />
      {page.showing === 'entry' && <MethodDetail {...touches} />}
    </>
  );
}
