import type { FoundOrder } from '@zero-point/core/holes/order/order';
import type { OrderJob } from '@zero-point/core/holes/order/orderJob';
import { runWorker, type RunningWorker } from './runWorker';

/** Looks for the best order of many places in a worker of its own. */
export const runOrder = (job: OrderJob, onProgress: (share: number) => void): RunningWorker<FoundOrder> =>
  runWorker(new Worker(new URL('./order.worker.ts', import.meta.url)), job, onProgress);
