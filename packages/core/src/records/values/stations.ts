/** The stations there are, in the order people work. */
export const STATION_NAMES = [
  'plan',
  'workholding',
  'alignment',
  'datum',
  'heights',
  'positions',
  'size',
  'verify',
  'sheet',
] as const;

export type StationName = (typeof STATION_NAMES)[number];
