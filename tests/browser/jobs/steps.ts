import type { Locator, Page } from '@playwright/test';
import { retiredWords } from '../../../scripts/shape/retired-words.ts';
import { beads, expect } from '../bench-page.ts';

/** The kinds of controls that a teacher presses. */
type Pressed = 'button' | 'link' | 'tab' | 'checkbox' | 'option';

/**
 * The steps of a teacher: a click, a choice, a key, a typed text. Each is found by its role and name. The pupil's answers and the presses
 * of a pedal while something is played are practice, and not counted.
 */
export class Steps {
  readonly #page: Page;
  #count = 0;

  constructor(page: Page) {
    this.#page = page;
  }

  get count(): number {
    return this.#count;
  }

  /** Presses the first control of a name, on the page or inside a part of it. */
  async press(role: Pressed, name: string | RegExp, inside: Locator | Page = this.#page): Promise<void> {
    await this.#take(inside.getByRole(role, { name, exact: typeof name === 'string' }).first(), (found) => found.click());
  }

  /** Chooses in the first list of a label. */
  async choose(label: string | RegExp, option: string | RegExp, inside: Locator | Page = this.#page): Promise<void> {
    const list = inside.getByLabel(label, { exact: typeof label === 'string' }).first();
    const name = typeof option === 'string' ? option : ((await list.getByRole('option', { name: option }).first().textContent()) ?? '');
    await this.#take(list, (found) => found.selectOption(name));
  }

  async write(label: string | RegExp, text: string, inside: Locator | Page = this.#page): Promise<void> {
    await this.#take(inside.getByLabel(label, { exact: typeof label === 'string' }).first(), (found) => found.fill(text));
  }

  /** Unfolds a part of the page by its heading. */
  async unfold(name: string, inside: Locator | Page = this.#page): Promise<void> {
    await this.#take(inside.getByText(name, { exact: true }).first(), (found) => found.click());
  }

  async note(index: number): Promise<void> {
    this.#count += 1;
    await beads(this.#page).nth(index).click();
  }

  async key(key: string): Promise<void> {
    this.#count += 1;
    await this.#page.keyboard.press(key);
  }

  async back(): Promise<void> {
    this.#count += 1;
    await this.#page.goBack();
  }

  async #take(found: Locator, act: (found: Locator) => Promise<unknown>): Promise<void> {
    this.#count += 1;
    const name = (await found.getAttribute('aria-label')) ?? (await found.textContent()) ?? '';
    expect(retiredWords([{ path: 'a step', text: name }])).toEqual([]);
    await act(found);
  }
}
