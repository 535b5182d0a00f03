import { liveQuery } from 'dexie';
import { askToKeep, hasOwnWork, writeToFolder } from './backup.ts';
import { database } from '../database.ts';
import { DOCUMENT_NAMES } from '#core/documents';

/** Set once the browser was asked to keep the studio: one that asks the teacher does so once. */
const ASKED = 'dove-path/asked-to-keep';

/** Changes that follow each other are written into the folder together, ms. */
const TOGETHER_MS = 10_000;

/** On every page, once it is at rest: the browser is asked to keep what is the teacher's own, and the folder is kept up to date. */
export function keepStudio(): void {
  void askOnce().catch(() => undefined);
  let timer = 0;
  let first = true;
  liveQuery(newestChange).subscribe({
    next: () => {
      clearTimeout(timer);
      timer = window.setTimeout(() => void writeToFolder().catch(() => undefined), first ? 0 : TOGETHER_MS);
      first = false;
    },
    error: () => undefined,
  });
}

async function askOnce(): Promise<void> {
  if (localStorage.getItem(ASKED) !== null || !(await hasOwnWork())) return;
  localStorage.setItem(ASKED, 'yes');
  await askToKeep();
}

/** Reads enough of every table to hear of its changes. */
async function newestChange(): Promise<readonly number[]> {
  const newest = await Promise.all(DOCUMENT_NAMES.map((name) => database.tableOf(name).orderBy('updatedAt').last()));
  return newest.map((record) => record?.updatedAt ?? 0);
}
