import type { Locator, Page } from '@playwright/test';
import { expect, openNewPiece, openPiece, planDrawn, waitUntilSaved } from '../bench-page.ts';
import { pedalUntil } from '../stand-page.ts';
import type { Steps } from './steps.ts';

/** One of the jobs for which a teacher sits down, from its beginning to its end. */
export interface Job {
  readonly name: string;
  /** The steps that it may take at most. */
  readonly most: number;
  /** The part of it that is not done yet; null for a job that is done to its end. */
  readonly missing: string | null;
  readonly begin: (page: Page) => Promise<void>;
  readonly take: (steps: Steps, page: Page) => Promise<void>;
}

/** The pupils of the demo who play in these jobs. */
export type Pupil = 'Martin' | 'Merle' | 'Plover' | 'Robin' | 'Wren';

/** Opens the list of pieces with a pupil being taught, as a lesson begins. */
export async function teach(page: Page, pupil: Pupil): Promise<void> {
  await page.goto(`/pieces?player=demo-player-${pupil.toLowerCase()}`);
  await expect(page.getByLabel('For whom')).toHaveValue(`demo-player-${pupil.toLowerCase()}`);
  await expect(page.getByRole('link', { name: 'New piece' })).toBeVisible();
}

/** Opens the list of pieces with a pupil who has a session for today, in which nothing stands yet. */
export async function teachFromEmpty(page: Page, pupil: Pupil): Promise<void> {
  await page.goto(`/practise?player=demo-player-${pupil.toLowerCase()}`);
  await page.getByRole('button', { name: 'New session' }).click();
  await expect(page.getByRole('region', { name: 'The session' }).locator('ol > li')).toHaveCount(0);
  await waitUntilSaved(page);
  await teach(page, pupil);
}

/** Gives the item of a session that was put in last. */
export function lastItem(page: Page): Locator {
  return page.getByRole('region', { name: 'The session' }).locator('ol > li').last();
}

/** Goes on by the pedal, as a pupil does, until the first set is counted. */
export async function practise(page: Page): Promise<void> {
  await pedalUntil(page, 'PageDown', page.getByLabel('Good so far'));
}

/** Opens a piece of the demo. */
export function piece(name: string): (page: Page) => Promise<void> {
  return (page) => openPiece(page, name);
}

/** Opens a pupil's piece that holds a typed line. */
export function line(pupil: Pupil, tonic: string, text: string): (page: Page) => Promise<void> {
  return async (page) => {
    await teachFromEmpty(page, pupil);
    await openNewPiece(page);
    await page.getByLabel('Material', { exact: true }).selectOption('line of my own');
    await page.getByLabel('Tonic', { exact: true }).selectOption(tonic);
    await page.getByRole('textbox', { name: /^Notes, for example/ }).fill(text);
    await planDrawn(page);
    await waitUntilSaved(page);
  };
}

/** Opens a new piece for the pupil who is taught. */
export async function newPiece(steps: Steps, page: Page): Promise<void> {
  await steps.press('link', 'New piece');
  await planDrawn(page);
}

/** Lets the page print without a dialog of the browser. */
export async function printHere(page: Page): Promise<void> {
  await page.addInitScript(() => {
    globalThis.print = () => document.body.setAttribute('data-printed', '');
  });
}
