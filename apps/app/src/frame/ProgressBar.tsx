import { View } from 'react-native';
import { useLook } from '../theme/useLook';

interface ProgressBarProps {
  label: string;
  done: number;
  most: number;
}

/** How far something is that takes a while. */
export function ProgressBar({ label, done, most }: ProgressBarProps) {
  const { palette } = useLook();
  return (
    <View
      role="progressbar"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={most}
      aria-valuenow={done}
      style={{ height: 12, borderWidth: 1, borderColor: palette.ink }}
    >
      <View style={{ height: 10, width: `${(100 * done) / most}%`, backgroundColor: palette.brass }} />
    </View>
  );
}
