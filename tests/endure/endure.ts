/**
 * Edits, and a disaster right after each: nothing may be lost. For the built application (`npm run build` first):
 * `npm run endure -- --trials 10000 --minutes 20 --seed 1`. With `--without-write-ahead` the place beside the database is
 * switched off, and edits must be lost: the check that this can fail.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BrowserContext, chromium, type Page } from '@playwright/test';
import { type Disaster, DISASTERS } from './disasters.ts';
import { type Edit, EDITS, type Stored } from './edits.ts';
import { CHROMIUM, numberGiven, served } from '../support/served.ts';

const PORT = 4396;

/** So many go on side by side. */
const SIDE_BY_SIDE = 2;

/** After this an edit that is not there is lost, ms. */
const PATIENCE_MS = 6000;

const trials = numberGiven('trials', 10_000);
const endAt = Date.now() + numberGiven('minutes', 20) * 60_000;
const seed = numberGiven('seed', 1);
const withoutWriteAhead = process.argv.includes('--without-write-ahead');

/** How often each kind was tried, and how often its edit was gone. */
const tally = new Map<string, { tried: number; lost: number }>();
let begun = 0;

const server = await served({ port: PORT });
const since = Date.now();
try {
  await Promise.all(Array.from({ length: SIDE_BY_SIDE }, worker));
} finally {
  await server.stop();
}
report();

async function worker(): Promise<void> {
  const profile = mkdtempSync(join(tmpdir(), 'endure-'));
  let context = await browserOn(profile);
  while (begun < trials && Date.now() < endAt) {
    const trial = begun;
    begun += 1;
    const disaster = chosen(DISASTERS, seed * 31 + trial * 7);
    const edit = chosen(EDITS, seed * 17 + Math.floor(trial / DISASTERS.length));
    const { piece, mustBeThere } = await strikeAfter(context, { trial, disaster, edit, profile });
    if (disaster.endsBrowser === true) {
      await context.close().catch(() => undefined);
      context = await browserOn(profile);
    }
    if (mustBeThere) count(disaster, edit, await isThere(context, piece, edit, trial));
  }
  await context.close();
  rmSync(profile, { recursive: true, force: true });
}

interface Trial {
  readonly trial: number;
  readonly disaster: Disaster;
  readonly edit: Edit;
  readonly profile: string;
}

/** A saved piece, an edit, and what then happens; the piece's id, and whether the edit has to be found again. */
async function strikeAfter(
  context: BrowserContext,
  { trial, disaster, edit, profile }: Trial,
): Promise<{ readonly piece: string; readonly mustBeThere: boolean }> {
  const page = await context.newPage();
  await page.goto('/?new');
  await page.locator('[data-bead]').first().waitFor();
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill(`Before ${trial}`);
  await page.locator('[data-saving=saved]').waitFor();
  const piece = new URL(page.url()).searchParams.get('piece') ?? '';
  await disaster.before?.(page);
  await edit.make(page, trial);
  const saved = disaster.onlySaved !== true || (await isSaved(page));
  await disaster.strike(page, profile);
  return { piece, mustBeThere: saved };
}

async function isSaved(page: Page): Promise<boolean> {
  return await page
    .locator('[data-saving=saved]')
    .waitFor({ timeout: 3000 })
    .then(
      () => true,
      () => false,
    );
}

/** Looks on a page that writes what others left before it reads. */
async function isThere(context: BrowserContext, id: string, edit: Edit, trial: number): Promise<boolean> {
  const page = await context.newPage();
  await page.goto('/backup');
  const endOfPatience = Date.now() + PATIENCE_MS;
  let found = false;
  while (!found && Date.now() < endOfPatience) {
    const piece = await page.evaluate(storedPiece, id);
    found = piece !== null && edit.isIn(piece, trial);
    if (!found) await new Promise((resolve) => setTimeout(resolve, 50));
  }
  await page.close();
  return found;
}

async function storedPiece(id: string): Promise<Stored | null> {
  const opening = indexedDB.open('dove-path');
  const database = await new Promise<IDBDatabase | null>((resolve) => {
    opening.onsuccess = () => resolve(opening.result);
    opening.onerror = () => resolve(null);
  });
  if (!database?.objectStoreNames.contains('pieces')) return null;
  const reading = database.transaction('pieces').objectStore('pieces').get(id);
  const piece = await new Promise<Stored | null>((resolve) => {
    reading.onsuccess = () => resolve(reading.result ?? null);
  });
  database.close();
  return piece;
}

async function browserOn(profile: string): Promise<BrowserContext> {
  const context = await chromium.launchPersistentContext(profile, {
    ...CHROMIUM,
    baseURL: server.address,
    serviceWorkers: 'block',
  });
  await context.addInitScript((off: boolean) => {
    localStorage.setItem('dove-path/first-steps', 'done');
    if (!off) return;
    const set = Storage.prototype.setItem;
    Storage.prototype.setItem = function (key: string, value: string): void {
      if (!key.startsWith('dove-path/unwritten')) set.call(this, key, value);
    };
  }, withoutWriteAhead);
  return context;
}

function chosen<Kind>(kinds: readonly Kind[], number: number): Kind {
  const kind = kinds[number % kinds.length];
  if (kind === undefined) throw new RangeError('There are no kinds to choose from');
  return kind;
}

function count(disaster: Disaster, edit: Edit, found: boolean): void {
  const kind = `${disaster.name}, ${edit.name}`;
  const { tried, lost } = tally.get(kind) ?? { tried: 0, lost: 0 };
  tally.set(kind, { tried: tried + 1, lost: lost + (found ? 0 : 1) });
}

function report(): void {
  const kinds = [...tally].toSorted(([one], [other]) => one.localeCompare(other));
  for (const [kind, { tried, lost }] of kinds) console.log(`${kind}: ${lost} of ${tried} lost`);
  const [tried, lost] = kinds.reduce(([all, gone], [, kind]) => [all + kind.tried, gone + kind.lost], [0, 0]);
  console.log(`\n${lost} of ${tried} edits lost, seed ${seed}, in ${Math.round((Date.now() - since) / 1000)} s`);
  if (lost > 0 !== withoutWriteAhead) process.exitCode = 1;
}
