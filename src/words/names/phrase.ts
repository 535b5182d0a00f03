import type { Inside, Outside } from '#core/atlas';
import type { InstrumentKind } from '#core/instrument';
import { noteLabel, pitchLabel } from '#core/pitch';
import { positionName } from './atlas.ts';
import { writtenLabel } from '../studio/instruments.ts';

/** Writes a note under the hand: "2 E5", "open A". */
export function insideText({ finger, written, open }: Inside): string {
  return finger === '0' ? `open ${noteLabel(open)}` : `${finger} ${pitchLabel(written)}`;
}

/** Writes a note outside: "Note 3, F5, lies outside. The nearest inside is 2 E5 on the A string." */
export function outsideText({ note, pitch, nearest }: Outside, kind: InstrumentKind): string {
  const told = `Note ${note + 1}, ${writtenLabel(kind, pitch)}, lies outside.`;
  if (!nearest) return told;
  const where = nearest.finger === '0' ? '' : ` on the ${noteLabel(nearest.open)} string`;
  return `${told} The nearest inside is ${insideText(nearest)}${where}.`;
}

/** Names a phrase when it is kept. */
export function phraseName(position: string, string: string | null): string {
  return `Phrase in ${positionName(position)}${string === null ? '' : ` on the ${noteLabel(string)} string`}`;
}

/** The words of the page. */
export const PHRASE_WORDS = {
  allStrings: 'all strings',
  tap: 'Tap the notes, or type them.',
  empty: 'Nothing is written yet.',
  allInside: 'Everything lies under the hand.',
  replace: 'Take the nearest',
  takeBack: 'Take the last note back',
  rest: 'a rest',
  play: 'Play it',
  stop: 'Stop',
  keep: 'Keep it and open it on the bench',
  values: 'Length of the next note',
} as const;
