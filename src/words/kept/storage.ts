/** The words where the server does not give the demo. */
export const NO_DEMO = 'The demo pieces cannot be fetched from the server just now. Try again later.';

/** The words for a sheet opened without a piece. */
export const NO_PIECE = 'There is no piece at this address.';

/** The words for a failure to read or write that the storage does not explain. */
export const STORAGE_TROUBLE = 'Something went wrong with the storage.';

/** The words for a browser’s storage that does not open, and does not say why. */
export const STORAGE_SHUT = 'The storage does not open.';

/** The name of a school that was begun on the bench. */
export const OWN_SCHOOL = 'My school';

/** The words for a database that neither opens nor fails. */
export const STORAGE_SILENT = 'it does not answer; if another tab of Dove Path is open, close it and reload this page';

/** The words for a piece on the bench that does not read. */
export const SET_ASIDE = 'The piece could not be read and was set aside; it is kept under Backup.';

/** The words for a piece that a newer version of the application has written. */
export const OF_NEWER =
  'A newer version of Dove Path has written this piece, and this one leaves it as it is. Reload the page to get the newer version.';

/** Writes that the browser's database does not open: work goes on without it. */
export function notKeptText(why: string): string {
  return `The browser does not open its storage (${why}). You can work here and download the piece, but it is not kept.`;
}

/** Writes that a page cannot read what it shows. */
export function notReadText(why: string): string {
  return `What this page shows cannot be read from the browser’s storage (${why}).`;
}
