import type { Book } from '@zero-point/core/book/book';
import { STATION_DONE } from '@zero-point/core/book/progress';
import { STATION_NAMES, type StationName } from '@zero-point/core/record/stations';
import { STATION_TITLES } from '@zero-point/core/words/progress';
import type { ComponentType } from 'react';
import AlignmentScreen from './alignment/Screen';
import DatumScreen from './datum/Screen';
import HeightsScreen from './heights/Screen';
import PlanScreen from './plan/Screen';
import PositionsScreen from './positions/Screen';
import SheetScreen from './sheet/Screen';
import SizeScreen from './size/Screen';
import VerifyScreen from './verify/Screen';
import WorkholdingScreen from './workholding/Screen';

/** One station of a set-up. */
interface Station {
  name: StationName;
  title: string;
  Screen: ComponentType<{ book: Book }>;
  /** Whether its work is done, from what the ledger holds. */
  done: (book: Book) => boolean;
}

const SCREENS: Readonly<Record<StationName, Station['Screen']>> = {
  plan: PlanScreen,
  workholding: WorkholdingScreen,
  alignment: AlignmentScreen,
  datum: DatumScreen,
  heights: HeightsScreen,
  positions: PositionsScreen,
  size: SizeScreen,
  verify: VerifyScreen,
  sheet: SheetScreen,
};

/** The stations there are, in the order people work: the strip, the way on and the addresses follow from it. */
export const STATIONS: readonly Station[] = STATION_NAMES.map((name) => ({
  name,
  title: STATION_TITLES[name],
  Screen: SCREENS[name],
  done: STATION_DONE[name],
}));
