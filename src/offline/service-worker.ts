import { cleanupOutdatedCaches, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';

/** The parts of the service worker's global scope that are used here. */
declare const self: {
  /** The list of every file of the application. */
  readonly __WB_MANIFEST: readonly PrecacheEntry[];
  readonly addEventListener: (type: 'message', heard: (event: MessageEvent<unknown>) => void) => void;
  readonly skipWaiting: () => Promise<void>;
};

/**
 * Stores the whole application in the browser, so that everything works with the network cut: the list of its files is put in when it is
 * built (`scripts/offline.mjs`). The query of an address belongs to the page itself.
 */
precacheAndRoute([...self.__WB_MANIFEST], { ignoreURLParametersMatching: [/.*/], cleanURLs: false });
cleanupOutdatedCaches();

// A newer version waits until the teacher wants it.
self.addEventListener('message', ({ data }) => {
  if (data === 'use') void self.skipWaiting();
});
