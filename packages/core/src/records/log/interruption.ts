import { rowKind, withStored } from '../kinds/kind';
import type { NewInterruption } from './interruption.schema';

export type { NewInterruption };

/**
 * What may have shifted a zero without anyone setting it: the machine was homed again, its power was off, or people came
 * back after a night. `stands` is the person's word that nothing moved since.
 */
export const INTERRUPTIONS = ['homed', 'power-off', 'away', 'stands'] as const;

export const interruptionKind = rowKind<NewInterruption>()({
  name: 'interruption',
  field: 'interruptions',
  of: 'setup',
  collection: 'interruptions',
  title: 'interruption',
  summary: 'Log that the machine was homed, off or left, or that its zero is still good',
  version: 1,
  asKept: withStored<NewInterruption>,
  when: ({ at }) => at,
});
