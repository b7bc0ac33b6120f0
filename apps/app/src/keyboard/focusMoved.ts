/**
 * Whether somebody has gone on by key since they came to this page. What arrives later leaves the focus where they
 * brought it: Enter is to press what was marked when it was pressed.
 */
let moved = false;

const GOES_ON: ReadonlySet<string> = new Set(['Tab', 'Escape', 'ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown']);

if (typeof window !== 'undefined' && typeof window.addEventListener === 'function')
  window.addEventListener('keydown', ({ key }) => (moved ||= GOES_ON.has(key)), { capture: true });

export const hasMovedFocus = (): boolean => moved;

/** A page was come to: its own field may take the focus. */
export const resetMovedFocus = (): void => {
  moved = false;
};
