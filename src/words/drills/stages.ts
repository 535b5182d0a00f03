import type { ShiftApart, StageName, StageState } from '#core/drill';
import { positionWords } from '#core/messages';
import { noteLabel, pitchLabel } from '#core/pitch';

/** What each stage of a shift is called, and what is done in it. */
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

/** How far a player is with a stage. */
export const STATE_WORDS: Readonly<Record<StageState, string>> = {
  'not-yet': 'not yet',
  understood: 'understood',
  clean: 'clean',
  silent: 'silent',
  'in-time': 'in time',
};

const SIZES = ['unison', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'octave'] as const;

/** Semitones of the major or perfect interval of so many letters, within the octave. */
const PLAIN = [0, 2, 4, 5, 7, 9, 11, 12] as const;

/** "a minor third up", "an octave and a major second down", "the same note". */
export function intervalText({ letters, semitones }: ShiftApart['interval']): string {
  if (semitones === 0 && letters === 0) return 'the same note';
  const up = letters > 0 || (letters === 0 && semitones > 0);
  const [steps, size] = [Math.abs(letters), Math.abs(semitones)];
  const octaves = steps > 7 ? Math.floor(steps / 7) : 0;
  const name = simpleInterval(steps - 7 * octaves, size - 12 * octaves);
  const whole = octaves === 0 ? name : `${octaves === 1 ? 'an octave' : `${octaves} octaves`}${steps % 7 === 0 ? '' : ` and ${name}`}`;
  return `${whole} ${up ? 'up' : 'down'}`;
}

function simpleInterval(steps: number, semitones: number): string {
  const isPerfect = [0, 3, 4, 7].includes(steps);
  const off = semitones - (PLAIN[steps] ?? 0);
  const size = SIZES[steps] ?? 'interval';
  if (steps === 7 && off === 0) return 'an octave';
  if (off === 0) return isPerfect ? `a perfect ${size}` : `a major ${size}`;
  if (off > 0) return `an augmented ${size}`;
  return off === -1 && !isPerfect ? `a minor ${size}` : `a diminished ${size}`;
}

/** Where the note of arrival is found before it is shifted to: "the same place with 3 in first position"; empty where nowhere else. */
export function elsewhereText({ elsewhere, to }: ShiftApart): string {
  if (!elsewhere) return '';
  return `${pitchLabel(to.stops[0].written)} is the same place as ${elsewhere.finger} in ${positionWords(elsewhere.position)} on the ${noteLabel(elsewhere.open)} string`;
}
