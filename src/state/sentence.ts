import { create } from 'zustand';

/** Tells whether the sentence shows the parts that are at their usual value too. */
export const useSentence = create<{ readonly whole: boolean }>(() => ({ whole: false }));

/** Folds the usual parts of the sentence, or unfolds them. */
export function foldSentence(folded: boolean): void {
  useSentence.setState({ whole: !folded });
}
