import type { Page } from '@playwright/test';
import { studyFiles } from '../../support/plans/study-files.ts';
import { beads, expect, openPiece, planDrawn } from '../bench-page.ts';

/** A view, with the way to it with the piece that was opened first. */
export interface View {
  readonly name: string;
  readonly open: (page: Page, piece: string) => Promise<void>;
  /** Whether it is laid out in another way where the page is narrow, so that axe looks there too. */
  readonly foldsAt390?: true;
}

/** The views, by place. One test goes through those of a place: they share the start. */
export const VIEWS: Readonly<Record<string, readonly View[]>> = {
  'the lists of the Studio': [
    { name: 'pieces', open: (page) => goTo(page, '/pieces', 'Pieces'), foldsAt390: true },
    { name: 'a book', open: book, foldsAt390: true },
    { name: 'the scale book', open: (page) => goTo(page, '/sheet/scale-book', 'Scale book'), foldsAt390: true },
    { name: 'the class score', open: classScore, foldsAt390: true },
    { name: 'tapes', open: (page) => goTo(page, '/tapes', 'Tapes') },
    { name: 'costs', open: (page) => goTo(page, '/costs', 'What a fingering costs') },
    { name: 'the sheet', open: (page, piece) => goTo(page, `/sheet?piece=${piece}`, 'A major in sixths'), foldsAt390: true },
    { name: 'several sheets', open: (page, piece) => severalSheets(page, piece) },
  ],
  'who and what is in the Studio': [
    { name: 'a player', open: (page) => chosenInStudio(page, 'Plover cello'), foldsAt390: true },
    { name: 'an instrument', open: (page) => chosenInStudio(page, 'Plover’s ¾ cello ¾ cello'), foldsAt390: true },
    { name: 'a school', open: (page) => chosenInStudio(page, /^Dovecote studio/) },
  ],
  'the bench': [
    { name: 'the bench with a note', open: noteOnBench, foldsAt390: true },
    { name: 'the bench writing', open: writing },
    { name: 'the bench in tune', open: inTune },
    { name: 'the bench with a passage', open: passage },
  ],
  'Measurements and Compare': [
    { name: 'the fingerboard', open: (page, piece) => measures(page, piece, 'fingerboard'), foldsAt390: true },
    { name: 'intonation', open: (page, piece) => measures(page, piece, 'intonation') },
    { name: 'reach', open: (page, piece) => measures(page, piece, 'reach') },
    { name: 'compare', open: openCompared },
    { name: 'a take', open: take, foldsAt390: true },
  ],
  Drills: [
    { name: 'a shift taken apart', open: shiftApart, foldsAt390: true },
    { name: 'hot spots', open: hotSpots, foldsAt390: true },
    { name: 'the drill writer', open: (page, piece) => drills(page, piece, 'write', 'The drill') },
    { name: 'before a piece', open: beforePiece },
    { name: 'the finder of drills', open: (page, piece) => drills(page, piece, 'find', 'Drills found') },
  ],
  Practise: [
    { name: 'the week', open: (page) => goTo(page, '/practise/week', 'To be practised'), foldsAt390: true },
    { name: 'the assignment', open: assignment, foldsAt390: true },
    { name: 'the sessions', open: sessions, foldsAt390: true },
    { name: 'the stand', open: stand },
  ],
  'the Record and the tools': [
    { name: 'the record', open: (page) => goTo(page, '/record', 'Record'), foldsAt390: true },
    { name: 'a lesson', open: (page) => goTo(page, '/record?part=lesson', 'Next aim'), foldsAt390: true },
    { name: 'trends', open: (page) => goTo(page, '/record?part=trends', 'Week by week'), foldsAt390: true },
    { name: 'the metronome', open: (page) => goTo(page, '/metronome', 'Metronome'), foldsAt390: true },
    { name: 'the tuner', open: tuner, foldsAt390: true },
  ],
  'the Atlas': [
    { name: 'the atlas', open: (page) => goTo(page, '/atlas', 'String by string'), foldsAt390: true },
    {
      name: 'questions',
      open: (page) => goTo(page, '/atlas/names?about=chosen&ask=places&instrument=violin+4/4', /^(Which note does|Where is)/),
      foldsAt390: true,
    },
    { name: 'names in order', open: namesInOrder, foldsAt390: true },
    { name: 'questions by ear', open: (page) => goTo(page, '/atlas/names?part=ear', 'Which interval do you hear?') },
    { name: 'a phrase', open: (page) => goTo(page, '/atlas/phrases?instrument=violin+4/4', 'Phrases') },
    { name: 'by heart', open: byHeart, foldsAt390: true },
  ],
};

async function assignment(page: Page): Promise<void> {
  await page.goto('/practise/assignment');
  await page.getByText('What goes with it').waitFor();
}

async function goTo(page: Page, address: string, heading: string | RegExp): Promise<void> {
  await page.goto(address);
  await page.getByRole('heading', { name: heading, exact: true }).first().waitFor();
}

/** Makes a book of some studies, and opens what is in it. */
async function book(page: Page): Promise<void> {
  await page.goto('/books');
  await page.getByRole('button', { name: 'New book' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Steps along the neck');
  await page.getByLabel('Pieces as JSON, MusicXML or MIDI').setInputFiles([...studyFiles('violin', 3)]);
  await page.getByRole('button', { name: 'Bring in 3 pieces' }).click();
  await page.getByText('What is in it').click();
  await page.getByRole('rowheader', { name: 'First position' }).waitFor();
}

/** Reads a take of the demo’s line of single notes. */
async function take(page: Page): Promise<void> {
  await openPiece(page, 'B♭ major, up and down');
  await page.getByRole('link', { name: 'Take', exact: true }).click();
  await page.getByRole('button', { name: 'Play and read it' }).click();
  await page.getByText('Note by note').waitFor();
}

async function beforePiece(page: Page, piece: string): Promise<void> {
  await page.goto(`/drills?piece=${piece}&part=before`);
  await page.getByRole('link', { name: 'Your books' }).waitFor();
}

async function chosenInStudio(page: Page, name: string | RegExp): Promise<void> {
  await page.goto('/setup');
  await page.getByRole('button', { name }).click();
  await page.getByRole('region', { name: 'Used by' }).waitFor();
}

async function namesInOrder(page: Page): Promise<void> {
  await page.goto('/atlas/names?part=names&instrument=violin+4/4');
  await page.getByRole('form', { name: 'Next name' }).waitFor();
}

async function byHeart(page: Page, piece: string): Promise<void> {
  await page.goto(`/by-heart?piece=${piece}&with=staff,names,numbers,pattern,tapes`);
  await page.getByRole('list', { name: 'Which fingers touch' }).waitFor();
}

async function onBench(page: Page, piece: string): Promise<void> {
  await page.goto(`/?piece=${piece}`);
  await planDrawn(page);
}

async function noteOnBench(page: Page, piece: string): Promise<void> {
  await onBench(page, piece);
  await beads(page).nth(4).click();
  await page.getByText('Table of the notes').click();
  await page
    .getByRole('button', { name: /^Overlay/ })
    .first()
    .waitFor();
}

async function writing(page: Page, piece: string): Promise<void> {
  await onBench(page, piece);
  await beads(page).nth(4).click();
  await page.getByRole('tab', { name: 'Write' }).click();
  await page.getByLabel('Bow sign').waitFor();
}

async function inTune(page: Page, piece: string): Promise<void> {
  await onBench(page, piece);
  await beads(page).nth(4).click();
  await page.getByRole('tab', { name: 'In tune' }).click();
  await page.getByText('Bow', { exact: true }).first().waitFor();
}

async function passage(page: Page, piece: string): Promise<void> {
  await onBench(page, piece);
  await beads(page).nth(4).click();
  await page.keyboard.press('Shift+ArrowRight');
  await page.getByRole('region', { name: 'Selected passage' }).waitFor();
}

async function measures(page: Page, piece: string, part: string): Promise<void> {
  await page.goto(`/measure?piece=${piece}&part=${part}`);
  await page.getByRole('table').first().waitFor();
}

async function shiftApart(page: Page): Promise<void> {
  await openPiece(page, 'B♭ major, up and down');
  await drills(page, new URL(page.url()).searchParams.get('piece') ?? '', 'shifts', 'Stages');
}

async function hotSpots(page: Page): Promise<void> {
  await openPiece(page, 'B♭ major, up and down');
  await drills(page, new URL(page.url()).searchParams.get('piece') ?? '', 'spots', 'The drill');
}

async function drills(page: Page, piece: string, part: string, region: string): Promise<void> {
  await page.goto(`/drills?piece=${piece}&part=${part}`);
  await expect(page.getByRole('region', { name: region })).toBeVisible();
}

async function openCompared(page: Page, piece: string): Promise<void> {
  await page.goto(`/compare?piece=${piece}`);
  await page.getByRole('region', { name: 'Note by note' }).waitFor();
}

async function sessions(page: Page): Promise<void> {
  await goTo(page, '/practise', 'Sessions');
  await expect(page.getByText('The whole ladder takes').first()).toBeVisible();
}

async function stand(page: Page): Promise<void> {
  await sessions(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { name: 'The shift clean and silent' })).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(page.locator('.vf-notehead').first()).toBeVisible();
}

async function tuner(page: Page): Promise<void> {
  await page.goto('/tuner');
  await page.getByLabel('Instrument to tune').selectOption('Martin’s cello');
  await page.getByRole('button', { name: '2. D with A' }).click();
  await page.getByRole('img', { name: /^Beats/ }).waitFor();
}

/** Binds a piece into a document of its own. */
async function severalSheets(page: Page, piece: string): Promise<void> {
  await page.goto(`/sheet/several?pieces=${piece}`);
  await page.getByRole('group', { name: /^Page 1 of 2 of/ }).waitFor();
}

/** Makes the score of a class of two. */
async function classScore(page: Page): Promise<void> {
  await page.goto('/sheet/class');
  for (const name of ['Robin', 'Martin']) await page.getByRole('checkbox', { name }).check();
  await page.getByRole('button', { name: 'Make the score' }).click();
  await page.getByRole('group', { name: /^Page 1 of 3 of/ }).waitFor();
}
