import { STORAGE_SILENT } from '../../words/kept/storage.ts';
import { inTime } from '../../storage/database/in-time.ts';
import { isDemo } from '../of-demo/is-demo.ts';
import { writeUnwritten } from '../../storage/beside/unwritten.ts';

/**
 * What every page waits for before it reads: the demo is put in where the application runs with one and was never started
 * before, and what an earlier page left unwritten is in the database. Rejects where the database does not answer.
 */
export async function readyToRead(): Promise<void> {
  preparing ??= prepared();
  try {
    await inTime(preparing, () => new Error(STORAGE_SILENT));
  } catch (error) {
    preparing = null;
    throw error;
  }
}

/** What every page waits for is done once for a page, and again where it failed. */
let preparing: Promise<void> | null = null;

/** The same for what needs the log or the sessions: those of the demo are there too. */
export async function readyToPractise(): Promise<void> {
  await readyToRead();
  if (isDemo()) await practisedDemo();
}

async function practisedDemo(): Promise<void> {
  await (await import('../of-demo/demo-practice.ts')).seedPracticeOnce();
}

async function prepared(): Promise<void> {
  if (isDemo()) await (await import('../of-demo/demo.ts')).seedDemoOnce();
  await writeUnwritten();
  if (isDemo()) requestIdleCallback(() => setTimeout(() => void practisedDemo().catch(() => undefined), AT_REST_MS));
  requestIdleCallback(() => setTimeout(() => void import('../backup/keep-studio.ts').then(({ keepStudio }) => keepStudio()), AT_REST_MS));
}

/** What keeps the studio waits so long after the first quiet moment, ms: nothing of it holds up the first drawing. */
const AT_REST_MS = 2000;
