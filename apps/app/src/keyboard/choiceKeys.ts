/** Where the arrow keys have work of their own: its choices are gone through by Tab. */
export const ARROWS_TAKEN = 'arrows-taken';

const NEXT: Readonly<Record<string, -1 | 1>> = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 };

const OPEN = '[role="radio"]:not([aria-disabled="true"])';

/** The choices of the row in which this one stands; none where it is in no row, or the arrows are taken. */
function rowOf(element: EventTarget | null): HTMLElement[] {
  if (!(element instanceof HTMLElement) || element.getAttribute('role') !== 'radio') return [];
  if (element.closest(`#${ARROWS_TAKEN}`)) return [];
  return [...(element.closest('[role="radiogroup"]')?.querySelectorAll<HTMLElement>(OPEN) ?? [])];
}

/**
 * A row of choices is one stop of the Tab key, at what is chosen; the arrow keys go along it, round its ends. They only
 * go: what is chosen may be written down at once, so it takes Space or Enter.
 * @returns how to stop listening
 * @see WAI-ARIA Authoring Practices, radio group
 */
export function listenForChoiceKeys(): () => void {
  let tabbed = false;
  const onKey = (event: KeyboardEvent) => {
    // With these the browser has its own: a page back, another window.
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    tabbed = event.key === 'Tab';
    const row = rowOf(event.target);
    const at = row.findIndex((one) => one === event.target);
    if (at < 0) return;
    // From its last, or its first, the browser's own next step leads out of the row.
    if (tabbed) return row.at(event.shiftKey ? 0 : -1)?.focus();
    const by = NEXT[event.key];
    if (by === undefined) return;
    event.preventDefault();
    // Beside it the arrows may move something else.
    event.stopPropagation();
    row[(at + by + row.length) % row.length]?.focus();
  };
  const onFocus = ({ target, relatedTarget }: FocusEvent) => {
    if (!tabbed) return;
    const row = rowOf(target);
    const cameFrom = row.some((one) => one === relatedTarget);
    const chosen = row.find((one) => one.getAttribute('aria-checked') === 'true');
    if (!cameFrom) chosen?.focus();
  };
  document.addEventListener('keydown', onKey, true);
  document.addEventListener('focusin', onFocus, true);
  return () => {
    document.removeEventListener('keydown', onKey, true);
    document.removeEventListener('focusin', onFocus, true);
  };
}
