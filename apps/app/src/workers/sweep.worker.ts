import { centreSweep } from '@zero-point/core/alignment/centreSweep';
import { sweepFromCsv } from '@zero-point/core/formats/sweepCsv';
import { serveWork } from './serveWork';
import type { SweepAnswer, SweepJob } from './sweepJob';

/** Reads and fits a sweep away from the screen. */
serveWork<SweepJob, SweepAnswer>(({ text, unit, feature, indicator, allowed }) => {
  const points = sweepFromCsv(text, unit);
  return { points, result: centreSweep({ feature, points, indicator, allowed }) };
});
