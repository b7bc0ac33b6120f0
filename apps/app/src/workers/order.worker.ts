import { bestOrder, type FoundOrder, type OrderJob } from '@zero-point/core/positions/order';
import type { WorkReport } from './runWorker';

const tell = (report: WorkReport<FoundOrder>) => self.postMessage(report);

/** Looks for an order away from the screen. */
self.onmessage = ({ data }: MessageEvent<OrderJob>) => {
  const result = bestOrder(data, (share) => {
    tell({ kind: 'progress', share });
    return true;
  });
  tell({ kind: 'done', result });
};
