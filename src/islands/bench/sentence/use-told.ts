import { useState } from 'react';
import { useSentence } from '../../../state/sentence.ts';

/**
 * Tells whether a part of the sentence is shown: while it is not at its usual value, while the whole sentence is shown, and once it was
 * changed for as long as the piece stands on the bench, so that nothing vanishes under the hand.
 */
export function useTold(usual: boolean): boolean {
  const whole = useSentence((sentence) => sentence.whole);
  const [changed, setChanged] = useState(!usual);
  if (!usual && !changed) setChanged(true);
  return whole || changed || !usual;
}
