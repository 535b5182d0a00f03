import type { WishPart } from '#core/brief/parts';
import { plus } from '#core/weights';

/** The cost at full strength, thousandths: more than a shift to avoid it, so that no finger slides where the line can do without. */
const RULES = 5000;

/** A finger for each semitone: sliding one finger costs more, leaving a letter nothing. */
export const fingerASemitone: WishPart = {
  label: 'a finger for each semitone',
  hint: 'In runs of semitones one finger each, no slides.',
  weights: ({ slide, respelling, creeping, sameFingerShift }) => ({
    slide: slide + RULES,
    sameFingerShift: plus(sameFingerShift, [RULES, RULES, RULES, RULES, RULES]),
    fingerASemitone: 0,
    respelling: respelling * 0.4,
    creeping: creeping * 0.4,
  }),
};
