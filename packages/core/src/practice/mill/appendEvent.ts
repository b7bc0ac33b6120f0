import type { MillEvent } from './events';
import type { Mill } from './mill';
import { scaleReadings } from './scaleReading';

type Told<E> = E extends MillEvent ? Omit<E, 'shown'> : never;

/** The mill with something more that it noticed. */
export const appendEvent = (mill: Mill, event: Told<MillEvent>): Mill => ({
  ...mill,
  events: [...mill.events, { ...event, shown: scaleReadings(mill) } as MillEvent],
});
