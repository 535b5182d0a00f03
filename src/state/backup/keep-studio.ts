import { liveQuery } from 'dexie';
import { askToKeep, hasOwnWork, writeToFolder, writeToFolderIfNewer } from './backup.ts';
import { keepBeside, textBeside } from '../../storage/beside/index.ts';
import { database } from '../../storage/database/index.ts';
import { DOCUMENT_NAMES } from '#core/documents';

/** The key that is set once the browser was asked to keep the studio: one that asks the teacher does so once. */
const ASKED = 'dove-path/asked-to-keep';

/** The time within which changes are written into the folder together, ms. */
const TOGETHER_MS = 10_000;

/** Runs on every page, once it is at rest: asks the browser to keep what is the teacher's own, and keeps the folder up to date. */
export function keepStudio(): void {
  void askOnce().catch(() => undefined);
  let timer = 0;
  let begun = false;
  const noteChange = (newest: number): void => {
    clearTimeout(timer);
    const write = begun ? writeToFolder : async () => await writeToFolderIfNewer(newest);
    timer = window.setTimeout(() => void write().catch(() => undefined), begun ? TOGETHER_MS : 0);
    begun = true;
  };
  liveQuery(newestChange).subscribe({ next: noteChange, error: () => undefined });
}

async function askOnce(): Promise<void> {
  if (textBeside(ASKED) !== null || !(await hasOwnWork())) return;
  keepBeside(ASKED, 'yes');
  await askToKeep();
}

/** Gives the moment of the last change, ms since 1970; it reads enough of every table to be told of its changes. */
async function newestChange(): Promise<number> {
  const newest = await Promise.all(DOCUMENT_NAMES.map((name) => database.tableOf(name).orderBy('updatedAt').last()));
  return newest.reduce((latest, record) => Math.max(latest, record?.updatedAt ?? 0), 0);
}
