import { handMoves, type Placement, sameStop } from '#core/hand/placement';
import type { HandModel } from '#core/hand';
import type { TermSink } from '#core/weights';
import { termsOfNote } from './note-terms.ts';
import { isOpen } from './positions.ts';
import { beyondReach } from './reach-terms.ts';
import type { CostSetting, Gap, NoteRole, Step } from './setting.ts';
import { termsOfStep } from './step-terms.ts';

/**
 * Tells whether the hand may go from one placement to the other. An open string keeps the hand hovering as it was, so that a shift is paid
 * when the hand sets a finger again; a hand that stays must be one hand; and another hand in the same place is no shift, so it is not
 * allowed, unless a finger stays where it is and only the name of its note changes. In a rest a hand opens as it likes.
 */
export function canFollow(hand: HandModel, from: Placement, to: Placement, rest: boolean): boolean {
  if (from.stance === to.stance) return (rest || hand.comesTo(from, to)) && standsBeside(hand, from, to);
  if (isOpen(to)) return false;
  return handMoves(from, to) !== 0 || (sameStop(from, to) && from.upper === null && to.upper === null);
}

/** Tells whether a hand that stays plays both; beside an open string it stands as it did. */
function standsBeside(hand: HandModel, from: Placement, to: Placement): boolean {
  return isOpen(to) || isOpen(from) || (hand.inOneFrame(from, to) && hand.fitsBeside(from, to));
}

/**
 * Tells whether a line may begin this way: over an open string the hand waits where it will be needed, since a move from elsewhere would be
 * a shift that nobody sees. `begins` are the candidates of the first note.
 */
export function canBegin(begins: readonly Placement[], from: Placement, to: Placement): boolean {
  if (from.finger !== '0' || from.upper !== null || from.stance === to.stance) return true;
  return !begins.some((other) => other.finger === '0' && other.stringIndex === from.stringIndex && other.stance === to.stance);
}

/** Gives the sum of the terms of a note, thousandths. */
export function noteCost(setting: CostSetting, placement: Placement, role: NoteRole): number {
  const sum = new TermSum();
  termsOfNote(setting, placement, role, sum.add);
  return sum.total;
}

/** Makes a function that gives the sum of the terms of steps across one gap, thousandths; it is made once for many steps. */
export function stepPricer(setting: CostSetting, gap: Gap): (from: Placement, to: Placement) => number {
  const sum = new TermSum();
  // One object serves for all steps, because a long line has many.
  let step: { -readonly [Part in keyof Step]: Step[Part] } | null = null;
  return (from, to) => {
    step ??= { from, to, gap };
    step.from = from;
    step.to = to;
    if (beyondReach(setting, step)) return Infinity;
    sum.total = 0;
    termsOfStep(setting, step, sum.add);
    return sum.total;
  };
}

/** A sum of terms. Each is rounded to a whole thousandth, so that a total is the exact sum of what is shown. */
class TermSum {
  total = 0;
  readonly add: TermSink = (_, thousandths) => {
    this.total += Math.round(thousandths);
  };
}
