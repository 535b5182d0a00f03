import type { Placement } from '#core/hand';
import type { TermSink } from '#core/weights';
import { termsOfNote } from './note-terms.ts';
import { positionKey } from './positions.ts';
import type { CostSetting, Gap, NoteRole, Passage } from './setting.ts';
import { termsOfStep } from './step-terms.ts';

/**
 * Whether the hand may go from one placement to the other. Everything may, at its cost, but for one thing: an open
 * string keeps the hand hovering where it was, so that a shift is paid when the hand sets a finger again.
 */
export function canFollow(from: Placement, to: Placement): boolean {
  return to.finger !== '0' || (to.upper !== null && to.upper.finger !== '0') || positionKey(from) === positionKey(to);
}

/**
 * Whether a line may begin so: over an open string the hand waits where it will be needed. A move from elsewhere would be
 * no shift that anyone sees. `begins` are the candidates of the first note.
 */
export function canBegin(begins: readonly Placement[], from: Placement, to: Placement): boolean {
  if (from.finger !== '0' || from.upper !== null || positionKey(from) === positionKey(to)) return true;
  return !begins.some((other) => other.finger === '0' && other.stringIndex === from.stringIndex && positionKey(other) === positionKey(to));
}

/** Sum of the terms of a note, thousandths. */
export function noteCost(setting: CostSetting, placement: Placement, role: NoteRole): number {
  const sum = new TermSum();
  termsOfNote(setting, placement, role, sum.add);
  return sum.total;
}

/** A function that gives the sum of the terms of steps across one gap, thousandths; made once for many steps. */
export function stepPricer(setting: CostSetting, gap: Gap): (from: Placement, to: Placement) => number {
  const sum = new TermSum();
  // One object for all steps: a long line has many.
  let passage: { -readonly [Part in keyof Passage]: Passage[Part] } | null = null;
  return (from, to) => {
    passage ??= { from, to, gap };
    passage.from = from;
    passage.to = to;
    sum.total = 0;
    termsOfStep(setting, passage, sum.add);
    return sum.total;
  };
}

/** Adds terms up. Each is rounded to a whole thousandth, so that a total is the exact sum of what is shown. */
class TermSum {
  total = 0;
  readonly add: TermSink = (_, thousandths) => {
    this.total += Math.round(thousandths);
  };
}
