import { typedNumber } from './typed-number.ts';

/** The field that is typed into, by its order in its form, what stands in it, and where in it. */
export interface FieldTypedInto {
  readonly order: number;
  readonly text: string;
  /** From here to there the text is selected; null in a field without text. */
  readonly selected: readonly [from: number, to: number] | null;
}

/** The field of a form that has the focus; null where none has. */
export function fieldIn(form: HTMLElement): FieldTypedInto | null {
  const fields = fieldsOf(form);
  const field = fields.find((each) => each === document.activeElement);
  return field ? { order: fields.indexOf(field), text: field.value, selected: selectionOf(field) } : null;
}

/**
 * Gives the focus back to the field that was typed into, at the same letter, once its form has begun again; what was typed stands there
 * again where it reads like what the form shows.
 */
export function focusAgain(form: HTMLElement | null, typedInto: FieldTypedInto | null): void {
  const field = form && typedInto && fieldsOf(form)[typedInto.order];
  if (!field || field === document.activeElement) return;
  field.focus({ preventScroll: true });
  if (field.value !== typedInto.text && readsAlike(field.value, typedInto.text)) typeInto(field, typedInto.text);
  if (typedInto.selected && !(field instanceof HTMLSelectElement)) field.setSelectionRange(...typedInto.selected);
}

/** A space at the end of a name, or the point of a number that is not yet complete, is typed and not kept. */
function readsAlike(shown: string, typed: string): boolean {
  return shown.trim() === typed.trim() || typedNumber(shown) === typedNumber(typed);
}

/** Puts a text into a field as if it had been typed. */
function typeInto(field: Field, text: string): void {
  Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value')?.set?.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

function fieldsOf(form: HTMLElement): readonly Field[] {
  return [...form.querySelectorAll<Field>('input, textarea, select')];
}

function selectionOf(field: Field): FieldTypedInto['selected'] {
  if (field instanceof HTMLSelectElement) return null;
  const { selectionStart, selectionEnd } = field;
  return selectionStart === null || selectionEnd === null ? null : [selectionStart, selectionEnd];
}
