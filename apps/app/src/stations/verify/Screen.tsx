import type { Book } from '@zero-point/core/book/book';
import { useLocalSearchParams } from 'expo-router';
import { MeasurePage } from './parts/MeasurePage';
import { ProgramPage } from './parts/ProgramPage';
import { TouchAgainPage } from './parts/TouchAgainPage';

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
