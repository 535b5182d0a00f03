import { countText, ordinalText } from '#core/messages';
import type { AgainstTapes } from '#core/tapes';

/** Writes a place against the tapes: "on the second tape", "just below the third tape", "3 semitones above the fourth tape". */
export function againstTapesText({ tape, semitones }: AgainstTapes): string {
  const name = `the ${ordinalText(tape)} tape`;
  const side = semitones > 0 ? 'above' : 'below';
  if (semitones === 0) return `on ${name}`;
  return Math.abs(semitones) === 1 ? `just ${side} ${name}` : `${countText(Math.abs(semitones), 'semitone', 'semitones')} ${side} ${name}`;
}
