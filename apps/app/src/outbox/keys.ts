import { keysOf, type DeviceStorage } from '../cache/deviceStorage';

/** Under what names the outbox keeps things on the device: what waits, what the server refused, what could not be read. */
export const WAITING = 'zero-point.outbox.';
export const REFUSED = 'zero-point.refused.';
export const ASIDE = 'zero-point.aside.';

/** Whether an earlier visit left something to deliver, or to be told. */
export const somethingLeft = (storage: DeviceStorage): boolean =>
  [WAITING, REFUSED, ASIDE].some((prefix) => keysOf(storage, prefix).length > 0);
