import { z } from 'zod';

/** The number a tool has in a machine's rack or changer. */
export const toolNumber = z
  .number({ error: 'must be a whole number' })
  .int({ error: 'must be a whole number' })
  .min(1, { error: 'must be 1 or more' })
  .max(9999, { error: 'must be at most 9999' });
