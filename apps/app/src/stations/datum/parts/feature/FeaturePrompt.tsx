import { lazyComponent } from '../../../../layout/lazyComponent';
import { GaugeStatusLine } from '../../../../touch/GaugeStatusLine';
import { TouchSummary } from '../../../../touch/TouchSummary';
import { AppText } from '../../../../theme/AppText';
import type { OverwriteDialogProps } from '../OverwrittenZeroDialog';
import { AskSize } from './AskSize';
import { FinderOfFeature, TouchesWithFinder } from './FinderOfFeature';
import { SlotChips } from './SlotChips';
import { answerSentence, touchAnswer } from './touchAnswer';
import type { FeatureTouches } from './useFeatureTouches';

const OverwriteDialog = lazyComponent<OverwriteDialogProps>(() => import('../OverwrittenZeroDialog'));

/** What a feature's page asks next, and what was found so far. */
export function FeaturePrompt(touches: FeatureTouches) {
  const { book, feature, view, page, untold, picking, compact, quiet, wide, overwriting, lost } = touches;
  const { method, slot } = view;
  const unit = book.setup.units;
  return (
    <>
      {untold !== undefined && <AskSize key={untold} book={book} axis={untold} onLater={touches.leave} />}
      {untold === undefined && (
        <AppText kind="sentence" live>
          {picking
            ? 'Choose the other hole. The line to it gives the direction.'
            : page.showing === 'answer'
              ? answerSentence(view)
              : compact && feature.kind === 'face'
                ? `The ${view.name}, ${slot?.ask.way ?? ''}`
                : view.sentence}
        </AppText>
      )}
      {view.returned !== undefined && (
        <AppText kind="note" tone="good" live>
          ✓ {view.returned}
        </AppText>
      )}
      {!quiet && page.showing === 'entry' && (
        <>{view.slots.length > 1 && <SlotChips slots={view.slots} chosen={slot?.id} onChoose={touches.setSlotId} />}</>
      )}
      {!quiet && !compact && page.showing === 'entry' && view.slots.length === 1 && <TouchesWithFinder {...touches} />}
      {!quiet && page.showing === 'entry' && <GaugeStatusLine book={book} gaugeId={method?.gauge.id} only="doubtful" />}
      {!quiet && (
        <TouchSummary page={page} unit={unit} readings={view.readings} answer={touchAnswer(view)} forms={view.forms} />
      )}
      {!wide && <FinderOfFeature {...touches} />}
      {overwriting && lost && (
        <OverwriteDialog
          book={book}
          name={view.name}
          zero={lost}
          onKept={touches.leave}
          onOverwrite={() => touches.setBy(overwriting)}
          onLeave={() => touches.setOverwriting(undefined)}
        />
      )}
    </>
  );
}
