import type { Brief } from '#core/brief';
import { differingWays } from '#core/brief/edits';
import { wishText } from '../../../words/piece/wishes.ts';
import { waysInSentence } from '../../../words/studio/school.ts';

interface WishWordsProps {
  readonly brief: Brief;
  /** The wishes of the brief, in words. */
  readonly wishes: readonly string[];
}

/** The teacher's wishes, and the answers in which player or piece differ from the school. */
export function WishWords({ brief, wishes }: WishWordsProps) {
  return wishText([...wishes, ...waysInSentence(differingWays(brief))]);
}
