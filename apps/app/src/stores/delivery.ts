/** What delivers, and keeps the shop on the device: one script, fetched once the first page is there. */
export { cacheShop } from '../api/queries';
export { startOutbox } from './outbox';
