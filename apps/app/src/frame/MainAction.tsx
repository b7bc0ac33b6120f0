import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';
import { MAIN_TARGET } from './layout';
import { Press } from './Press';

interface MainActionProps {
  label: string;
  onPress: () => void;
  disabled?: boolean;
}

/** The one wide thing to press next, within the thumb's reach. */
export function MainAction({ label, onPress, disabled }: MainActionProps) {
  const { palette } = useLook();
  return (
    <Press look="filled" onPress={onPress} disabled={disabled} style={{ minHeight: MAIN_TARGET, alignItems: 'center' }}>
      <Words kind="sentence" style={{ color: palette.onAction, textAlign: 'center' }}>
        {label}
      </Words>
    </Press>
  );
}
