import type { ReactNode } from 'react';
import { Pressable, type PressableProps, type StyleProp, type ViewStyle } from 'react-native';
import { useLook } from '../theme/useLook';
import { TARGET } from './layout';

interface PressProps extends Omit<PressableProps, 'style' | 'children'> {
  children: ReactNode;
  /** `box` has an outline; `filled` is chosen or pressed; `bare` is text or icon alone. */
  look?: 'box' | 'filled' | 'bare';
  style?: StyleProp<ViewStyle>;
}

/** Anything to press: at least a gloved finger in size. */
export function Press({ children, look = 'box', style, disabled, ...rest }: PressProps) {
  const { palette } = useLook();
  return (
    <Pressable
      role="button"
      disabled={disabled}
      style={[
        {
          minHeight: TARGET,
          minWidth: TARGET,
          paddingHorizontal: 12,
          justifyContent: 'center',
          borderRadius: 8,
          borderWidth: look === 'bare' ? 0 : 1.5,
          borderColor: look === 'filled' ? palette.action : palette.line,
          backgroundColor: look === 'filled' ? palette.action : look === 'box' ? palette.surface : 'transparent',
          opacity: disabled ? 0.55 : 1,
        },
        style,
      ]}
      {...rest}
    >
      {children}
    </Pressable>
  );
}
