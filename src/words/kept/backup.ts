import { counted, listed } from '#core/messages';

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' });

/** When the studio was last saved as a file. */
export function lastBackupText(at: number | null): string {
  return at === null ? 'The studio has not been saved as a file yet.' : `The studio was last saved as a file on ${WHEN.format(at)}.`;
}

/** Why another backup would be good now. */
export function reminderText({ backedUpAt, daysChanged }: { readonly backedUpAt: number | null; readonly daysChanged: number }): string {
  const since = backedUpAt === null ? '' : ' since then';
  return `${lastBackupText(backedUpAt)} You have changed something on ${counted(daysChanged, 'day', 'days')}${since}.`;
}

/** Whether the browser keeps what is stored. */
export function persistedText(persisted: boolean | null): string {
  if (persisted === null) return 'This browser does not say whether it keeps the studio when the disk is full.';
  return persisted
    ? 'The browser keeps the studio even when the disk is full.'
    : 'The browser may delete the studio when the disk is full: it has not agreed to keep it. Save it as a file now and then.';
}

/** How what a file brings stands to what is here. */
export const STANDING_WORDS = {
  new: 'new',
  changed: 'changed in the file',
  older: 'changed here since',
  same: 'the same here',
} as const;

/** What bringing in a file did. */
export function broughtText(count: number): string {
  return count === 0
    ? 'There was nothing to bring in.'
    : `${counted(count, 'entry was', 'entries were')} brought in. What was here before is under “Earlier versions” of each.`;
}

/** Days of a log that were left out. */
export function fullDaysText(days: readonly string[]): string {
  return `${listed(days)}: a day of a log holds 5,000 entries, and with those of the file it would hold more. What is here stays as it is.`;
}

/** What of a file does not read. */
export function damagedText(places: readonly number[]): string {
  return `${counted(places.length, 'part of the file does', 'parts of the file do')} not read (${listed(places.map((place) => `part ${place}`))}); the others do.`;
}

/** What was set aside because it did not read, and came back. */
export function restoredText(restored: number, left: number): string {
  const came = restored === 0 ? 'None of it reads yet.' : `${counted(restored, 'entry is', 'entries are')} back.`;
  return left === 0 ? came : `${came} ${counted(left, 'entry stays', 'entries stay')} set aside.`;
}

/** No folder can be chosen here. */
export const NO_FOLDERS = 'This browser cannot keep a folder up to date.';
