import type { ShiftApart, StageName, StageState } from '#core/drill/apart';
import { positionWords } from '#core/messages';
import { noteLabel, pitchLabel } from '#core/pitch';
import { intervalName } from '../names/intervals.ts';

/** The name of each stage of a shift, and what is done in it. */
export const STAGE_WORDS: Readonly<Record<StageName, { readonly name: string; readonly how: string }>> = {
  name: { name: 'Name it and hear it', how: 'Say both notes, then hear them, and how far the first finger goes.' },
  target: { name: 'Find the note elsewhere', how: 'Find the note of arrival where it is sure, then come to it.' },
  match: { name: 'Match it', how: 'Shift, and match the note to what sounds open.' },
  slide: { name: 'Slow slide', how: 'Slow and heard all the way, stopping on the note between.' },
  lighter: { name: 'Lighter', how: 'The same with the finger lighter and the note between short.' },
  ghost: { name: 'Touch only', how: 'Go the way touching the string, not pressing it.' },
  rhythm: { name: 'In rhythm', how: 'The two notes as the line has them.' },
  neighbours: { name: 'With its neighbours', how: 'With the note before and the note after.' },
  measures: { name: 'In its measures', how: 'With the measure before and the measure after.' },
};

/** The names of the states of a player with a stage. */
export const STATE_WORDS: Readonly<Record<StageState, string>> = {
  'not-yet': 'not yet',
  understood: 'understood',
  clean: 'clean',
  silent: 'silent',
  'in-time': 'in time',
};

/** The words for recording a stage. */
export const STAGE_TAKE = {
  open: 'Record it',
  close: 'Close',
  title: 'Record this stage',
  stop: 'Stop and judge it',
  simulate: 'Let the simulated player play it',
  heard: 'The stage as it was heard',
  none: 'Record it, and see whether it is passed. The sound stays on this machine.',
  setTo: (state: string): string => `Set it to “${state}”`,
} as const;

/** Writes an interval: "a minor third up", "an octave and a major second down", "the same note". */
export function intervalText({ letters, semitones }: ShiftApart['interval']): string {
  if (semitones === 0 && letters === 0) return 'the same note';
  const up = letters > 0 || (letters === 0 && semitones > 0);
  return `${intervalName(Math.abs(letters), Math.abs(semitones))} ${up ? 'up' : 'down'}`;
}

/**
 * Writes where the note of arrival is found before it is shifted to: "the same place with 3 in first position"; empty where nowhere else.
 */
export function elsewhereText({ elsewhere, to }: ShiftApart): string {
  if (!elsewhere) return '';
  return `${pitchLabel(to.stops[0].written)} is the same place as ${elsewhere.finger} in ${positionWords(elsewhere.position)} on the ${noteLabel(elsewhere.open)} string`;
}
