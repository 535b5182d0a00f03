import { precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';

/** Every file of the application. */
declare const self: { readonly __WB_MANIFEST: readonly PrecacheEntry[] };

/**
 * Keeps the whole application in the browser, so that everything is there with the network cut: the list of its files is
 * put in when it is built (`scripts/offline.mjs`). What an address asks for in its question mark part is the page's own matter.
 */
precacheAndRoute([...self.__WB_MANIFEST], { ignoreURLParametersMatching: [/.*/], cleanURLs: false });
