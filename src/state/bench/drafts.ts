import { type Work, workStore } from './work.ts';

/** The work that a field being typed in would make if it were left now. */
export type Draft = (work: Work) => Work;

const drafts = new Map<string, Draft>();
let onChange = (): void => undefined;

/** Listens for every draft: it is saved with the work, long before its field is left. */
export function onDraft(heard: () => void): void {
  onChange = heard;
}

/** Records the draft of a field, by name, that is not left yet; null once it is left. */
export function draft(field: string, typed: Draft | null): void {
  if (typed) drafts.set(field, typed);
  else if (!drafts.delete(field)) return;
  onChange();
}

/** Keeps the draft of a field that is gone without being left. */
export function keepDraft(field: string): void {
  const typed = drafts.get(field);
  if (!typed) return;
  drafts.delete(field);
  const { brief } = typed(workStore.getState());
  workStore.setState({ brief });
}

/** Forgets the drafts when the piece is left. */
export function forgetDrafts(): void {
  drafts.clear();
}

/** Gives the work as it would be if every field were left now. */
export function workWithDrafts(): Work {
  return [...drafts.values()].reduce<Work>((work, typed) => typed(work), workStore.getState());
}
