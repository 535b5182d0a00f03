import type { WishPart } from '#core/brief/parts';
import { plus } from '#core/weights';

/** A finger for each semitone: sliding one finger costs more, leaving a letter nothing. */
export const fingerASemitone: WishPart = {
  label: 'a finger for each semitone',
  hint: 'In runs of semitones one finger each, no slides.',
  weights: ({ slide, respelling, creeping, sameFingerShift }) => ({
    slide: slide + 3000,
    sameFingerShift: plus(sameFingerShift, [3000, 3000, 3000, 3000, 3000]),
    fingerASemitone: 0,
    respelling: respelling * 0.4,
    creeping: creeping * 0.4,
  }),
};
