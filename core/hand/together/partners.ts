import { sharedShape } from './shared-shape.ts';
import { openStop, type Placement, rankOf, type Shape, stopIn, type StringStop } from '#core/hand/placement';
import type { HandModel, NoteOnString } from '#core/hand';

/** The distance of a stopped harmonic's touch above the note that is stopped: a perfect fourth, in semitones and letters. */
export const TOUCHED_ABOVE = { semitones: 5, letterSteps: 3 } as const;

/** The distance of its sound above the stopped note: two octaves, the fourth partial of what is left of the string. */
export const STOPPED_HARMONIC_ABOVE = 24;

/**
 * Lists every way to play a note with another note beside it on the same string, as trills and mordents do: two fingers of one hand, the
 * higher note under the higher finger. `placements` are the ways to play the note itself, an open string among them. `other` is the note it
 * goes with; at the open string, that is what sounds when the finger lifts.
 */
export function withOrnament(hand: HandModel, placements: readonly Placement[], other: NoteOnString): readonly Placement[] {
  if (other.semitonesAboveOpen < 0) return [];
  if (other.semitonesAboveOpen === 0) {
    return placements.map((placement) => ({ ...placement, partner: openStop(other.stringIndex) }));
  }
  const others = hand.placements(other);
  return placements.flatMap((placement) =>
    others.flatMap((beside) => {
      const shape = placement.finger === '0' ? beside.shape : sharedShape(placement, beside);
      return shape !== null && inOneHand(hand, placement, beside) ? [joinPartner(placement, beside, shape)] : [];
    }),
  );
}

/**
 * Lists every way to play a stopped harmonic: first finger or thumb stops, fourth or third touches a fourth above. `stopped` is the note
 * that is stopped. Empty where no finger of a hand reaches a fourth.
 */
export function stoppedHarmonics(hand: HandModel, stopped: NoteOnString): readonly Placement[] {
  return hand.placements(stopped).flatMap((placement): Placement[] => {
    const finger = touchingFinger(hand, placement);
    if (finger === null) return [];
    const place = stopped.semitonesAboveOpen + TOUCHED_ABOVE.semitones;
    const touching = { ...stopIn(placement), finger, semitonesAboveOpen: place, soundsAboveOpen: place, harmonic: true };
    const partner = { ...touching, letterSteps: placement.letterSteps + TOUCHED_ABOVE.letterSteps };
    return [{ ...placement, soundsAboveOpen: stopped.semitonesAboveOpen + STOPPED_HARMONIC_ABOVE, harmonic: true, partner }];
  });
}

/**
 * Finds the finger that touches: violin and viola span a fourth from 1 to 4, thumb position from the thumb to 3; the neck of cello and
 * double bass nowhere.
 */
function touchingFinger(hand: HandModel, { finger, shape }: Placement): '3' | '4' | null {
  if (finger === 'T') return '3';
  return finger === '1' && shape === 'home' && hand.school === 'standard' ? '4' : null;
}

/** Tells whether two placements are of one stance, with the fingers in the order of the notes, as far apart as these two fingers stand. */
function inOneHand(hand: HandModel, placement: Placement, beside: Placement): boolean {
  const ranks = [placement, beside].map(({ finger }) => rankOf(finger) ?? -1);
  const [own = -1, other = -1] = ranks;
  if (placement.finger === '0') return true;
  const rises = beside.semitonesAboveOpen > placement.semitonesAboveOpen;
  if (placement.stance !== beside.stance || own === other || other > own !== rises) return false;
  return hand.inOneFrame(placement, beside) && hand.fitsBeside(placement, beside);
}

/** Joins note and partner; over an open string the hand is where its trilling finger has it. */
function joinPartner(placement: Placement, beside: Placement, shape: Shape): Placement {
  const partner: StringStop = stopIn(beside);
  return placement.finger === '0' ? { ...beside, ...stopIn(placement), shape, partner } : { ...placement, shape, partner };
}
