import type { HandModel, Placement, PlayerHand } from '#core/hand';
import type { Instrument } from '#core/instrument';
import type { Weights } from './weight-table.ts';
import { termsOfNote } from './note-terms.ts';
import { positionKey, termsOfStep } from './step-terms.ts';
import type { TermSink } from './cost-terms.ts';

/** What the costs are measured against. */
export interface CostSetting {
  readonly instrument: Instrument;
  readonly hand: HandModel;
  /** The player's measured hand; null when none was given, which then limits and costs nothing on single notes. */
  readonly playerHand: PlayerHand | null;
  readonly weights: Weights;
  /** mm from the nut of every whole semitone on the fingerboard, by semitone: reckoned once, read for every step. */
  readonly placesMm: readonly number[];
}

/** What lies between two notes that follow each other. */
export interface Gap {
  /** A rest stands between them. */
  readonly rest: boolean;
  /** Both are played in one bow. */
  readonly slurred: boolean;
  /** From the beginning of the first to the beginning of the second, seconds; null without a tempo. */
  readonly seconds: number | null;
}

/** What a note is in its line, as far as costs ask. */
export interface NoteRole {
  readonly first: boolean;
  /** Long, or the top of the line: a note that wants a strong finger. */
  readonly hard: boolean;
}

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
  return (from, to) => {
    sum.total = 0;
    termsOfStep(setting, from, to, gap, sum.add);
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
