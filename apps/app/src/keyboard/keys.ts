/** What the keyboard does, for the list and the settings. */
export const KEYS = [
  { key: 'Tab', does: 'moves to the next control' },
  { key: 'Enter', does: 'logs the reading, or presses the selected control' },
  { key: 'Arrow keys', does: 'move along a row of choices; Space selects one' },
  { key: 'Left and right arrow', does: 'next and previous hole' },
  { key: 'Arrow keys, Page up, Page down', does: 'move the practice mill by a step, on a wide screen' },
  { key: 'Escape', does: 'goes to the station rule, then to Back' },
  { key: 'd', does: 'marks this hole done and goes to the next hole' },
  { key: 's', does: 'reads this hole aloud' },
  { key: '?', does: 'shows this list of keys' },
] as const;
