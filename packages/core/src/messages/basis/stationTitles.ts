import type { StationName } from '../../records/values/stations';

/** What each station is called. */
export const STATION_TITLES: Readonly<Record<StationName, string>> = {
  plan: 'Plan',
  workholding: 'Workholding',
  alignment: 'Alignment',
  datum: 'Datum',
  heights: 'Z & tools',
  positions: 'Holes',
  size: 'Bore & face',
  verify: 'Verify',
  sheet: 'Setup sheet',
};
