interface KeyPress {
  key: string;
  preventDefault: () => void;
}

/**
 * The space bar for boxes and choices: the web presses them with it, the interface library only with Enter.
 * Spread onto a pressable beside its `onPress`.
 */
export const spaceBar = (onPress: () => void): object => ({
  onKeyDown: (event: KeyPress) => {
    if (event.key !== ' ') return;
    event.preventDefault();
    onPress();
  },
});
