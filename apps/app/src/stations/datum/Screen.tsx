import type { Snapshot } from '@zero-point/core/contract/setup';
import { featureKey, featureOf } from '@zero-point/core/datum/feature';
import { useLocalSearchParams } from 'expo-router';
import { FeaturePage } from './FeaturePage';
import { Overview } from './Overview';

/** Datum: X and Y from whatever of the part can be touched. */
export default function DatumScreen({ snapshot }: { snapshot: Snapshot }) {
  const { f } = useLocalSearchParams();
  const feature = typeof f === 'string' ? featureOf(snapshot.part, f) : undefined;
  return feature ? (
    <FeaturePage key={featureKey(feature)} snapshot={snapshot} feature={feature} />
  ) : (
    <Overview snapshot={snapshot} />
  );
}
