import { centreSweep } from '@zero-point/core/alignment/centreSweep';
import { sweepFromCsv } from '@zero-point/core/formats/sweepCsv';
import { Refusal } from '@zero-point/core/problem';
import type { SweepAnswer, SweepJob } from './sweepJob';

/** Reads and fits a sweep away from the screen. */
self.onmessage = ({ data }: MessageEvent<SweepJob>) => {
  self.postMessage(work(data));
};

function work({ text, unit, feature, indicator, allowed }: SweepJob): SweepAnswer {
  try {
    const points = sweepFromCsv(text, unit);
    return { ok: true, points, result: centreSweep({ feature, points, indicator, allowed }) };
  } catch (error) {
    if (error instanceof Refusal) return { ok: false, message: error.message };
    throw error;
  }
}
