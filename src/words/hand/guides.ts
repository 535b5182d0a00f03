import { pitchLabel } from '#core/pitch';
import type { Guide } from '#core/plan/describe';

/** Writes how a guide leads the hand, in a sentence. */
export function guideText({ kind, inBetween }: Guide): string {
  const over = inBetween ? `, passing ${pitchLabel(inBetween.written)} (${inBetween.finger} on ${inBetween.string})` : '';
  switch (kind) {
    case 'old-finger':
      return `The finger that leaves slides to its new place${over}; then the new finger is set.`;
    case 'new-finger':
      return `The arriving finger slides in${inBetween ? ` from ${pitchLabel(inBetween.written)} (${inBetween.finger} on ${inBetween.string})` : ''}.`;
    case 'first-finger':
      return `The first finger slides to its new place${over}; then the new finger is set.`;
    case 'same-finger':
      return 'The same finger slides all the way.';
    case 'open-string':
      return 'The hand moves while the open string sounds.';
    case 'harmonic':
      return `The half-string harmonic${inBetween ? ` ${pitchLabel(inBetween.written)} on ${inBetween.string}` : ''} tells the thumb its place.`;
    case 'thumb':
      return `The thumb takes over the place of the first finger${inBetween ? `: ${pitchLabel(inBetween.written)} on ${inBetween.string}` : ''}.`;
    case 'substitution':
      return 'Another finger takes over on the same note.';
  }
}
