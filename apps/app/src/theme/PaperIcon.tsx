import { mdiArrowLeft, mdiBackspaceOutline, mdiCheck, mdiChevronRight, mdiClose } from '@mdi/js';
import Svg, { Path } from 'react-native-svg';

const PATHS: Readonly<Record<string, string>> = {
  'arrow-left': mdiArrowLeft,
  backspace: mdiBackspaceOutline,
  check: mdiCheck,
  'chevron-right': mdiChevronRight,
  close: mdiClose,
};

interface PaperIconProps {
  name: string;
  color?: string;
  size?: number;
}

/** Stands in for Paper's icon font: only the icons used, as paths. */
export default function PaperIcon({ name, color = 'currentColor', size = 24 }: PaperIconProps) {
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path d={PATHS[name] ?? ''} fill={color} />
    </Svg>
  );
}
