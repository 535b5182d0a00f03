/** The field that is typed into, by its order in its form, and where in it. */
export interface FieldTypedInto {
  readonly order: number;
  /** From here to there the text is selected; null in a field without text. */
  readonly selected: readonly [from: number, to: number] | null;
}

/** The field of a form that has the focus; null where none has. */
export function fieldIn(form: HTMLElement): FieldTypedInto | null {
  const fields = fieldsOf(form);
  const field = fields.find((each) => each === document.activeElement);
  return field ? { order: fields.indexOf(field), selected: selectionOf(field) } : null;
}

/** Gives the focus back to the field that was typed into, at the same letter, once its form has begun again. */
export function focusAgain(form: HTMLElement | null, typedInto: FieldTypedInto | null): void {
  const field = form && typedInto && fieldsOf(form)[typedInto.order];
  if (!field || field === document.activeElement) return;
  field.focus({ preventScroll: true });
  if (typedInto.selected && !(field instanceof HTMLSelectElement)) field.setSelectionRange(...typedInto.selected);
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
