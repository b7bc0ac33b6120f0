const DAY_AND_CLOCK = new Intl.DateTimeFormat(undefined, {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
  hourCycle: 'h23',
});

/** A moment as it is told in a line: day, month and clock, in this device's own time. */
export const momentWords = (moment: string): string => DAY_AND_CLOCK.format(new Date(moment));
