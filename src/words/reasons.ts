import type { CostDifference, Guide, ReasonAbout } from '#core/plan';
import { COST_TERMS } from '#core/search';
import { type CountedDifference, differencesText, savingsText } from '#core/words';
import { pitchLabel } from './labels.ts';

/** What a reason is about, as a heading. */
export const REASON_HEADINGS: Readonly<Record<ReasonAbout, string>> = {
  shift: 'The shift',
  'shift-here': 'The shift just here',
  crossing: 'The crossing',
  extension: 'The open hand',
  'open-string': 'The open string',
  finger: 'This finger',
};

/** "2 string crossings more": the dearest of a row of differences, counted. */
export function payText(differences: readonly CostDifference[]): string {
  return differencesText(differences.map(counted));
}

/** "2 shifts fewer": what is saved. */
export function gainText(differences: readonly CostDifference[]): string {
  return savingsText(differences.map(counted));
}

function counted({ term, times, thousandths }: CostDifference): CountedDifference {
  return { one: COST_TERMS[term].one, many: COST_TERMS[term].many, times, thousandths };
}

/** How a guide leads the hand, in a sentence. */
export function guideText({ kind, inBetween }: Guide): string {
  const over = inBetween ? `, passing ${pitchLabel(inBetween.written)} (${inBetween.finger} on ${inBetween.string})` : '';
  switch (kind) {
    case 'old-finger':
      return `The finger that leaves slides to its new place${over}; then the new finger is set.`;
    case 'new-finger':
      return `The arriving finger slides in${inBetween ? ` from ${pitchLabel(inBetween.written)}` : ''}.`;
    case 'first-finger':
      return `The first finger slides to its new place${over}; then the new finger is set.`;
    case 'same-finger':
      return 'The same finger slides all the way.';
    case 'open-string':
      return 'The hand moves while the open string sounds.';
    case 'substitution':
      return 'Another finger takes over on the same note.';
  }
}
