import { STATION_NAMES } from '@zero-point/core/records/values/stations';
import type { SetupSummary } from '@zero-point/core/records/snapshots/snapshot';
import { axesSetWords } from '@zero-point/core/messages/datum/axesSet';
import type { SetupStatus } from '@zero-point/core/messages/status/setupStatus';
import { stationPath } from '../path';

/** A setup's card on the bench. */
export interface CardView {
  id: string;
  name: string;
  /** Part and machine. */
  about: string;
  /** Where zero is, and what is set. */
  set: string;
  /** When something was last done there. */
  changedAt: string;
  state: SetupStatus['state'] | undefined;
  next: string | undefined;
  /** Where one tap goes on. */
  path: `/setup/${string}`;
  part: SetupStatus['part'] | undefined;
  /** Which stations are done, in their order, and where the next thing is. */
  stations: { done: boolean }[];
  here: number;
}

export type Sorting = 'newest' | 'name';

export interface BenchView {
  open: CardView[];
  finished: CardView[];
  /** Enough of them that a person has to look for one. */
  searched: boolean;
}

/** From so many on they are searched and sorted. */
const SEARCHED_FROM = 10;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function cardOf(summary: SetupSummary, standing: SetupStatus | undefined): CardView {
  const { id, name, part, machine, changedAt, set } = summary;
  const next = standing?.next;
  const station = next?.station ?? (summary.readings > 0 ? 'datum' : 'plan');
  const query =
    next?.feature !== undefined ? `?f=${next.feature}` : next?.tool !== undefined ? `?tool=${next.tool}` : '';
  return {
    id,
    name,
    about: `${part} · ${machine}`,
    set: standing ? `Zero at the ${standing.zero}. ${capital(axesSetWords(set))}.` : `${capital(axesSetWords(set))}.`,
    changedAt,
    state: standing?.state,
    next: next?.words,
    path: `${stationPath(id, station)}${query}`,
    part: standing?.part,
    stations: STATION_NAMES.map((one) => ({ done: standing?.done.includes(one) ?? false })),
    here: STATION_NAMES.indexOf(station),
  };
}

/** State of the bench to view: what is worked on, and what is finished. */
export function benchView(
  bench: readonly SetupSummary[],
  standings: readonly SetupStatus[],
  wanted: string,
  sorting: Sorting,
): BenchView {
  const byId = new Map(standings.map((one) => [one.id, one]));
  const words = wanted.trim().toLowerCase().split(/\s+/);
  const cards = bench
    .map((summary) => cardOf(summary, byId.get(summary.id)))
    .filter(({ name, about }) => words.every((word) => `${name} ${about}`.toLowerCase().includes(word)));
  const sorted = sorting === 'name' ? [...cards].sort((a, b) => a.name.localeCompare(b.name)) : cards;
  return {
    open: sorted.filter(({ state }) => state !== 'finished'),
    finished: sorted.filter(({ state }) => state === 'finished'),
    searched: bench.length >= SEARCHED_FROM,
  };
}
