import { offerNewerVersion } from './newer-version.ts';

/** The time for which the page has the network to itself before the rest of the application is fetched, ms. */
const PATIENCE_MS = 4000;

/** The interval at which an open page looks for a newer version, ms. */
const LOOK_AGAIN_MS = 60 * 60 * 1000;

/**
 * Fetches the whole application once the page is at rest, so that it works with the network cut. A newer version waits beside this one
 * until the teacher uses it: every change is written ahead, so loading the page again loses nothing.
 */
export function keepForOffline(): void {
  window.addEventListener('vite:preloadError', () => void offerIfServed());
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  window.addEventListener('load', () => requestIdleCallback(() => void keep().catch(() => undefined), { timeout: PATIENCE_MS }));
}

/** A lazy part may not come because the server has a newer version and no longer this one's parts. */
async function offerIfServed(): Promise<void> {
  const answer = await fetch('/api/health').catch(() => null);
  if (answer?.ok === true) offerNewerVersion(() => location.reload());
}

async function keep(): Promise<void> {
  const { serviceWorker } = navigator;
  const registration = await serviceWorker.register('/service-worker.js');
  const offer = (): void => {
    const { waiting } = registration;
    // The first version ever is used at once.
    if (!waiting || !serviceWorker.controller) return;
    offerNewerVersion(() => {
      serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
      waiting.postMessage('use');
    });
  };
  offer();
  registration.addEventListener('updatefound', () => registration.installing?.addEventListener('statechange', offer));
  const lookAgain = (): void => void registration.update().catch(() => undefined);
  setInterval(lookAgain, LOOK_AGAIN_MS);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && lookAgain());
}
