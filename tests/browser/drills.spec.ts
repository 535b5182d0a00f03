import type { Page } from '@playwright/test';
import { expect, openPiece, test } from './bench-page.ts';

const PIECE = 'B♭ major, up and down';

/** Opens the worst shift of the piece taken apart. */
async function takeWorstApart(page: Page): Promise<void> {
  await openPiece(page, PIECE);
  await page.getByRole('link', { name: 'Drills' }).click();
  await expect(page.getByRole('heading', { name: 'G4 with 1 in sixth position to F4 with 4 in third position' })).toBeVisible();
}

test('from a piece to its worst shift, its drill, its sheet, and back by the finder', async ({ page }) => {
  await takeWorstApart(page);
  await expect(page.getByRole('region', { name: 'Both hands in time' })).toContainText(
    'The left elbow stays up beside the neck of the cello.',
  );
  const stages = page.getByRole('region', { name: 'Stages' });
  for (const stage of ['Name it and hear it', 'Slow slide']) {
    await stages.getByRole('button', { name: `Hear it: ${stage}` }).click();
    await stages.getByRole('button', { name: `Stop: ${stage}` }).click();
  }
  await stages.getByLabel('Slow slide: how far').selectOption('clean');
  await page.getByRole('button', { name: 'Write its drill' }).click();
  await expect(page.getByRole('heading', { name: 'Shift study 1–4 down 3 positions, A string, B♭ major' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep it as a piece' }).click();
  await page.getByRole('link', { name: 'Its sheet' }).click();
  await expect(page.getByRole('button', { name: 'Print it' })).toBeEnabled();
  await expect(page.getByText('Shift study 1–4 down 3 positions').first()).toBeVisible();
  await takeWorstApart(page);
  // The settings are still there.
  await expect(page.getByRole('region', { name: 'Stages' }).getByLabel('Slow slide: how far')).toHaveValue('clean');
  await page.getByRole('button', { name: 'Find drills like it' }).click();
  const found = page.getByRole('region', { name: 'Drills found' });
  await found.getByRole('listitem').filter({ hasText: 'kept as a piece' }).getByRole('link', { name: 'Open' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue(/^Shift study 1–4/);
});

test('the same by keyboard alone', async ({ page }) => {
  await page.addInitScript(() => {
    window.print = () => document.body.setAttribute('data-printed', '');
  });
  await takeWorstApart(page);
  await press(page, 'Hear it: Name it and hear it');
  await press(page, 'Stop: Name it and hear it');
  await press(page, 'Hear it: Slow slide');
  await press(page, 'Stop: Slow slide');
  await press(page, 'Write its drill');
  await press(page, 'Print it');
  await expect(page.locator('body')).toHaveAttribute('data-printed', '');
  await press(page, 'Keep it as a piece');
  await expect(page.getByText('Kept as a piece.')).toBeVisible();
  await press(page, 'Find a drill');
  await expect(page.getByRole('region', { name: 'Drills found' })).toContainText('kept as a piece');
});

/** Goes to a button with Tab and presses it. */
async function press(page: Page, name: string): Promise<void> {
  const button = page.getByRole('button', { name, exact: true });
  await expect(button).toBeEnabled();
  await page.locator('h1').first().click();
  for (let tabs = 0; tabs < 60 && !(await button.evaluate((element) => element === document.activeElement)); tabs += 1)
    await page.keyboard.press('Tab');
  await expect(button).toBeFocused();
  await page.keyboard.press('Enter');
}

test('the drill writer: another family, a variant, what is altered, and what no hand plays', async ({ page }) => {
  await openPiece(page, PIECE);
  await page.getByRole('link', { name: 'Drills' }).click();
  await page.getByRole('navigation', { name: 'Drills' }).getByRole('button', { name: 'Write a drill' }).click();
  await page.getByLabel('Drill', { exact: true }).selectOption('Inside a position');
  await page.getByLabel('Position', { exact: true }).selectOption('fourth position');
  await expect(page.getByRole('list', { name: 'What is altered' })).toContainText('The position does not hold');
  await page.getByLabel('Bowing').selectOption({ value: '4' });
  await expect(page.getByText(/notes at 4 to a bow/)).toBeVisible();
  await page.getByLabel('Drill', { exact: true }).selectOption('Double stops');
  await page.getByLabel('Interval').selectOption('octaves');
  await expect(page.getByText(/No hand plays this drill in B♭ major/)).toBeVisible();
  await page.getByLabel('Hand', { exact: true }).selectOption('from the thumb');
  await expect(page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first()).toContainText('T');
});

/** Writes two octaves on the cello, up and down, as a notation program does: the way up slurred by fours. */
function musicXml(): string {
  const up = ['C3', 'D3', 'E3', 'F3', 'G3', 'A3', 'B3', 'C4', 'D4', 'E4', 'F4', 'G4'];
  const notes = [...up, 'A4', ...up.toReversed(), 'B2', 'C3', 'D3'].map((name) => {
    const [step = '', octave = ''] = name;
    const pitch = `<pitch><step>${step}</step><octave>${octave}</octave></pitch>`;
    return `<note>${pitch}<duration>1</duration><voice>1</voice><type>quarter</type></note>`;
  });
  const measures = Array.from({ length: notes.length / 4 }, (_, measure) => {
    const head =
      measure === 0
        ? '<attributes><divisions>1</divisions><key><fifths>0</fifths><mode>major</mode></key><time><beats>4</beats><beat-type>4</beat-type></time><clef><sign>F</sign><line>4</line></clef></attributes>'
        : '';
    return `<measure number="${measure + 1}">${head}${notes.slice(4 * measure, 4 * measure + 4).join('')}</measure>`;
  });
  return `<?xml version="1.0"?><score-partwise version="4.0"><work><work-title>Up the hill</work-title></work><part-list><score-part id="P1"><part-name>Violoncello</part-name></score-part></part-list><part id="P1">${measures.join('')}</part></score-partwise>`;
}

test('from a file to its worst shift, a study in its key, and back into its measures', async ({ page }) => {
  await page.goto('/pieces');
  await page
    .getByLabel('Pieces as JSON, MusicXML or MIDI')
    .setInputFiles({ name: 'hill.musicxml', mimeType: 'application/xml', buffer: Buffer.from(musicXml()) });
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.locator('[data-bead]').first()).toBeVisible();
  await page.getByRole('link', { name: 'Drills' }).click();
  const shifts = page.getByRole('navigation', { name: 'Shifts of the piece, the worst first' });
  await expect(shifts.getByRole('button').first()).toHaveAttribute('aria-current', 'true');
  expect(await shifts.getByRole('button').count()).toBeGreaterThan(1);
  await page.getByRole('button', { name: 'Write its drill' }).click();
  await expect(page.getByRole('heading', { name: /^Shift study .* C major$/ })).toBeVisible();
  await page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').first().waitFor();
  const alone = page.getByLabel('Then', { exact: true });
  await expect(alone).toHaveValue('into');
  const beads = await page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').count();
  await alone.selectOption('alone');
  await expect.poll(() => page.getByRole('region', { name: 'The drill' }).locator('[data-bead]').count()).toBeLessThan(beads);
  await alone.selectOption('into');
  await page.getByRole('button', { name: 'Keep it as a piece' }).click();
  await page.getByRole('link', { name: 'Open it on the bench' }).click();
  await page.getByRole('link', { name: 'Drills' }).click();
  await expect(page.getByText(/^Written for the shift to note \d+ of Up the hill/)).toBeVisible();
});

test('hot spots open their loops, and lead to a drill; pieces that stay in a position', async ({ page }) => {
  await openPiece(page, PIECE);
  await page.getByRole('link', { name: 'Drills' }).click();
  const tabs = page.getByRole('navigation', { name: 'Drills' });
  await tabs.getByRole('button', { name: 'Hot spots' }).click();
  const spots = page.getByRole('navigation', { name: 'Hot spots of the piece, the hardest first' });
  await spots.getByRole('button', { name: 'B♭4: the highest note' }).click();
  const loop = page.getByRole('region', { name: 'Its loop' });
  await expect(loop.locator('[data-bead]')).toHaveCount(3);
  await loop.getByLabel('At each end').selectOption('check it');
  await expect(page.getByRole('list', { name: 'What is altered' })).toContainText('No open string checks');
  await loop.getByLabel('Fingers').selectOption('lifted after each note');
  await loop.getByRole('button', { name: 'Keep it as a piece' }).click();
  await expect(page.getByText('Kept as a piece.')).toBeVisible();
  await loop.getByRole('button', { name: 'Write a drill for it: inside a position' }).click();
  await expect(page.getByRole('heading', { name: 'Scale in sixth position, B♭ major' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Pieces that stay in sixth position' })).toContainText('Loop A4–B♭4');
  await tabs.getByRole('button', { name: 'Find a drill' }).click();
  await page.getByLabel('For', { exact: true }).selectOption('hot spots');
  await expect(page.getByRole('region', { name: 'Drills found' }).getByRole('listitem')).toContainText('Loop');
});

test('every family opens on a drill that this hand plays; one note is matched with two fingers; strings have their own keys', async ({
  page,
}) => {
  await openPiece(page, PIECE);
  await page.getByRole('link', { name: 'Drills' }).click();
  await page.getByRole('navigation', { name: 'Drills' }).getByRole('button', { name: 'Write a drill' }).click();
  const family = page.getByLabel('Drill', { exact: true });
  const drill = page.getByRole('region', { name: 'The drill' });
  await expect(family.getByRole('option', { name: 'Lift and replace' })).toHaveCount(0);
  await family.selectOption('Shift over its guide');
  await expect(page.getByRole('heading', { name: /^Shift over its guide/ })).toBeVisible();
  await expect(drill.locator('[data-bead]').nth(2)).toBeVisible();
  await family.selectOption('Match it');
  await expect(page.getByRole('heading', { name: /^Match it from first position to/ })).toBeVisible();
  await expect(drill.locator('[data-bead]').nth(1)).toContainText('0');
  await family.selectOption('Finger by finger');
  await page.getByLabel('Keys').selectOption('each in its own key');
  await expect(page.getByRole('list', { name: 'Fingers and names' }).getByRole('listitem').nth(4)).toContainText(/\d \S+\d · /);
});

test('hot spots stand in the order of the music where that is wished; what may hurt is said once', async ({ page }) => {
  await openPiece(page, PIECE);
  await page.getByRole('link', { name: 'Drills' }).click();
  await page.getByRole('navigation', { name: 'Drills' }).getByRole('button', { name: 'Hot spots' }).click();
  await expect(page.getByText(/^It is repeated: warm up/)).toBeVisible();
  await page.getByLabel('Order').selectOption('in the order of the music');
  const spots = page.getByRole('navigation', { name: 'Hot spots of the piece, in the order of the music' });
  await expect(spots.getByRole('button').first()).toContainText(/^D3|^E♭3|^[A-G]♭?[23]/);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Its loop' }).locator('[data-bead]').first()).toBeVisible();
  await expect(page.getByText(/^It is repeated: warm up/)).toHaveCount(0);
});
