import { modelOf } from '@zero-point/core/datum/datumModel';
import { monteCarlo } from '@zero-point/core/metrology/monteCarlo';
import type { DatumJob, DatumReport } from './datumJob';

const tell = (report: DatumReport) => self.postMessage(report);

/** Tries a datum out away from the screen. */
self.onmessage = ({ data: { model, trials, seed } }: MessageEvent<DatumJob>) => {
  const result = monteCarlo(modelOf(model), trials, seed, (done) => {
    tell({ kind: 'progress', done });
    return true;
  });
  tell({ kind: 'done', result });
};
