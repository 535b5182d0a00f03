import { pitchLabel } from '#core/pitch';
import type { Guide } from '#core/plan/describe';

/** Writes how a guide leads the hand, in a sentence. */
export function guideText({ kind, inBetween }: Guide): string {
  return GUIDES[kind](inBetween);
}

type Passed = Guide['inBetween'];

/** The sentence of each kind of guide, from the note that is passed; null where none is. */
const GUIDES: Readonly<Record<Guide['kind'], (passed: Passed) => string>> = {
  'old-finger': (passed) => `The finger that leaves slides to its new place${passing(passed)}; then the new finger is set.`,
  'new-finger': (passed) => `The arriving finger slides in${passed ? ` from ${pitchLabel(passed.written)} ${fingerOn(passed)}` : ''}.`,
  'first-finger': (passed) => `The first finger slides to its new place${passing(passed)}; then the new finger is set.`,
  'same-finger': () => 'The same finger slides all the way.',
  'open-string': () => 'The hand moves while the open string sounds.',
  harmonic: (passed) => `The half-string harmonic${passed ? ` ${noteOn(passed)}` : ''} tells the thumb its place.`,
  thumb: (passed) => `The thumb takes over the place of the first finger${passed ? `: ${noteOn(passed)}` : ''}.`,
  substitution: () => 'Another finger takes over on the same note.',
};

function passing(passed: Passed): string {
  return passed ? `, passing ${pitchLabel(passed.written)} ${fingerOn(passed)}` : '';
}

function fingerOn({ finger, string }: NonNullable<Passed>): string {
  return `(${finger} on ${string})`;
}

function noteOn({ written, string }: NonNullable<Passed>): string {
  return `${pitchLabel(written)} on ${string}`;
}
