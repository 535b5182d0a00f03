import { STORAGE_SILENT } from '../../words/kept/storage.ts';
import { inTime } from '../../storage/database/index.ts';
import { isDemo } from '../of-demo/index.ts';
import { writeUnwritten } from '../../storage/writing/index.ts';

/**
 * Prepares what every page needs before it reads: the demo is put in where the application runs with one and was never started before, and
 * changes that an earlier page left unwritten are in the database.
 *
 * @throws where the database does not answer
 */
export async function readyToRead(): Promise<void> {
  preparing ??= prepare();
  try {
    await inTime(preparing, () => new Error(STORAGE_SILENT));
  } catch (error) {
    preparing = null;
    throw error;
  }
}

/** The preparation is done once for a page, and again where it failed. */
let preparing: Promise<void> | null = null;

/** Prepares what pages with the log or the sessions need: those of the demo are there too. */
export async function readyToPractise(): Promise<void> {
  await readyToRead();
  if (isDemo()) await practisedDemo();
}

async function practisedDemo(): Promise<void> {
  await (await import('../of-demo/demo-practice.ts')).seedPracticeOnce();
}

async function prepare(): Promise<void> {
  if (isDemo()) await (await import('../of-demo/demo.ts')).seedDemoOnce();
  await writeUnwritten();
  if (isDemo()) requestIdleCallback(() => setTimeout(() => void practisedDemo().catch(() => undefined), AT_REST_MS));
  requestIdleCallback(() => setTimeout(() => void import('../backup/keep-studio.ts').then(({ keepStudio }) => keepStudio()), AT_REST_MS));
}

/** The time after the first quiet moment for which the code that keeps the studio waits, ms: it must not delay the first drawing. */
const AT_REST_MS = 2000;
