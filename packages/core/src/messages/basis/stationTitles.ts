import type { StationName } from '../../records/values/stations';

/** What each station is called. */
export const STATION_TITLES: Readonly<Record<StationName, string>> = {
  plan: 'Plan',
  workholding: 'Workholding',
  alignment: 'Alignment',
  datum: 'Datum',
  heights: 'Heights',
  positions: 'Positions',
  size: 'Size',
  verify: 'Verify',
  sheet: 'Sheet',
};
