/** What the keyboard does, for the list and the settings. */
export const KEYS = [
  { key: 'Tab', does: 'goes from one thing to the next' },
  { key: 'Enter', does: 'logs the reading, or presses what is marked' },
  { key: 'Arrow keys', does: 'next and previous hole while driving' },
  { key: 'Arrow keys, Page up, Page down', does: 'move the practice mill by a step, on a wide screen' },
  { key: 'd', does: 'marks this hole done and goes to the next, while driving' },
  { key: 's', does: 'says this hole aloud, while driving' },
  { key: '?', does: 'shows these keys' },
] as const;
