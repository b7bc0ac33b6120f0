import { modelOf } from '@zero-point/core/datum/datumModel';
import { monteCarlo, type Simulated } from '@zero-point/core/metrology/monteCarlo';
import type { DatumJob } from './datumJob';
import { serveWork } from './serveWork';

/** Tries a datum out away from the screen. */
serveWork<DatumJob, Simulated>(({ model, trials, seed }, tell) =>
  monteCarlo(modelOf(model), trials, seed, (done) => {
    tell(done / trials);
    return true;
  }),
);
