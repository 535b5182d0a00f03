import { type Work, workStore } from './work.ts';

/** What a field that is being typed in would make of the work if it were left now. */
export type Draft = (work: Work) => Work;

const drafts = new Map<string, Draft>();
let changed = (): void => undefined;

/** Hears of every draft: it is saved with the work, long before its field is left. */
export function onDraft(heard: () => void): void {
  changed = heard;
}

/** Something is typed in a field, by name, that is not left yet; null once it is left. */
export function draft(field: string, typed: Draft | null): void {
  if (typed) drafts.set(field, typed);
  else if (!drafts.delete(field)) return;
  changed();
}

/** A field is gone without being left: what was typed in it is kept. */
export function keepDraft(field: string): void {
  const typed = drafts.get(field);
  if (!typed) return;
  drafts.delete(field);
  const { brief } = typed(workStore.getState());
  workStore.setState({ brief });
}

/** The piece is left: what its fields held went with it. */
export function forgetDrafts(): void {
  drafts.clear();
}

/** The work as it would be if every field were left now. */
export function workWithDrafts(): Work {
  return [...drafts.values()].reduce<Work>((work, typed) => typed(work), workStore.getState());
}
