import { useRouter } from 'expo-router';
import { Choice } from '../../../controls/Choice';

export type Which = 'again' | 'program' | 'measure';

/** Between the three things of this station. */
export function VerifyPageChoice({ value }: { value: Which }) {
  const router = useRouter();
  return (
    <Choice
      label="What to verify"
      showLabel={false}
      value={value}
      options={[
        { value: 'again', label: 'Zero' },
        { value: 'program', label: 'Program' },
        { value: 'measure', label: 'Part' },
      ]}
      onChange={(show) => router.setParams({ show })}
    />
  );
}
