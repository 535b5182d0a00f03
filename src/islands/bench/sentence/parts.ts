import { flushSync } from 'react-dom';
import { foldSentence, useSentence } from '../../../state/sentence.ts';

/** A part of the sentence as the list of commands finds it. */
export interface SentencePart {
  /** The name: "Octaves". */
  readonly name: string;
  /** The value chosen now: "two octaves". */
  readonly chosen: string;
  /** The other values that can be chosen. */
  readonly others: readonly string[];
}

/** Lists the parts of the sentence, those at their usual value too, in order. */
export function sentenceParts(): readonly SentencePart[] {
  const { whole } = useSentence.getState();
  flushSync(() => foldSentence(false));
  const parts = controls().map((control) => ({ name: nameOf(control), chosen: choiceIn(control), others: othersIn(control) }));
  // Nothing of this is painted: the sentence looks as before.
  flushSync(() => foldSentence(!whole));
  return parts;
}

/** Goes to a part of the sentence, and opens it where it opens. */
export function goToPart(name: string): void {
  flushSync(() => foldSentence(false));
  const control = controls().find((control) => nameOf(control) === name);
  control?.focus();
  if (control instanceof HTMLButtonElement) control.click();
}

/** Chooses something else in a part of the sentence. */
export function chooseInPart(name: string, option: string): void {
  flushSync(() => foldSentence(false));
  const control = controls().find((control) => nameOf(control) === name);
  if (!(control instanceof HTMLSelectElement)) return;
  const chosen = [...control.options].find(({ text }) => text === option);
  if (!chosen) return;
  control.value = chosen.value;
  control.dispatchEvent(new Event('change', { bubbles: true }));
  control.focus();
}

type Control = HTMLSelectElement | HTMLInputElement | HTMLButtonElement;

/** Reads the parts from the sentence itself: which there are depends on the material, the instrument and the studio. */
function controls(): readonly Control[] {
  return [...document.querySelectorAll<Control>('[data-sentence] :is(select, input, button[aria-haspopup])')];
}

function nameOf(control: Control): string {
  const label = control.getAttribute('aria-label') ?? control.textContent;
  return (label.split(/[:,]/)[0] ?? label).trim();
}

function choiceIn(control: Control): string {
  if (control instanceof HTMLSelectElement) return control.selectedOptions[0]?.textContent ?? '';
  if (control instanceof HTMLInputElement) return control.value === '' ? control.placeholder : control.value;
  return control.textContent.split(': ').at(-1) ?? '';
}

function othersIn(control: Control): readonly string[] {
  return control instanceof HTMLSelectElement ? [...control.options].filter(({ selected }) => !selected).map(({ text }) => text) : [];
}
