import { modelOf } from '@zero-point/core/datum/datumModel';
import { monteCarlo, type Simulated } from '@zero-point/core/metrology/monteCarlo';
import type { DatumJob } from './datumJob';
import type { WorkReport } from './runWorker';

const tell = (report: WorkReport<Simulated>) => self.postMessage(report);

/** Tries a datum out away from the screen. */
self.onmessage = ({ data: { model, trials, seed } }: MessageEvent<DatumJob>) => {
  const result = monteCarlo(modelOf(model), trials, seed, (done) => {
    tell({ kind: 'progress', share: done / trials });
    return true;
  });
  tell({ kind: 'done', result });
};
