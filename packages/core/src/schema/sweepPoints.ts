import { z } from 'zod';
import { MAX_SWEEP } from './maxSweep';
import { angle, length } from './quantities';

/** An indicator's readings round a bore or boss: degrees, mm. */
export const sweepPoints = z
  .array(z.object({ angle, reading: length }))
  .min(3, { error: 'must hold readings at three angles or more; two cannot tell a shift from a tilt' })
  .max(MAX_SWEEP, { error: `must hold at most ${MAX_SWEEP} readings` });
