import { typedNumber } from './typed-number.ts';

/** A field that is typed into, which is found again by its label: a form that begins again may have more rows than before. */
export interface FieldTypedInto {
  readonly label: string;
  /** The order among the fields of that label. */
  readonly order: number;
  /** The text in it. */
  readonly text: string;
  /** The ends of the selected text; null in a field without text. */
  readonly selected: readonly [from: number, to: number] | null;
}

/** Finds the field of a form that has the focus; null where none has. */
export function fieldIn(form: HTMLElement): FieldTypedInto | null {
  const field = fieldsOf(form).find((field) => field === document.activeElement);
  if (!field) return null;
  const label = labelOf(field);
  return { label, order: fieldsOf(form, label).indexOf(field), text: field.value, selected: selectionOf(field) };
}

/**
 * Gives the focus back to the field that was typed into, at the same letter, once its form has begun again; the typed text stands there
 * again where it reads like the value of the form.
 */
export function focusAgain(form: HTMLElement | null, typedInto: FieldTypedInto | null): void {
  const field = form && typedInto && fieldsOf(form, typedInto.label)[typedInto.order];
  if (!field || field === document.activeElement) return;
  field.focus({ preventScroll: true });
  if (field.value !== typedInto.text && readsAlike(field.value, typedInto.text)) typeInto(field, typedInto.text);
  if (typedInto.selected && !(field instanceof HTMLSelectElement)) field.setSelectionRange(...typedInto.selected);
}

/**
 * Tells whether two texts read alike: a space at the end of a name, or the point of a number that is not yet complete, is typed and not
 * kept.
 */
function readsAlike(shown: string, typed: string): boolean {
  return shown.trim() === typed.trim() || typedNumber(shown) === typedNumber(typed);
}

/** Puts a text into a field as if it had been typed. */
function typeInto(field: Field, text: string): void {
  Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value')?.set?.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

/** Lists the fields of a form: all of them, or those of one label. */
function fieldsOf(form: HTMLElement, label?: string): readonly Field[] {
  const fields = [...form.querySelectorAll<Field>('input, textarea, select')];
  return label === undefined ? fields : fields.filter((field) => labelOf(field) === label);
}

function labelOf(field: Field): string {
  return field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent ?? '';
}

function selectionOf(field: Field): FieldTypedInto['selected'] {
  if (field instanceof HTMLSelectElement) return null;
  const { selectionStart, selectionEnd } = field;
  return selectionStart === null || selectionEnd === null ? null : [selectionStart, selectionEnd];
}
