/**
 * Makes edits, and a disaster right after each: nothing may be lost. For the built application (`npm run build` first):
 * `npm run endure -- --trials 10000 --minutes 20 --seed 1`. With `--without-write-ahead` the place beside the database is
 * switched off, and edits must be lost: the check that this can fail. `--only "another tab|restored"` tries the kinds of these names,
 * `--edits "a weight"` the edits of that name, `--from 2200` begins with that trial of the seed, `--tree F` takes the build in folder F.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as rest } from 'node:timers/promises';
import { type BrowserContext, chromium, type Page } from '@playwright/test';
import { type Disaster, DISASTERS } from './disasters.ts';
import type { Edit, Stored } from './edit.ts';
import { EDITS } from './edits.ts';
import { TAKEN_AWAY } from './taken-away.ts';
import { storedPieces, storedRecords, storedTyped } from './stored-pieces.ts';
import type { PieceRecord } from '../../src/records/record.ts';
import { CHROMIUM, numberGiven, startServer, textGiven } from '../support/served.ts';

const PORT = 4396;

/** The number of trials side by side. */
const SIDE_BY_SIDE = 2;

/** The time after which an edit that is not there is lost, ms: long, because it may have to share its machine. */
const PATIENCE_MS = 30_000;

/** The time within which a change must be saved to count as saved, ms. */
const SAVED_WITHIN_MS = 3000;

/** The number of trials after which the result so far is printed: a long run may be cut off. */
const SAID_EVERY = 100;

/** The time after which a page or a field that does not come is given up, ms. */
const NO_PAGE_MS = 120_000;

const from = numberGiven('from', 0);
const trials = from + numberGiven('trials', 10_000);
let endAt = Date.now() + numberGiven('minutes', 20) * 60_000;
const seed = numberGiven('seed', 1);
/** The names of the kinds that are tried, in part. */
const only = (textGiven('only') ?? '').split('|');
const kinds = [...DISASTERS, ...TAKEN_AWAY].filter(({ name }) => only.some((part) => name.includes(part)));
const edits = EDITS.filter(({ name }) => name.includes(textGiven('edits') ?? ''));
const withoutWriteAhead = process.argv.includes('--without-write-ahead');

/** The number of times each kind was tried, and of times its edit was gone. */
const tally = new Map<string, { tried: number; lost: number }>();
let begun = from;

/** The number of edits that could not be made at all. */
let notMade = 0;

/** The number of edits that never came to their page. */
let notHeard = 0;

// A run ended by hand finishes the trials it is in and reports.
process.once('SIGINT', () => (endAt = 0));

const server = await startServer({ port: PORT, tree: textGiven('tree'), env: { DOVE_PATH_DEMO: '1' } });
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
  // Every page writes what others left before it reads, so the page of the next trial finds the edit of the one before.
  let struck: Struck | null = null;
  while (begun < trials && Date.now() < endAt) {
    const trial = begun;
    begun += 1;
    if (struck) await mend(context, struck);
    const page = await context.newPage();
    const piece = await openedPiece(page, trial);
    if (struck) await check(page, struck);
    const disaster = choose(kinds, seed * 31 + trial * 7);
    const edit = choose(edits, seed * 17 + Math.floor(trial / kinds.length));
    struck = await struckOrNot(page, { trial, disaster, edit, profile, piece });
    if (disaster.endsBrowser === true) {
      await context.close().catch(() => undefined);
      context = await browserOn(profile);
    }
  }
  if (struck) {
    await mend(context, struck);
    const page = await context.newPage();
    await page.goto('/backup');
    await check(page, struck);
  }
  await context.close();
  rmSync(profile, { recursive: true, force: true });
}

/** A disaster that struck right after an edit of a piece. */
interface Struck {
  readonly trial: number;
  readonly disaster: Disaster;
  readonly edit: Edit;
  readonly piece: string;
}

/** Gives what has to be found again; null for nothing. An edit that cannot be made does not end the run, and is reported. */
async function struckOrNot(page: Page, given: Struck & { readonly profile: string }): Promise<Struck | null> {
  try {
    return (await strikeAfter(page, given)) ? given : null;
  } catch (error) {
    notMade += 1;
    console.log(`not made: trial ${given.trial}, ${given.disaster.name}, ${given.edit.name}: ${String(error).slice(0, 300)}`);
    await page.close().catch(() => undefined);
    return null;
  }
}

/** Opens a new piece, saved under a name. */
async function openedPiece(page: Page, trial: number): Promise<string> {
  await page.goto('/?new');
  await page.locator('[data-bead]').first().waitFor();
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill(`Before ${trial}`);
  await page.locator('[data-saving=saved]').waitFor();
  return new URL(page.url()).searchParams.get('piece') ?? '';
}

/** Makes an edit and strikes; gives whether the edit has to be found again. */
async function strikeAfter(page: Page, { trial, disaster, edit, profile }: Struck & { readonly profile: string }): Promise<boolean> {
  // Tells whether it is too late: the other tab has the piece open, and nothing to do with the log; or it changes the same list, where
  // there is one. An edit in steps is not made to the end where nothing is left that it could go on with.
  const isTooLate = (disaster.clears === true && edit.inSteps === true) || (disaster.ofRecords === true && edit.changes === null);
  if ((edit.open && disaster.also) || (disaster.inTwoTabs && !edit.beside) || isTooLate) {
    await page.close();
    return false;
  }
  await edit.open?.(page);
  await disaster.before?.(page);
  if (!(await isMade(page, { trial, disaster, edit }))) {
    notHeard += 1;
    await page.close();
    return false;
  }
  const saved = disaster.onlySaved !== true || (await isSaved(page, edit, trial));
  const said = await disaster.strike(page, profile);
  if (disaster.isTold !== true) return saved;
  if (said !== true) console.log(`lost without a word: trial ${trial}, ${disaster.name}, ${edit.name}`);
  count(disaster, edit, said === true);
  return false;
}

/** Makes an edit; gives whether it came to the page. Nothing is typed into a field that goes because what it belongs to is gone. */
async function isMade(page: Page, { trial, disaster, edit }: Omit<Struck, 'piece'>): Promise<boolean> {
  const heard = disaster.clears === true ? await changesHeard(page) : null;
  if (disaster.inTwoTabs) await makeInTwoTabs(page, edit, trial);
  else await edit.make(page, trial);
  return heard === null || (await changesHeard(page)) > heard;
}

/** Counts how much of what a teacher does has come to a page. */
async function changesHeard(page: Page): Promise<number> {
  return await page.evaluate(() => Number(document.documentElement.dataset['heard'] ?? 0));
}

/** Makes an edit, and another of the same list in another tab, neither waiting for the other. */
async function makeInTwoTabs(page: Page, { open, make, beside }: Edit, trial: number): Promise<void> {
  const other = await page.context().newPage();
  await other.goto('/design');
  await open?.(other);
  await Promise.all([make(page, trial), beside?.make(other, trial)]);
}

/**
 * Tells whether it is saved: the bench says so; elsewhere the database itself is asked. Of a text that is only remembered nothing says that
 * it is on the disk.
 */
async function isSaved(page: Page, edit: Edit, trial: number): Promise<boolean> {
  if (edit.changes === null) return false;
  if (edit.open) return await comesTrue(async () => edit.isIn(await storedBeside(page, null), trial), SAVED_WITHIN_MS);
  const saved = page.locator('[data-saving=saved]').waitFor({ timeout: SAVED_WITHIN_MS });
  return await saved.then(
    () => true,
    () => false,
  );
}

/** Gives a piece, and all that is stored beside it. */
async function storedBeside(page: Page, piece: PieceRecord | null): Promise<Stored> {
  return { piece, records: await storedRecords(page), typed: await storedTyped(page) };
}

/** Tells whether something becomes true within a time, ms, asking again until it is. */
async function comesTrue(isSo: () => Promise<boolean>, within: number): Promise<boolean> {
  const end = Date.now() + within;
  let so = await isSo();
  while (!so && Date.now() < end) {
    await rest(50);
    so = await isSo();
  }
  return so;
}

/** Does what a teacher does after a disaster. */
async function mend(context: BrowserContext, { disaster }: Struck): Promise<void> {
  if (!disaster.mend) return;
  const page = await context.newPage();
  await disaster.mend(page);
  await page.close();
}

async function check(page: Page, { trial, disaster, edit, piece: id }: Struck): Promise<void> {
  let missing = '';
  const found = await comesTrue(async () => {
    const piece = (await storedPieces(page)).find((piece) => piece.id === id) ?? null;
    const stored = await storedBeside(page, piece);
    const besideIsIn = !disaster.inTwoTabs || edit.beside?.isIn(stored, trial) === true;
    const stays = disaster.stays?.(stored) !== false;
    missing = [edit.isIn(stored, trial) ? '' : 'here', besideIsIn ? '' : 'in the other tab', stays ? '' : 'beside it']
      .filter(Boolean)
      .join(', ');
    return missing === '' && (disaster.also === undefined || (piece !== null && disaster.also(piece)));
  }, PATIENCE_MS);
  // It is said at once, so that a run that is cut off later has not seen it in vain.
  if (!found) console.log(`lost: trial ${trial}, ${disaster.name}, ${edit.name}, ${missing === '' ? 'of another tab' : missing}`);
  count(disaster, edit, found);
}

async function browserOn(profile: string): Promise<BrowserContext> {
  const context = await chromium.launchPersistentContext(profile, {
    ...CHROMIUM,
    baseURL: server.address,
    serviceWorkers: 'block',
    // The trials under way are finished first when a run is ended by hand.
    handleSIGINT: false,
  });
  context.setDefaultTimeout(NO_PAGE_MS);
  await context.addInitScript((off: boolean) => {
    localStorage.setItem('dove-path/first-steps', 'done');
    for (const name of ['input', 'change', 'click', 'keydown']) {
      document.addEventListener(
        name,
        () => {
          const { dataset } = document.documentElement;
          dataset['heard'] = String(Number(dataset['heard'] ?? 0) + 1);
        },
        true,
      );
    }
    if (!off) return;
    const set = Storage.prototype.setItem;
    Storage.prototype.setItem = function (key: string, value: string): void {
      if (!key.startsWith('dove-path/unwritten')) set.call(this, key, value);
    };
  }, withoutWriteAhead);
  return context;
}

function choose<Kind>(kinds: readonly Kind[], number: number): Kind {
  const kind = kinds[number % kinds.length];
  if (kind === undefined) throw new RangeError('There are no kinds to choose from');
  return kind;
}

function count(disaster: Disaster, edit: Edit, found: boolean): void {
  const kind = `${disaster.name}, ${edit.name}`;
  const { tried, lost } = tally.get(kind) ?? { tried: 0, lost: 0 };
  tally.set(kind, { tried: tried + 1, lost: lost + (found ? 0 : 1) });
  const all = [...tally.values()].reduce((sum, tallied) => sum + tallied.tried, 0);
  if (all % SAID_EVERY === 0)
    console.log(`${all} tried so far, ${[...tally.values()].reduce((sum, tallied) => sum + tallied.lost, 0)} lost`);
}

function report(): void {
  const kinds = [...tally].toSorted(([one], [other]) => one.localeCompare(other));
  for (const [kind, { tried, lost }] of kinds) console.log(`${kind}: ${lost} of ${tried} lost`);
  const [tried, lost] = kinds.reduce(([all, gone], [, kind]) => [all + kind.tried, gone + kind.lost], [0, 0]);
  if (notMade > 0) console.log(`${notMade} edits could not be made`);
  if (notHeard > 0) console.log(`${notHeard} edits never came to their page and are not counted`);
  console.log(`\n${lost} of ${tried} edits lost, seed ${seed}, in ${Math.round((Date.now() - since) / 1000)} s`);
  if (lost > 0 !== withoutWriteAhead || notMade > 0) process.exitCode = 1;
}
