import {
  mdiAlertOutline,
  mdiArrowLeft,
  mdiBackspaceOutline,
  mdiCalculatorVariantOutline,
  mdiCheck,
  mdiCheckboxBlankOutline,
  mdiCheckboxMarked,
  mdiChevronDown,
  mdiChevronLeft,
  mdiChevronRight,
  mdiChevronUp,
  mdiClose,
  mdiCog,
  mdiContentSaveOutline,
  mdiDotsVertical,
  mdiKeyboardOutline,
  mdiFitToPageOutline,
  mdiMagnify,
  mdiMagnifyPlusOutline,
  mdiMinus,
  mdiPlus,
  mdiRadioboxBlank,
  mdiRadioboxMarked,
  mdiToolboxOutline,
  mdiVolumeHigh,
} from '@mdi/js';
import Svg, { Path } from 'react-native-svg';

const PATHS: Readonly<Record<string, string>> = {
  alert: mdiAlertOutline,
  'arrow-left': mdiArrowLeft,
  backspace: mdiBackspaceOutline,
  reckon: mdiCalculatorVariantOutline,
  check: mdiCheck,
  'checkbox-blank-outline': mdiCheckboxBlankOutline,
  'checkbox-marked': mdiCheckboxMarked,
  'chevron-down': mdiChevronDown,
  'chevron-left': mdiChevronLeft,
  'chevron-right': mdiChevronRight,
  'chevron-up': mdiChevronUp,
  close: mdiClose,
  save: mdiContentSaveOutline,
  settings: mdiCog,
  more: mdiDotsVertical,
  keyboard: mdiKeyboardOutline,
  magnify: mdiMagnify,
  nearer: mdiMagnifyPlusOutline,
  whole: mdiFitToPageOutline,
  minus: mdiMinus,
  plus: mdiPlus,
  'radiobox-blank': mdiRadioboxBlank,
  'radiobox-marked': mdiRadioboxMarked,
  shop: mdiToolboxOutline,
  speak: mdiVolumeHigh,
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
