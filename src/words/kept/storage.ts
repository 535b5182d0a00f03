/** The server does not give the demo. */
export const NO_DEMO = 'The demo pieces cannot be fetched from the server just now. Try again later.';

/** The sheet was opened without a piece. */
export const NO_PIECE = 'There is no piece at this address.';

/** Something was to be read or written, and the storage does not say why it was not. */
export const STORAGE_TROUBLE = 'Something went wrong with the storage.';

/** The browser’s storage does not open, and does not say why. */
export const STORAGE_SHUT = 'The storage does not open.';

/** What a school is called that was begun on the bench. */
export const OWN_SCHOOL = 'My school';

/** The database neither opens nor fails. */
export const STORAGE_SILENT = 'it does not answer; if another tab of Dove Path is open, close it and reload this page';

/** The piece on the bench does not read. */
export const SET_ASIDE = 'The piece could not be read and was set aside; it is kept under Backup.';

/** The browser's database does not open: work goes on without it. */
export function notKeptText(why: string): string {
  return `The browser does not open its storage (${why}). You can work here and download the piece, but it is not kept.`;
}

/** What a page shows cannot be read. */
export function notReadText(why: string): string {
  return `What this page shows cannot be read from the browser’s storage (${why}).`;
}
