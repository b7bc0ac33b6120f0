import { forwardRef, type ReactNode } from 'react';
import {
  Pressable as NativePressable,
  View,
  type AccessibilityState,
  type PressableProps,
  type StyleProp,
  type ViewStyle,
} from 'react-native';

interface Props extends Omit<PressableProps, 'children' | 'style'> {
  children?: ReactNode | ((state: { hovered: boolean; pressed: boolean; focused: boolean }) => ReactNode);
  style?:
    StyleProp<ViewStyle> | ((state: { hovered: boolean; pressed: boolean; focused: boolean }) => StyleProp<ViewStyle>);
}

const STILL = { hovered: false, pressed: false, focused: false };

/** Roles that the web presses with the space bar; the renderer knows only the button's. */
const SPACED = new Set(['radio', 'checkbox', 'switch', 'option']);

/** What a state is called on the web for a role: the renderer no longer passes the old way of telling it on. */
function told(role: string | undefined, { checked, selected, expanded, busy }: AccessibilityState): object {
  const picked = checked ?? selected;
  return {
    ...(expanded !== undefined && { 'aria-expanded': expanded }),
    ...(busy !== undefined && { 'aria-busy': busy }),
    ...(picked !== undefined && role !== undefined && SPACED.has(role) && { 'aria-checked': picked }),
    ...(selected !== undefined && (role === 'tab' || role === 'row') && { 'aria-selected': selected }),
  };
}

/** What stands still is told by its name alone. */
const ariaOf = (rest: object): object =>
  Object.fromEntries(
    Object.entries(rest).filter(([name]) => name.startsWith('aria-') || name === 'accessibilityLabel'),
  );

/**
 * Stands in for Paper's own pressable in the build for the web: what is chosen, ticked or open is told to screen
 * readers, a segment is one of several and not a button, the space bar ticks, and the mark inside a row that is pressed
 * as a whole is not a control of its own.
 */
export const Pressable = forwardRef<View, Props>(function PaperPressable(
  { accessibilityState = {}, accessibilityRole, role, children, style, onPress, ...rest },
  ref,
) {
  const said = role ?? accessibilityRole;
  const is = said === 'button' && accessibilityState.checked !== undefined ? 'radio' : said;
  if (!onPress) {
    const mark = is === 'checkbox' || is === 'radio';
    return (
      <View
        ref={ref}
        {...(mark ? { 'aria-hidden': true } : { ...(is !== undefined && { role: is as never }), ...ariaOf(rest) })}
        style={typeof style === 'function' ? style(STILL) : style}
      >
        {typeof children === 'function' ? children(STILL) : children}
      </View>
    );
  }
  const space = is !== undefined &&
    SPACED.has(is) && {
      onKeyDown: (event: KeyboardEvent) => {
        if (event.key !== ' ') return;
        event.preventDefault();
        onPress(event as never);
      },
    };
  return (
    <NativePressable
      {...rest}
      {...(is !== undefined && { role: is as never })}
      {...told(is, accessibilityState)}
      {...space}
      onPress={onPress}
      ref={ref}
      style={style as PressableProps['style']}
    >
      {children as PressableProps['children']}
    </NativePressable>
  );
});
