import { LoadingPart } from '../../layout/LoadingPage';
import { lazyComponent } from '../../layout/lazyComponent';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { useLocalSearchParams } from 'expo-router';

const TouchAgainPage = lazyComponent(() => import('./parts/TouchAgainPage'), LoadingPart);

const ProgramPage = lazyComponent(() => import('./parts/ProgramPage'), LoadingPart);

const MeasurePage = lazyComponent(() => import('./parts/MeasurePage'), LoadingPart);

/** Verify: touch again, check the program before it runs, measure what was made. */
export default function VerifyScreen({ book }: { book: SetupState }) {
  const { show } = useLocalSearchParams();
  switch (show) {
    case 'program':
      return <ProgramPage book={book} />;
    case 'measure':
      return <MeasurePage book={book} />;
    default:
      return <TouchAgainPage book={book} />;
  }
}
