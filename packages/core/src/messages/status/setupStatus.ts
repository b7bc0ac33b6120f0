import { z } from 'zod';
import type { SetupState } from '../../state/basis/setupState';
import { progressOf } from '../../state/status/setupProgress';
import { STATION_NAMES } from '../../records/values/stations';
import { featureKey } from '../../datum/feature';
import { zeroOf } from '../../datum/partFrame';
import { id } from '../../schema/quantities';
import { nextWords } from './setupProgress';
import { ZERO_LABELS } from '../basis/zeroLabels';

/** Holes of the part that a small drawing shows. */
const MOST_HOLES = 60;

/** Where a setup stands, for its card on the bench: the part as metal, what is done, what is next. Lengths mm. */
export const setupStatus = z
  .object({
    id,
    part: z.object({
      size: z.object({ x: z.number(), y: z.number() }),
      zero: z.object({ x: z.number(), y: z.number() }),
      holes: z.array(z.object({ x: z.number(), y: z.number(), diameter: z.number() })),
    }),
    /** Where zero is, in words. */
    zero: z.string(),
    state: z.enum(['not-begun', 'under-way', 'slip', 'finished']),
    done: z.array(z.enum(STATION_NAMES)),
    next: z.object({
      station: z.enum(STATION_NAMES),
      words: z.string(),
      /** What is opened there, where it is one thing. */
      feature: z.string().optional(),
      tool: z.number().int().optional(),
    }),
  })
  .meta({ id: 'Standing' });

export type SetupStatus = z.output<typeof setupStatus>;

/** Where a setup stands. */
export function setupStatusOf(book: SetupState): SetupStatus {
  const { part, setup } = book;
  const { state, done, next } = progressOf(book);
  return {
    id: setup.id,
    part: {
      size: { x: part.size.x, y: part.size.y },
      zero: zeroOf(part, setup.partZero),
      holes: part.holes.slice(0, MOST_HOLES).map(({ x, y, diameter }) => ({ x, y, diameter })),
    },
    zero: ZERO_LABELS[setup.partZero],
    state,
    done,
    next: {
      station: next.station,
      words: nextWords(book, next),
      ...(next.what === 'slip' && { feature: featureKey(next.slip.feature) }),
      ...('tool' in next && { tool: next.tool }),
    },
  };
}
