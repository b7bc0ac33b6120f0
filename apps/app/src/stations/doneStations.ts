import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { STATION_DONE } from '@zero-point/core/state/status/setupProgress';
import { STATION_NAMES, type StationName } from '@zero-point/core/records/values/stations';

/** The stations of a setup whose work is done, in the order people work. */
export const doneStations = (book: SetupState): readonly StationName[] =>
  STATION_NAMES.filter((name) => STATION_DONE[name](book));
