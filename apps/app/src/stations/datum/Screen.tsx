import type { Book } from '@zero-point/core/book/book';
import { featureKey, featureOf } from '@zero-point/core/datum/feature';
import { useLocalSearchParams } from 'expo-router';
import { FeaturePage } from './parts/FeaturePage';
import { Overview } from './parts/Overview';

/** Datum: X and Y from whatever of the part can be touched. */
export default function DatumScreen({ book }: { book: Book }) {
  const { f } = useLocalSearchParams();
  const feature = typeof f === 'string' ? featureOf(book.part, f) : undefined;
  return feature ? <FeaturePage key={featureKey(feature)} book={book} feature={feature} /> : <Overview book={book} />;
}
