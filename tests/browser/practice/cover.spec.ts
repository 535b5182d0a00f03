import { expect, openPiece, test } from '../bench-page.ts';

test('the fewest drills for all pieces of a player are found, told with their shifts, and put in the week in one step', async ({
  page,
}) => {
  await openPiece(page, 'A♭ major in three octaves');
  const piece = new URL(page.url()).searchParams.get('piece') ?? '';
  await page.goto(`/drills?piece=${piece}&part=cover`);
  await expect(page.getByText('2 drills cover 3 of 3 shifts in 2 pieces.')).toBeVisible();
  await expect(page.getByText('These are the fewest there can be.')).toBeVisible();
  const kinds = page.getByRole('region', { name: 'Every kind of shift in these pieces' });
  await expect(kinds.getByRole('row', { name: /^3–1 up 3 positions, E string 2: A♭ major in three octaves/ })).toContainText(
    'Shift study 3–1',
  );
  await page.getByRole('button', { name: 'Put all of them in the week' }).click();
  await expect(page).toHaveURL(/\/practise\/week/);
  await expect(page.getByRole('main')).toContainText('Shift study 3–1 up 3 positions, E string, A♭ major');
  await expect(page.getByRole('main')).toContainText('Shift study 1–2 down 2 positions, E string, C minor');
});
