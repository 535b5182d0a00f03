import type { Page } from '@playwright/test';
import { expect, findings, test } from '../bench-page.ts';

/** The notes of D major in third position on the violin under fingers 1 to 4. */
const UNDER: Readonly<Record<string, readonly string[]>> = {
  E: ['A5', 'B5', 'C♯6', 'D6'],
  A: ['D5', 'E5', 'F♯5', 'G5'],
  D: ['G4', 'A4', 'B4', 'C♯5'],
  G: ['C♯4', 'D4', 'E4', 'F♯4'],
};

/** All open strings belong to D major. */
const OPEN: Readonly<Record<string, string>> = { E: 'E5', A: 'A4', D: 'D4', G: 'G3' };

const HERE = 'about=chosen&key=D+major&position=3&instrument=violin+4/4';

const question = (page: Page) => page.getByRole('form', { name: 'Question' });
const verdict = (page: Page) => page.getByRole('status', { name: 'Verdict' });

function name(pitch: string | undefined): string {
  return (pitch ?? '').replace(/[0-9]/, '').replace('♯', '#').toLowerCase();
}

/** The answer that a pupil who knows it types; where answers are offered, the key of the right one. */
interface Known {
  readonly kind: string;
  readonly keys: string;
  readonly chosen?: true;
}

/** The wording of each kind of question, and the right answer. */
const KNOWN: readonly (readonly [RegExp, (...found: string[]) => Known])[] = [
  [
    /Which note does (\d) play on the (\w) string/,
    (finger = '1', string = 'A') => ({ kind: 'note', keys: name(UNDER[string]?.[Number(finger) - 1]) }),
  ],
  [/Where is (\S+) in/, (note) => ({ kind: 'place', keys: placesOf(note).join(' ') })],
  [
    /on the (\w) string in third position, D major. On which note is finger 1/,
    (string = 'A') => ({ kind: 'first finger', keys: name(UNDER[string]?.[0]) }),
  ],
  [
    /(\d) crosses from the (\w) to the (\w) string/,
    (finger = '1', from = 'D', to = 'A') => ({ kind: 'across', keys: acrossKey(Number(finger), from, to), chosen: true }),
  ],
  [/Which fingers touch/, () => ({ kind: 'touch', keys: '' })],
];

async function knownAnswer(page: Page): Promise<Known> {
  const text = (await question(page).getByRole('heading').textContent()) ?? '';
  for (const [worded, known] of KNOWN) {
    const found = worded.exec(text);
    if (found) return known(...found.slice(1));
  }
  throw new Error(`Nobody knows: ${text}`);
}

function placesOf(note: string | undefined): readonly string[] {
  return Object.entries(UNDER).flatMap(([open, notes]) =>
    [OPEN[open], ...notes].flatMap((known, finger) => (known === note ? [`${open}${finger}`] : [])),
  );
}

const SEMITONES: Readonly<Record<string, number>> = { C: 0, 'C♯': 1, D: 2, E: 4, 'F♯': 6, G: 7, A: 9, B: 11 };

function semitones(pitch = 'C4'): number {
  return (SEMITONES[pitch.slice(0, -1)] ?? 0) + 12 * Number(pitch.slice(-1));
}

/** Fifths lie straight across. */
function acrossKey(finger: number, from: string, to: string): string {
  const apart = semitones(UNDER[to]?.[finger - 1]) - semitones(UNDER[from]?.[finger - 1]) - 7;
  return apart === 0 ? '1' : apart > 0 ? '2' : '3';
}

/** Answers the question by keyboard and goes on to the next; gives its kind. */
async function answer(page: Page): Promise<string> {
  await expect(question(page)).toBeVisible();
  const heading = (await question(page).getByRole('heading').textContent()) ?? '';
  const { kind, keys, chosen } = await knownAnswer(page);
  if (kind === 'touch') {
    await page.getByRole('button', { name: 'none', exact: true }).focus();
    await page.keyboard.press('Space');
    await page.keyboard.press('Tab');
  } else await page.keyboard.type(keys);
  if (!chosen) await page.keyboard.press('Enter');
  await expect(verdict(page)).toHaveText(kind === 'touch' ? /Right|touch\./ : 'Right.');
  await expect(page.getByRole('img', { name: 'The right answer on the fingerboard' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Next question' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(question(page).getByRole('heading')).not.toHaveText(heading);
  return kind;
}

test('a pupil is asked by keyboard: notes, places and how the hand lies; what was right is told on the fingerboard and kept', async ({
  page,
}) => {
  await page.goto(`/atlas/names?${HERE}&ask=places`);
  const met = new Set<string>();
  for (const group of ['notes and places', 'how the hand lies']) {
    await page.getByLabel('Questions').selectOption({ label: group });
    for (let turn = 0; turn < 6; turn += 1) met.add(await answer(page));
  }
  expect(await findings(page)).toEqual([]);
  expect(met.size).toBeGreaterThanOrEqual(4);
  await page.goto('/record');
  await expect(page.getByText(/\d+ of 12 questions answered right/)).toBeVisible();
});

test.describe('by touch', () => {
  test.use({ newBrowser: true, hasTouch: true, viewport: { width: 390, height: 844 } });

  test('a pupil who takes two notes for each other is asked both again, and sees which', async ({ page }) => {
    await page.goto(`/atlas/names?${HERE}&ask=places`);
    const form = question(page);
    await expect(form).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    let wrong = '';
    for (let turn = 0; turn < 12 && wrong === ''; turn += 1) {
      const heading = (await form.getByRole('heading').textContent()) ?? '';
      const { kind, keys } = await knownAnswer(page);
      if (kind === 'place') {
        for (const place of keys.split(' '))
          await form
            .getByRole('group', { name: `${place.charAt(0)} string` })
            .getByRole('button', { name: place.charAt(1), exact: true })
            .tap();
      } else {
        // B stands for another note of the string; where it is B, for that one.
        const [, string = 'A'] = /on the (\w) string/.exec(heading) ?? [];
        const other = UNDER[string]?.map(name).find((other) => other !== keys && other.length === 1) ?? '';
        await form.getByRole('group', { name: 'Letter' }).getByRole('button', { name: other.toUpperCase(), exact: true }).tap();
        wrong = heading;
      }
      await form.getByRole('button', { name: 'Check' }).tap();
      await expect(verdict(page)).toHaveText(wrong === '' ? 'Right.' : /^It is /);
      await form.getByRole('button', { name: 'Next question' }).tap();
    }
    await expect(page.getByRole('region', { name: 'Mixed up' })).toContainText('third position: 1 time');
    const soon: string[] = [];
    for (let turn = 0; turn < 5; turn += 1) {
      const heading = (await form.getByRole('heading').textContent()) ?? '';
      soon.push(heading);
      await expect(form.getByText(/mixed up a moment ago|new|due today/)).toBeVisible();
      const { kind, keys } = await knownAnswer(page);
      if (kind === 'place') await page.getByLabel('Strings and fingers').fill(keys);
      else await page.getByLabel('Name of the note').fill(keys);
      await form.getByRole('button', { name: 'Check' }).tap();
      await expect(verdict(page)).toHaveText('Right.');
      await form.getByRole('button', { name: 'Next question' }).tap();
    }
    expect(soon).toContain(wrong);
  });
});

test('the names of a position are said in order, down from the top, from the staff; what was missed is said again', async ({ page }) => {
  await page.goto(`/atlas/names?${HERE}&part=names&way=down&from=staff&octave=true&clock=true`);
  const field = page.getByLabel('Name of the note');
  for (const said of ['d', 'c', 'c#', 'b', 'a', 'g', 'f#', 'e']) {
    await field.fill(said);
    await page.keyboard.press('Enter');
    if (said === 'c') await expect(verdict(page)).toHaveText('It is C♯. Say it.');
  }
  await expect(page.getByLabel('Names said')).toHaveText('D C♯ B A G F♯ E');
  await field.fill('d');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^7 of 8 at once, in \d+ seconds\.$/)).toBeVisible();
  await page.getByRole('button', { name: 'Once more' }).click();
  await page.getByLabel('From what').selectOption({ label: 'from the place' });
  await expect(page.getByRole('img', { name: 'The fingerboard' })).toBeVisible();
  await page.getByLabel('From what').selectOption({ label: 'from the sound' });
  await expect(page.getByRole('button', { name: 'Hear the tonic and the note' })).toBeVisible();
});

test('the ear is asked which of two is higher, and for the intervals of the key', async ({ page }) => {
  await page.goto(`/atlas/names?${HERE}&part=ear`);
  const higher = page.getByRole('region', { name: 'Higher or lower' });
  await higher.getByRole('button', { name: 'Hear two notes' }).click();
  await higher.getByRole('button', { name: 'Higher' }).click();
  await expect(page.getByRole('status', { name: 'Ear' })).toHaveText(/^(Right|No): it was 50 cents (higher|lower)\.$/);
  const intervals = page.getByRole('region', { name: 'Intervals of the key' });
  await intervals.getByRole('button', { name: 'Hear it' }).click();
  await intervals.getByRole('button', { name: 'a major third' }).click();
  await expect(verdict(page)).toHaveText(/sounded\.$/);
});
