let asked = false;

/**
 * Asks the browser to keep what this device stores even where room is short: once something waits there, it is nowhere else.
 * Where the page is not secure a browser knows nothing of it.
 */
export function persistStorage(
  storage: Pick<StorageManager, 'persist'> | undefined = globalThis.navigator.storage,
): void {
  if (asked || typeof storage?.persist !== 'function') return;
  asked = true;
  // A no is no fault: it is as it was.
  storage.persist().catch(() => undefined);
}
