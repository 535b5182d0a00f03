import { fourthAtShifts, fourthOnTop } from './questions/fourth-finger.ts';
import { bassHand, celloHand, fingers } from './questions/hands.ts';
import { openAbove, openDown, openUp } from './questions/open-strings.ts';
import { sameFinger, semitones, violinSemitones } from './questions/semitones.ts';
import { guide, nextPosition, shiftDown, shiftUp } from './questions/shifts.ts';
import { down, intonation, style } from './questions/whole-line.ts';

/** The questions whose answers show in the fingering, in the sound, or in the work of the fingers. */
export const FINGERING_QUESTIONS = {
  style,
  openUp,
  openDown,
  openAbove,
  fourthAtShifts,
  fourthOnTop,
  guide,
  shiftUp,
  shiftDown,
  nextPosition,
  down,
  violinSemitones,
  semitones,
  sameFinger,
  celloHand,
  bassHand,
  fingers,
  intonation,
} as const;
