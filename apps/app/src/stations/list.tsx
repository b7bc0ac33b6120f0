import type { Book } from '@zero-point/core/book/book';
import { holdingSteps } from '@zero-point/core/book/holdingSteps';
import { isSet, lastZeroing } from '@zero-point/core/book/inForce';
import { toolLengthAnswer } from '@zero-point/core/book/subjects/heights';
import type { ComponentType } from 'react';
import AlignmentScreen from './alignment/Screen';
import { alignmentDone } from './alignment/view';
import BoreScreen from './bore/Screen';
import DatumScreen from './datum/Screen';
import HeightsScreen from './heights/Screen';
import PlanScreen from './plan/Screen';
import PositionsScreen from './positions/Screen';
import WorkholdingScreen from './workholding/Screen';

/** One station of a set-up. */
interface Station {
  name: string;
  title: string;
  Screen: ComponentType<{ book: Book }>;
  /** Whether its work is done, from what the ledger holds. */
  done: (book: Book) => boolean;
}

function isHeld(book: Book): boolean {
  const steps = holdingSteps(book);
  return steps.length > 0 && steps.every(({ state }) => state !== 'open');
}

const hasLengths = (book: Book): boolean =>
  lastZeroing(book, 'z') !== undefined &&
  book.tools
    .filter(({ number }) => number !== book.setup.referenceTool)
    .every(({ number }) => toolLengthAnswer(book, number));

/** The stations there are, in the order people work: the strip, the way on and the addresses follow from it. */
export const STATIONS = [
  { name: 'plan', title: 'Plan', Screen: PlanScreen, done: ({ readings }) => readings.length > 0 },
  { name: 'workholding', title: 'Workholding', Screen: WorkholdingScreen, done: isHeld },
  { name: 'alignment', title: 'Alignment', Screen: AlignmentScreen, done: alignmentDone },
  { name: 'datum', title: 'Datum', Screen: DatumScreen, done: isSet },
  { name: 'heights', title: 'Heights', Screen: HeightsScreen, done: hasLengths },
  { name: 'positions', title: 'Positions', Screen: PositionsScreen, done: () => false },
  { name: 'bore', title: 'Bore', Screen: BoreScreen, done: () => false },
] as const satisfies readonly Station[];

export type StationName = (typeof STATIONS)[number]['name'];
