/** What the keyboard does, for the list and the settings. */
export const KEYS = [
  { key: 'Tab', does: 'goes from one thing to the next' },
  { key: 'Enter', does: 'logs the reading, or presses what is marked' },
  { key: 'Arrow keys', does: 'go along a row of choices; Space takes one' },
  { key: 'Left and right arrow', does: 'next and previous hole while driving' },
  { key: 'Arrow keys, Page up, Page down', does: 'move the practice mill by a step, on a wide screen' },
  { key: 'Escape', does: 'leads to the strip, then to the way back' },
  { key: 'd', does: 'marks this hole done and goes to the next, while driving' },
  { key: 's', does: 'says this hole aloud, while driving' },
  { key: '?', does: 'shows these keys' },
] as const;
