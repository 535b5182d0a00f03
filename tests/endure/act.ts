import type { Page } from '@playwright/test';
import type { Picker } from '../../scripts/results/picker.ts';

/** A control that can be acted on, as the page has it at the moment. */
interface Control {
  /** The number of the marked control. */
  readonly mark: number;
  readonly does: 'press' | 'type' | 'type a number' | 'choose';
  readonly name: string;
  /** The options of a list to choose from. */
  readonly choices: number;
}

/** The keys that the bench, its lists and its fields know. */
const KEYS = [
  ...['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Shift+ArrowRight', 'Shift+ArrowLeft', 'Home', 'End'],
  ...['0', '1', '2', '3', '4', 'l', 's', 'g', 'p', 'u', '?', ' ', 'Enter', 'Escape', 'Tab', 'Delete', 'Backspace'],
  ...['Control+z', 'Control+Shift+z', 'Control+k'],
] as const;

/** The share of keys among all actions. */
const SHARE_OF_KEYS = 0.15;

/** The texts that a hand may put into a field: good, empty, long, wrong, and meant for another. */
const TEXTS = [
  ...['', 'a', '  ', 'Étude', 'C4 D4 E4 F4', '(C4 D4) r {E4} F4:1/4.', 'F#', '60', '0', '-1', '3,5', '1e9', 'NaN', '7/8'],
  ...['x'.repeat(3000), '<img src=x onerror=alert(1)>', '"}\u0001\u200f𝄞', 'constructor', '../../etc'],
] as const;

const NUMBERS = ['', '0', '1', '-1', '2.5', '60', '325', '1000000', '1e-9'] as const;

/** The time for which a control that is covered or gone is tried, ms. */
const PATIENCE_MS = 1500;

/** Does one thing at random, and says what. A control that cannot be reached at the moment is left. */
export async function act(page: Page, picker: Picker): Promise<string> {
  const controls = await page.evaluate(markControls).catch((): readonly Control[] => []);
  const control = picker.chance(SHARE_OF_KEYS) ? undefined : controls[picker.whole(0, controls.length - 1)];
  if (!control) {
    const key = picker.one(KEYS);
    await page.keyboard.press(key);
    return key;
  }
  const text = picker.one(TEXTS);
  const number = picker.one(NUMBERS);
  const index = picker.whole(0, Math.max(0, control.choices - 1));
  const told = { press: '', type: ` ${text.slice(0, 20)}`, 'type a number': ` ${number}`, choose: ` number ${index}` }[control.does];
  const found = page.locator(`[data-mark="${control.mark}"]`);
  const within = { timeout: PATIENCE_MS };
  const does = {
    press: async () => await found.click(within),
    type: async () => await found.fill(text, within),
    'type a number': async () => await found.fill(number, within),
    choose: async () => void (await found.selectOption({ index }, within)),
  };
  const reached = await does[control.does]().then(
    () => '',
    () => ' (not reached)',
  );
  return `${control.does} “${control.name}”${told}${reached}`;
}

/** Marks the controls that are in sight; where a dialog is open, only those in it. Runs in the page. */
function markControls(): readonly Control[] {
  const kinds = 'button, select, input, textarea, summary, [data-bead], [role=option], [role=tab], [role=slider], a[href^="/"]';
  const dialogs = document.querySelectorAll('dialog[open]');
  const from = dialogs[dialogs.length - 1] ?? document;
  for (const marked of document.querySelectorAll('[data-mark]')) marked.removeAttribute('data-mark');
  return [...from.querySelectorAll(kinds)].filter(canBeActedOn).map((element, mark) => {
    element.setAttribute('data-mark', String(mark));
    const name = (element.getAttribute('aria-label') ?? element.textContent ?? '').trim().slice(0, 30);
    return { mark, does: whatItDoes(element), name, choices: element instanceof HTMLSelectElement ? element.options.length : 0 };
  });

  function canBeActedOn(element: Element): boolean {
    return element.checkVisibility({ visibilityProperty: true }) && !element.matches(':disabled, [aria-disabled=true], [type=file]');
  }

  function whatItDoes(element: Element): Control['does'] {
    if (element instanceof HTMLSelectElement) return 'choose';
    if (element instanceof HTMLTextAreaElement) return 'type';
    if (!(element instanceof HTMLInputElement)) return 'press';
    if (element.type === 'number') return 'type a number';
    return ['text', 'search', ''].includes(element.type) ? 'type' : 'press';
  }
}
