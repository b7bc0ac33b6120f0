import { bestOrder, type FoundOrder } from '@zero-point/core/holes/order/order';
import type { OrderJob } from '@zero-point/core/holes/order/orderJob';
import { serveWork } from './serveWork';

/** Looks for an order away from the screen. */
serveWork<OrderJob, FoundOrder>((job, tell) =>
  bestOrder(job, (share) => {
    tell(share);
    return true;
  }),
);
