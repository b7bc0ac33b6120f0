import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { useFetchAhead } from '../../../../layout/lazyComponent';
import { StationFrame } from '../../../../layout/StationFrame';
import { FeatureDetail, FeatureMore } from './FeatureDetail';
import { FeatureDock } from './FeatureDock';
import { FeatureDrawing } from './FeatureDrawing';
import { FeaturePrompt } from './FeaturePrompt';
import { useFeatureTouches } from './useFeatureTouches';

const AHEAD = [FeatureMore];

interface FeaturePageProps {
  book: SetupState;
  feature: Feature;
}

/** Datum with a feature in hand: one touch after another, then its answer. */
export default function FeaturePage({ book, feature }: FeaturePageProps) {
  useFetchAhead(AHEAD);
  const touches = useFeatureTouches(book, feature);
  const { view, page, picking, quiet, take } = touches;
  return (
    <StationFrame
      touch
      at={`${view.key} ${page.showing}`}
      drawing={<FeatureDrawing book={book} view={view} picking={picking} height="fill" onTake={take} />}
      prompt={<FeaturePrompt {...touches} />}
      detail={<FeatureDetail {...touches} />}
      dock={quiet || !view.slot ? null : <FeatureDock {...touches} />}
    />
  );
}
