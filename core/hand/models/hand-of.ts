import type { InstrumentKind } from '#core/instrument';
import { bassHand } from './bass-hand.ts';
import { celloHand } from './cello-hand.ts';
import { type HandSchool, schoolsOf, type HandModel } from '#core/hand';
import { USUAL_THUMB } from './thumb-shapes.ts';
import { violinHand } from './violin-hand.ts';

/** The options that a player adds to a school. */
export interface SchoolOptions {
  /** The semitones above the open string from which the thumb comes onto the string, in the thumb school. */
  readonly thumbFrom: number;
  /** Whether the double bass's hand may roll a semitone around its thumb. */
  readonly pivots: boolean;
}

/** The options of a player who adds nothing: the thumb from the half-string harmonic, no pivots. */
export const USUAL_OPTIONS: SchoolOptions = { thumbFrom: USUAL_THUMB, pivots: false };

/**
 * Gives the hand that a school teaches on an instrument.
 *
 * @throws for a school of another instrument; ask `schoolsOf` first
 */
export function handOf(kind: InstrumentKind, school: HandSchool = schoolsOf(kind)[0], options: SchoolOptions = USUAL_OPTIONS): HandModel {
  const name = `${kind} ${school} ${options.thumbFrom} ${options.pivots}`;
  const hand = HANDS.get(name) ?? handOfSchool(kind, school, options);
  HANDS.set(name, hand);
  return hand;
}

/** The hands asked for so far: each keeps what it has worked out of notes. There are few, as a brief has few options. */
const HANDS = new Map<string, HandModel>();

function handOfSchool(kind: InstrumentKind, school: HandSchool, options: SchoolOptions): HandModel {
  switch (school) {
    case 'standard':
      return violinHand;
    case 'neck':
      return celloHand('neck', options.thumbFrom);
    case 'thumb':
      return kind === 'bass' ? bassHand('thumb', options.thumbFrom, options.pivots) : celloHand('thumb', options.thumbFrom);
    case '124':
    case '1234':
      return bassHand(school, options.thumbFrom, options.pivots);
  }
}
