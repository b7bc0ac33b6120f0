import { useRouter } from 'expo-router';
import { Choice } from '../../../controls/Choice';

/** Between the two things of this station. */
export function BoreOrFacingChoice({ value }: { value: 'bore' | 'facing' }) {
  const router = useRouter();
  return (
    <Choice
      label="What to do"
      showLabel={false}
      value={value}
      options={[
        { value: 'bore', label: 'Bore to size' },
        { value: 'facing', label: 'Face to height' },
      ]}
      onChange={(show) => router.setParams({ show })}
    />
  );
}
