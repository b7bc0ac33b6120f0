import type { StationName } from '@zero-point/core/records/values/stations';

/** The address of a station of a setup, or of a page beside the strip. */
export const stationPath = (setupId: string, station: StationName | 'drive' | 'log'): `/setup/${string}` =>
  `/setup/${setupId}/${station}`;
