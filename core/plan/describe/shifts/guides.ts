import type { LeadingFinger, Task } from '#core/brief';
import { type Finger, handMoves, inThumbPosition, type Placement, rankOf, stopsIn, type StringStop } from '#core/hand/placement';
import { semitonesOf } from '#core/pitch';
import type { PlacedNote } from '#core/solve';
import type { Guide, InBetweenNote } from '../types/shift.ts';
import { noteAt } from './note-at.ts';
import type { AroundShift, Stood } from './standing.ts';

/**
 * Lists the ways to know where a shift arrives, the one to be followed first: the teacher's for this shift, else the teacher's usual one,
 * else the most taught.
 */
export function guidesOf(task: Task, { from, to, stood }: Ends, throughOpenString: boolean): readonly Guide[] {
  const open: readonly Guide[] = throughOpenString ? [{ kind: 'open-string', inBetween: null }] : [];
  const alone = kindOfItself(from, to);
  if (alone !== null) return [...open, { kind: alone, inBetween: null }];
  const led = fingersThatLead(task, { from: from.placement, to: to.placement, stood });
  const chosen = task.brief.marks?.find((mark) => mark.note === to.index)?.guide ?? task.ways.guide;
  const wanted = led.filter(({ kind }) => kind === chosen);
  const others = led.filter(({ kind }) => kind !== chosen);
  return [...wanted, ...open, ...others];
}

/** The notes at both ends of a shift, with the places of fingers in the stays that it joins. */
interface Ends {
  readonly from: PlacedNote;
  readonly to: PlacedNote;
  readonly stood: AroundShift;
}

/** The placements at both ends of a shift. */
interface Hands {
  readonly from: Placement;
  readonly to: Placement;
  readonly stood: AroundShift;
}

/** Finds the kind of a shift that needs no choice: another finger on the same pitch, or one finger all the way; null for any other. */
function kindOfItself(from: PlacedNote, to: PlacedNote): 'substitution' | 'same-finger' | null {
  const [leaving, arriving] = [leadingStop(from.placement), leadingStop(to.placement)];
  if (leaving?.finger === arriving?.finger) return leaving?.stringIndex === arriving?.stringIndex ? 'same-finger' : null;
  return semitonesOf(from.note.pitch) === semitonesOf(to.note.pitch) ? 'substitution' : null;
}

/** Gives the finger a placement leads with: of a double stop the lower string's, or the other where that is open. */
function leadingStop(placement: Placement): StringStop | undefined {
  return stopsIn(placement)[0];
}

/**
 * Lists the fingers that may lead from one placement to another, the most taught first, each with the note it passes.
 *
 * Going down, the old finger always can lead: onto a higher finger it slides to its own place in the lower position, below the goal,
 * and the new finger is set. Going up onto a lower finger it would overshoot: the hand drops to finger 1, or the new finger leads.
 * Otherwise both can. Where the bow crosses as well, the arriving finger leads on the new string, and the way on the old
 * string comes after it. From the neck onto the thumb the half-string harmonic tells the place; below it, finger 1's place does.
 */
function fingersThatLead(task: Task, hands: Hands): readonly Guide[] {
  const { from, to } = hands;
  const [leaving, arriving] = [leadingStop(from), leadingStop(to)];
  if (!leaving || !arriving) return [];
  const crosses = leaving.stringIndex !== arriving.stringIndex;
  const kinds = kindsThatLead(leaving.finger, arriving.finger, handMoves(from, to) > 0);
  const guides = [...ontoThumb(task, from, to), ...(crosses ? withCrossing(kinds) : kinds).flatMap((kind) => guideOf(task, kind, hands))];
  return guides.filter((guide, index) => guides.findIndex((other) => samePassing(guide, other)) === index);
}

/** Lists the kinds in the order in which they are taught. */
function kindsThatLead(leaving: Finger, arriving: Finger, up: boolean): readonly LeadingFinger[] {
  const towardsHigher = (rankOf(arriving) ?? 0) > (rankOf(leaving) ?? 0);
  return up && !towardsHigher ? ['first-finger', 'new-finger'] : ['old-finger', 'new-finger', 'first-finger'];
}

/** Puts the arriving finger first where the bow crosses, because the bow crosses before the hand arrives. */
function withCrossing(kinds: readonly LeadingFinger[]): readonly LeadingFinger[] {
  return ['new-finger', ...kinds.filter((kind) => kind !== 'new-finger')];
}

function guideOf(task: Task, kind: LeadingFinger, { from, to, stood }: Hands): readonly Guide[] {
  const [leaving, arriving] = [leadingStop(from), leadingStop(to)];
  if (!leaving || !arriving) return [];
  switch (kind) {
    case 'old-finger':
      return passing(
        kind,
        inBetween(task, leaving.finger, { hand: to, stringIndex: leaving.stringIndex, stands: stood.after.first }),
        leaving,
      );
    case 'new-finger':
      return passing(
        kind,
        inBetween(task, arriving.finger, { hand: from, stringIndex: arriving.stringIndex, stands: stood.before.last }),
        arriving,
      );
    case 'first-finger': {
      if (inThumbPosition(to) || leaving.finger === '1' || arriving.finger === '1') return [];
      return passing(kind, inBetween(task, '1', { hand: to, stringIndex: leaving.stringIndex, stands: stood.after.first }), leaving);
    }
  }
}

/** Makes a guide that passes a note; none where the finger would stay on the note it is to leave or reach. */
function passing(kind: LeadingFinger, note: InBetweenNote | null, played: StringStop): readonly Guide[] {
  return note === null || (note.finger === played.finger && note.semitonesAboveOpen === played.semitonesAboveOpen)
    ? []
    : [{ kind, inBetween: note }];
}

/** The half-string harmonic, which tells the place of the thumb from there up, semitones above the open string. */
const HALF_STRING = 12;

/**
 * Guides the thumb from the neck onto the string: by the half-string harmonic, or below that by the place of finger 1, which it takes over.
 */
function ontoThumb(task: Task, from: Placement, to: Placement): readonly Guide[] {
  const arriving = leadingStop(to);
  if (!arriving || inThumbPosition(from) || !inThumbPosition(to)) return [];
  if (to.anchor >= HALF_STRING) return [{ kind: 'harmonic', inBetween: noteAt(task, 'T', arriving.stringIndex, HALF_STRING) }];
  return [{ kind: 'thumb', inBetween: noteAt(task, '1', arriving.stringIndex, from.firstFinger) }];
}

/** Tells whether two guides name the same finger on the same place of a string. */
function samePassing({ inBetween: one }: Guide, { inBetween: other }: Guide): boolean {
  return (
    one !== null &&
    other !== null &&
    one.finger === other.finger &&
    one.string === other.string &&
    one.semitonesAboveOpen === other.semitonesAboveOpen
  );
}

/** A hand on a string, with the places of its fingers there as they are played. */
interface HandOnString {
  readonly hand: Placement;
  readonly stringIndex: number;
  readonly stands: Stood['first'];
}

/**
 * Gives the sound of a finger on a string: where it plays in that stay, else where the hand has it; null where the hand does not set it or
 * it falls off the board.
 */
function inBetween(task: Task, finger: Finger, { hand, stringIndex, stands }: HandOnString): InBetweenNote | null {
  const semitones = stands(finger, stringIndex) ?? task.hand.standsAt(finger, hand, { stringIndex, keyed: task.keyed });
  return semitones === null || semitones < 1 || semitones > task.instrument.highestSemitone
    ? null
    : noteAt(task, finger, stringIndex, semitones);
}
