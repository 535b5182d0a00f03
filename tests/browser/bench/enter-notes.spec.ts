import { expect, openNewPiece, planDrawn, test, typeLine } from '../bench-page.ts';

test('a line is played in on the keys shown, clicked on the staff, and taken back', async ({ page }) => {
  await openNewPiece(page);
  await typeLine(page, 'A4:1/4 B4');
  const line = page.getByRole('textbox', { name: /^Notes, for example/ });
  await page.getByRole('button', { name: 'Enter notes' }).click();
  const panel = page.getByRole('region', { name: 'Enter notes' });
  await panel.getByLabel('Begin a new line with the next note').check();
  await panel.getByRole('button', { name: 'G3', exact: true }).click();
  await expect(line).toHaveValue('G3:1/4');
  await panel.getByLabel('Note value').selectOption('eighth');
  await panel.getByRole('button', { name: 'A3', exact: true }).click();
  await panel.getByRole('button', { name: 'C♯4' }).click();
  await panel.getByRole('button', { name: 'Rest' }).click();
  await expect(line).toHaveValue('G3:1/4 A3:1/8 C#4 r');
  // Two keys go down in one moment, as no mouse can press them.
  await panel.getByRole('group', { name: 'Keys' }).evaluate((keys) => {
    const clicks = ['B4', 'D4'].map((name) => ({ name, click: new MouseEvent('click', { bubbles: true }) }));
    for (const { name, click } of clicks) keys.querySelector(`[aria-label="${name}"]`)?.dispatchEvent(click);
  });
  await expect(line).toHaveValue('G3:1/4 A3:1/8 C#4 r D4+B4');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line).toHaveValue('G3:1/4 A3:1/8 C#4 r B4');

  await panel.getByLabel('Click on the staff to write a note').check();
  await planDrawn(page);
  const staff = page.locator('[data-write-on-staff]');
  const head = page.locator('[data-staff-note="0"]');
  const [{ y, height } = { y: 0, height: 0 }, { x } = { x: 0 }] = [
    (await staff.boundingBox()) ?? undefined,
    (await head.boundingBox()) ?? undefined,
  ];
  // The pointer is just after the first note, on the middle line.
  await page.mouse.click(x + 18, y + height / 2);
  await expect(line).toHaveValue('G3:1/4 B4:1/8 A3 C#4 r B4');
  // The double bass is written as it is read, an octave above what sounds.
  await page.getByLabel('Instrument', { exact: true }).selectOption({ label: 'double bass' });
  await panel.getByRole('button', { name: 'E2', exact: true }).click();
  await expect(line).toHaveValue(/ E2/);
  await panel.getByRole('button', { name: 'Done' }).click();
  await expect(staff).toHaveCount(0);
});

test('a MIDI keyboard plays a line in', async ({ page }) => {
  // A keyboard is simulated where the browser would provide a real one.
  await page.addInitScript({
    content: `
      const input = Object.assign(new EventTarget(), { id: '1', name: 'Desk keyboard', manufacturer: '', type: 'input', version: '', state: 'connected', connection: 'open', onmidimessage: null, onstatechange: null, open: async () => input, close: async () => input });
      const access = Object.assign(new EventTarget(), { inputs: new Map([['1', input]]), outputs: new Map(), sysexEnabled: false, onstatechange: null });
      navigator.requestMIDIAccess = async () => access;
      // Half a second from one press to the next, one time for keys that go down together, however busy or quick the page is.
      let at = 1000;
      window.pressKeys = (...keys) => {
        at += 500;
        for (const key of keys) {
          const message = Object.assign(new Event('midimessage'), { data: new Uint8Array([0x90, key, 80]) });
          Object.defineProperty(message, 'timeStamp', { value: at });
          input.onmidimessage?.(message);
        }
      };
    `,
  });
  await openNewPiece(page);
  await typeLine(page, 'A4:1/4 B4');
  await page.getByRole('button', { name: 'Enter notes' }).click();
  await page.getByRole('button', { name: 'Use a MIDI keyboard' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Listening to Desk keyboard.' })).toBeVisible();
  const line = page.getByRole('textbox', { name: /^Notes, for example/ });
  await page.evaluate('pressKeys(72)');
  await expect(line).toHaveValue('A4:1/4 B4 C5');
  await page.evaluate('pressKeys(62, 71)');
  await expect(line).toHaveValue('A4:1/4 B4 C5 D4+B4');
});
