import { LoadingPart } from '../../layout/LoadingPage';
import { lazyComponent } from '../../layout/lazyComponent';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { featureKey, featureOf } from '@zero-point/core/datum/feature';
import { useLocalSearchParams } from 'expo-router';

const Overview = lazyComponent(() => import('./parts/Overview'), LoadingPart);

const IndexPage = lazyComponent(() => import('./parts/rotary/IndexPage'), LoadingPart);

const FeaturePage = lazyComponent(() => import('./parts/feature/FeaturePage'), LoadingPart);

/** Datum: X and Y from whatever of the part can be touched, and where part zero is as rotary axes turn. */
export default function DatumScreen({ book }: { book: SetupState }) {
  const { f, index } = useLocalSearchParams();
  if (index === '1' && f === undefined) return <IndexPage book={book} />;
  const feature = typeof f === 'string' ? featureOf(book.part, f) : undefined;
  return feature ? <FeaturePage key={featureKey(feature)} book={book} feature={feature} /> : <Overview book={book} />;
}
