import { fourthAtShifts, fourthOnTop } from './questions/fourth-finger.ts';
import { bassHand, celloHand, fingers } from './questions/hands.ts';
import { openAbove, openDown, openUp } from './questions/open-strings.ts';
import { sameFinger, semitones, violinSemitones } from './questions/semitones.ts';
import { guide, nextPosition, shiftDown, shiftUp } from './questions/shifts.ts';
import { down, intonation, style } from './questions/whole-line.ts';

/** The questions that show in the fingering, in what is heard, or in what the fingers do. */
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
