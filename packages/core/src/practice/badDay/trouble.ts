/** What can have gone wrong at a mill that was set in the morning. */
export const TROUBLES = [
  'moved-x',
  'moved-y',
  'came-up',
  'jaw-burr',
  'tool-slipped',
  'tool-swapped',
  'finder-off',
  'homing-shifted',
  'plate-worn',
] as const;

export type BadDayTrouble = (typeof TROUBLES)[number];
