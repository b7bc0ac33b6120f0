import { LoadingPart } from '../../layout/LoadingPage';
import { later } from '../../layout/lazyComponent';
import type { Book } from '@zero-point/core/state/basis/setupState';
import { useLocalSearchParams } from 'expo-router';

const TouchAgainPage = later(() => import('./parts/TouchAgainPage'), LoadingPart);

const ProgramPage = later(() => import('./parts/ProgramPage'), LoadingPart);

const MeasurePage = later(() => import('./parts/MeasurePage'), LoadingPart);

/** Verify: touch again, check the program before it runs, measure what was made. */
export default function VerifyScreen({ book }: { book: Book }) {
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
