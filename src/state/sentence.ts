import { create } from 'zustand';

/** Whether the sentence tells the parts that are at their usual value too. */
export const useSentence = create<{ readonly whole: boolean }>(() => ({ whole: false }));

/** Folds the usual parts of the sentence away, or brings them out. */
export function foldSentence(folded: boolean): void {
  useSentence.setState({ whole: !folded });
}
