import { DOCUMENT_NAMES } from '#core/documents';
import { database } from '../../storage/database/index.ts';
import { countRecordings, type Recordings } from './recordings.ts';
import { studioText } from './studio-file.ts';

/** The number of days with changes since the last backup after which the teacher is reminded. */
const REMIND_AFTER_DAYS = 5;

/** The state of the backup. */
export interface BackupState {
  /** The moment the studio was last saved as a file; null for never. */
  readonly backedUpAt: number | null;
  /** The number of days on which something was changed since. */
  readonly daysChanged: number;
  /** Whether it is time for another, and the teacher has not put that off. */
  readonly isDue: boolean;
  /** Whether the browser keeps its storage even when the disk runs full; null where it does not say. */
  readonly persisted: boolean | null;
  /** The recordings of takes, which a backup leaves out unless they are wanted. */
  readonly recordings: Recordings;
  /** The folder that is kept up to date; null for none. */
  readonly folder: { readonly name: string; readonly allowed: boolean } | null;
}

/** The name of the file in a folder that is kept up to date. */
const FILE_IN_FOLDER = 'dove-path-studio.json';

/** Reads the state of the backup. */
export async function backupState(): Promise<BackupState> {
  const backedUpAt = await timeOf('backed-up');
  const putOffAt = await timeOf('backup-put-off');
  const days = await daysChangedSince(backedUpAt ?? 0);
  const daysAfterPuttingOff = putOffAt === null ? days : await daysChangedSince(Math.max(putOffAt, backedUpAt ?? 0));
  const folder = await folderChosen();
  return {
    backedUpAt,
    daysChanged: days.size,
    isDue: daysAfterPuttingOff.size >= REMIND_AFTER_DAYS,
    persisted: (await globalThis.navigator?.storage?.persisted?.()) ?? null,
    recordings: await countRecordings(),
    folder: folder && { name: folder.name, allowed: await isAllowed(folder) },
  };
}

/** Writes the studio as a file's text, and remembers that it was saved. */
export async function backUp(wantsRecordings = false): Promise<string> {
  const text = await studioText(wantsRecordings);
  await database.facts.put({ key: 'backed-up', value: Date.now() });
  return text;
}

/** Puts the backup off: the reminder comes again after as many more days with changes. */
export async function putOffBackup(): Promise<void> {
  await database.facts.put({ key: 'backup-put-off', value: Date.now() });
}

/** Asks the browser to keep its storage when the disk runs full, once there is something to keep. Resolves to whether it does. */
export async function askToKeep(): Promise<boolean> {
  const { storage } = navigator;
  if ((await storage?.persisted?.()) === true) return true;
  return (await storage?.persist?.()) ?? false;
}

/** Tells whether the studio contains anything of the teacher's own. */
export async function hasOwnWork(): Promise<boolean> {
  const counts = await Promise.all(
    DOCUMENT_NAMES.map((name) =>
      database
        .tableOf(name)
        .filter(({ demo, revision }) => !demo || revision > 0)
        .limit(1)
        .count(),
    ),
  );
  return counts.some((count) => count > 0);
}

/** Chooses a folder in which the newest backup is kept from now on. */
export async function chooseFolder(folder: FileSystemDirectoryHandle): Promise<void> {
  await database.facts.put({ key: 'backup-folder', value: folder });
  await writeToFolder();
}

/** Stops keeping the folder up to date; the file in it stays. */
export async function leaveFolder(): Promise<void> {
  await database.facts.delete('backup-folder');
}

/** Asks the teacher to allow writing into the folder again, as a browser wants after it was closed. */
export async function allowFolder(): Promise<boolean> {
  const folder = await folderChosen();
  return folder !== null && (await folder.requestPermission?.({ mode: 'readwrite' })) === 'granted' && (await writeToFolder());
}

/** Writes the studio into the folder, where there is one that may be written into; resolves to whether it did. */
export async function writeToFolder(): Promise<boolean> {
  const folder = await folderChosen();
  if (!folder || !(await isAllowed(folder))) return false;
  const file = await folder.getFileHandle(FILE_IN_FOLDER, { create: true });
  const text = await studioText();
  // The existing file stays until the new one is closed.
  const writing = await file.createWritable();
  await writing.write(text);
  await writing.close();
  await database.facts.put({ key: 'backed-up', value: Date.now() });
  return true;
}

/** Writes into the folder unless everything changed up to a moment is in it already: a page that is opened writes nothing again. */
export async function writeToFolderIfNewer(changedAt: number): Promise<boolean> {
  return changedAt > ((await timeOf('backed-up')) ?? 0) && (await writeToFolder());
}

async function folderChosen(): Promise<FileSystemDirectoryHandle | null> {
  const fact = await database.facts.get('backup-folder');
  return fact?.key === 'backup-folder' ? fact.value : null;
}

async function isAllowed(folder: FileSystemDirectoryHandle): Promise<boolean> {
  return ((await folder.queryPermission?.({ mode: 'readwrite' })) ?? 'granted') === 'granted';
}

async function timeOf(key: 'backed-up' | 'backup-put-off'): Promise<number | null> {
  const fact = await database.facts.get(key);
  return fact && typeof fact.value === 'number' ? fact.value : null;
}

/** Lists the days on which something was changed since a moment, as far as records and their versions tell. */
async function daysChangedSince(since: number): Promise<ReadonlySet<string>> {
  const times: number[] = [];
  for (const name of DOCUMENT_NAMES) {
    const changed = database.tableOf(name).where('updatedAt').above(since);
    await changed.each(({ demo, revision, updatedAt }) => void (demo && revision === 0 ? undefined : times.push(updatedAt)));
  }
  await database.versions
    .where('at')
    .above(since)
    .each(({ at }) => void times.push(at));
  return new Set(times.map((time) => new Date(time).toDateString()));
}
