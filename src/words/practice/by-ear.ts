import type { JudgedTry, TryFault } from '#core/listening/stand';
import { VOICE_WORDS } from './session.ts';

/** The words for listening on the music stand. */
export const LISTENING = {
  begin: 'Listen',
  stop: 'Stop listening',
  asking: 'The browser asks whether the microphone may be used: it hears your tries and your claps, and the sound stays on this machine.',
  ended: 'The microphone was taken away. Say yourself how it went, or listen again.',
  failed: 'The browser did not start to listen. Say yourself how it went.',
  on: 'Listening …',
  claps: 'Listening: clap twice to go on.',
  waiting: 'Listening. Play it, then rest a moment: the try is counted by ear. Two claps count as good.',
  playing: 'You are playing …',
  judging: 'Judging what was heard …',
  inTurns: 'The model sounds in turns with you, so tries are not counted by ear. Two claps count as good.',
  takeBack: 'Take it back',
} as const;

const FAULT_WORDS: Readonly<Record<TryFault, string>> = {
  flat: 'flat',
  sharp: 'sharp',
  'another note': 'another note',
  'left out': 'left out',
  again: 'begun again',
  late: 'late',
};

/** Writes how a try was judged: "Heard: clean.", "Heard: measure 2, beat 1 (C♯4), 18 cents flat." */
export function judgedText(judged: JudgedTry, noteText: (note: number) => string): string {
  switch (judged.judged) {
    case 'clean':
      return 'Heard: clean.';
    case 'unclear':
      return 'Too little of the line was heard to judge it. Say yourself how it went.';
    case 'missed': {
      const { fault, note, voice, cents } = judged;
      const by = cents === null ? '' : `${Math.round(Math.abs(cents))} cents `;
      return `Heard: ${noteText(note)}${voice === null ? '' : `, ${VOICE_WORDS[voice]}`}, ${by}${FAULT_WORDS[fault]}.`;
    }
  }
}

/** Writes whether a stage was passed: "Passed: every note was in tune within 10 cents." */
export function stageJudgedText(judged: JudgedTry, toleranceCents: number, noteText: (note: number) => string): string {
  if (judged.judged === 'clean') return `Passed: every note is in tune within ${toleranceCents} cents.`;
  return judged.judged === 'missed' ? `Not yet. ${judgedText(judged, noteText)}` : judgedText(judged, noteText);
}
