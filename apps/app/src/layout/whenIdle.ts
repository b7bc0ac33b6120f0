/** Waited for a quiet moment so long at the most, ms. */
const AT_THE_LATEST = 1000;

/** Does something once the page has a quiet moment; gives back how to leave it. */
export function whenIdle(work: () => void): () => void {
  if (typeof window.requestIdleCallback !== 'function') {
    const timer = setTimeout(work, 0);
    return () => clearTimeout(timer);
  }
  const asked = window.requestIdleCallback(work, { timeout: AT_THE_LATEST });
  return () => window.cancelIdleCallback(asked);
}
