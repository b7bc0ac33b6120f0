/** The stations that exist, in the order people work. */
export const STATIONS = ['plan', 'workholding', 'alignment', 'datum', 'heights', 'positions', 'bore'] as const;

export type StationName = (typeof STATIONS)[number];

export const STATION_TITLES: Readonly<Record<StationName, string>> = {
  plan: 'Plan',
  workholding: 'Workholding',
  alignment: 'Alignment',
  datum: 'Datum',
  heights: 'Heights',
  positions: 'Positions',
  bore: 'Bore',
};

export const stationPath = (setupId: string, station: StationName | 'drive' | 'log'): `/setup/${string}` =>
  `/setup/${setupId}/${station}`;
