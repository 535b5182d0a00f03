import { countText, isOfNewerVersion, type Issue, listText } from '#core/messages';

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' });

/** Writes when the studio was last saved as a file. */
export function lastBackupText(at: number | null): string {
  return at === null ? 'The studio has not been saved as a file yet.' : `The studio was last saved as a file on ${WHEN.format(at)}.`;
}

/** Writes why another backup would be good now. */
export function reminderText({ backedUpAt, daysChanged }: { readonly backedUpAt: number | null; readonly daysChanged: number }): string {
  const since = backedUpAt === null ? '' : ' since then';
  return `${lastBackupText(backedUpAt)} You have changed something on ${countText(daysChanged, 'day', 'days')}${since}.`;
}

/** Writes which recordings a backup may take along: "with the recordings of takes: 3, 1.7 MB". */
export function recordingsText(count: number, size: string): string {
  return `with the recordings of takes: ${count}, ${size}`;
}

/** Writes whether the browser keeps its storage. */
export function persistedText(persisted: boolean | null): string {
  if (persisted === null) return 'This browser does not say whether it keeps the studio when the disk is full.';
  return persisted
    ? 'The browser keeps the studio even when the disk is full.'
    : 'The browser may delete the studio when the disk is full: it has not agreed to keep it. Save it as a file now and then.';
}

/** The words for the relation of a file's record to the one here. */
export const STANDING_WORDS = {
  new: 'new',
  changed: 'changed in the file',
  older: 'changed here since',
  same: 'the same here',
} as const;

/** Writes the result of bringing in a file. */
export function broughtText({ count, leftOut }: { readonly count: number; readonly leftOut: readonly string[] }): string {
  const came =
    count === 0
      ? 'Nothing was brought in.'
      : `${countText(count, 'entry was', 'entries were')} brought in. What was here before is under “Earlier versions” of each.`;
  return [came, ...leftOut].join(' ');
}

/** Writes why something of a file was left out. */
export function notBroughtText(kind: string, name: string, why: string): string {
  return `Left out the ${kind} ${name === '' ? 'without a name' : `“${name}”`}: ${why}`;
}

/** The words for a file that is read or written, part after part. */
export const FILE_UNDER_WAY = {
  read: { what: 'Looking through the file', done: 'read' },
  write: { what: 'Bringing in', done: 'written' },
} as const;

/** The words where the teacher has stopped bringing in. */
export const STOPPED = 'Stopped: nothing was brought in.';

/** Writes the days of a log that were left out. */
export function newerDaysText(days: readonly string[]): string {
  return `${listText(days)}: a newer Dove Path has written into the log here, and this one does not write over it. Reload the page, and bring the file in again.`;
}

/** A part of a file that does not read, and why. */
interface DamagedPart {
  readonly place: number;
  readonly issues: readonly Issue[];
}

/** Writes the parts of a file that do not read, and what would help where a newer version has written them. */
export function damagedText(damaged: readonly DamagedPart[]): string {
  const places = listText(damaged.map(({ place }) => `part ${place}`));
  const said = `${countText(damaged.length, 'part of the file does', 'parts of the file do')} not read (${places}); the others do.`;
  const newer = damaged.flatMap(({ issues }) => issues).find(isOfNewerVersion);
  return newer ? `${said} ${newer.message} ${newer.hint}` : said;
}

/** Writes which records were set aside because they did not read, and came back. */
export function restoredText(restored: number, left: number): string {
  const came = restored === 0 ? 'None of it reads yet.' : `${countText(restored, 'entry is', 'entries are')} back.`;
  return left === 0 ? came : `${came} ${countText(left, 'entry stays', 'entries stay')} set aside.`;
}

/** The words where no folder can be chosen. */
export const NO_FOLDERS = 'This browser cannot keep a folder up to date.';
