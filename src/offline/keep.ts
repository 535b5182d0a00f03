/** How long the page has to itself before the rest of the application is fetched, ms. */
const PATIENCE_MS = 4000;

/** Fetches the whole application once the page is at rest, so that it is there with the network cut. */
export function keepForOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  const keep = (): void => void navigator.serviceWorker.register('/service-worker.js').catch(() => undefined);
  window.addEventListener('load', () => requestIdleCallback(keep, { timeout: PATIENCE_MS }));
}
