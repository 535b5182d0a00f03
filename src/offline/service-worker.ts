import { cleanupOutdatedCaches, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';

/** What is used here of the service worker's global scope. */
declare const self: {
  /** Every file of the application. */
  readonly __WB_MANIFEST: readonly PrecacheEntry[];
  readonly addEventListener: (type: 'message', heard: (event: MessageEvent<unknown>) => void) => void;
  readonly skipWaiting: () => Promise<void>;
};

/**
 * Keeps the whole application in the browser, so that everything is there with the network cut: the list of its files is
 * put in when it is built (`scripts/offline.mjs`). What an address asks for in its question mark part is the page's own matter.
 */
precacheAndRoute([...self.__WB_MANIFEST], { ignoreURLParametersMatching: [/.*/], cleanURLs: false });
cleanupOutdatedCaches();

// A newer version waits until the teacher wants it.
self.addEventListener('message', ({ data }) => {
  if (data === 'use') void self.skipWaiting();
});
