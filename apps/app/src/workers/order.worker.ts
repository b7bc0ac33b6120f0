import { bestOrder, type FoundOrder, type OrderJob } from '@zero-point/core/positions/order';
import { serveWork } from './serveWork';

/** Looks for an order away from the screen. */
serveWork<OrderJob, FoundOrder>((job, tell) =>
  bestOrder(job, (share) => {
    tell(share);
    return true;
  }),
);
