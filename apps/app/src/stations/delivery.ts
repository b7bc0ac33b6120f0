import { create } from 'zustand';
import { deviceStorage } from '../cache/deviceStorage';
import { loadPart } from '../api/offline';
import { somethingLeft } from '../outbox/keys';

/** Whether what was logged is being delivered: the outbox, with all that it knows of entries, is no part of the first script. */
export const useDelivery = create<{ begun: boolean }>()(() => ({ begun: false }));

/** How long the first page is read before the outbox is fetched, ms. */
const READ = 1500;

/** Begins to deliver what was logged, at once where an earlier visit left something; gives back how to stop. */
export function startDelivery(): () => void {
  let stop: (() => void) | undefined;
  let over = false;
  const start = async () => {
    const { startOutbox, cacheShop } = await loadPart(() => import('../stores/delivery'));
    if (over) return;
    stop = startOutbox();
    useDelivery.setState({ begun: true });
    void cacheShop();
  };
  // What cannot be had is told by the screen that wants it; what is on the device stays there.
  const timer = setTimeout(() => void start().catch(() => undefined), somethingLeft(deviceStorage) ? 0 : READ);
  return () => {
    over = true;
    clearTimeout(timer);
    stop?.();
  };
}
