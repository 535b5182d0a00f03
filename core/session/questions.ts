import type { PlaceOfNote, PositionMap, ScaleHere, ScaleTypeHere } from '#core/atlas';
import type { Brief, Lock } from '#core/brief';
import type { Passage, PassageAsked } from '#core/books';
import type { InClass, WaysInClass } from '#core/class-score';
import type { AboutPath, KnownOfPlayer } from '#core/drill/hot-spots';
import type { Drill } from '#core/drill';
import type { CoverAsked, ShiftCover } from '#core/drill/cover';
import type { DrillRequest } from '#core/drill/families';
import type { PieceFacts } from '#core/drill/finder';
import type { ShiftApart } from '#core/drill/apart';
import type { Effect, Reason, WhatChanged, WhyNot } from '#core/explain';
import type { FingeredAgain, FittingSizes } from '#core/fit/sizes';
import type { RangeInKey, WayToPlay } from '#core/fit';
import type { GivenFingering } from '#core/given';
import type { Habits, LineOfTeacher } from '#core/habits';
import type { PlayerHand } from '#core/hand/reach';
import type { InstrumentKind } from '#core/instrument';
import type { Alternative, PlanOutcome } from '#core/plan';
import type { QuizChoice, Quizzed } from '#core/quiz';
import type { Reading } from '#core/result';

/** The questions that can be asked about a brief, by kind: the fields of the question, and its answer. */
interface Questions {
  /** The best plan, or why there is none and what would help. */
  readonly plan: { readonly asks: object; readonly answer: PlanOutcome };
  /** Other fingerings that a player would call different, up to a number; none where there is no plan. */
  readonly alternatives: { readonly asks: { readonly most: number }; readonly answer: readonly Alternative[] };
  /** The fingering that a score or a teacher gave, read and compared; null where there is none. */
  readonly given: { readonly asks: object; readonly answer: Reading<GivenFingering> | null };
  /** The habits that the fingerings of some lines on an instrument show, whatever the brief of the session. */
  readonly habits: {
    readonly asks: { readonly instrument: InstrumentKind; readonly lines: readonly LineOfTeacher[] };
    readonly answer: Habits;
  };
  /** Every string and finger for one note (line index). */
  readonly ways: { readonly asks: { readonly note: number }; readonly answer: Reading<readonly WayToPlay[]> };
  /** Why one note is as it is or, with null, everything unusual. */
  readonly reasons: { readonly asks: { readonly note: number | null }; readonly answer: Reading<readonly Reason[]> };
  /** Why not the finger or string a teacher expected; null where the brief has no plan. */
  readonly 'why-not': { readonly asks: { readonly wish: Lock }; readonly answer: WhyNot | null };
  /** The ringing notes and hot spots of the best plan for a player; nothing where there is none. */
  readonly 'about-path': { readonly asks: { readonly mostHotSpots: number; readonly known: KnownOfPlayer }; readonly answer: AboutPath };
  /** A shift taken apart, by the note it arrives on; null where none does. */
  readonly 'shift-apart': { readonly asks: { readonly note: number }; readonly answer: ShiftApart | null };
  /** The facts of the piece with which drills are looked for; nothing where there is no plan. */
  readonly 'piece-facts': { readonly asks: object; readonly answer: PieceFacts };
  /** The measures around one of its shifts as a line of their own, moved by an interval; null where they cannot be written there. */
  readonly passage: { readonly asks: PassageAsked; readonly answer: Passage | null };
  /** A drill written for the player of the brief. */
  readonly drill: { readonly asks: { readonly request: DrillRequest }; readonly answer: Reading<Drill> };
  /** Whether each of some drills is played by the hand of the brief as it is asked for, in order. */
  readonly 'drills-played': { readonly asks: { readonly requests: readonly DrillRequest[] }; readonly answer: readonly boolean[] };
  /** The drill with which a form opens that asks for one. */
  readonly 'opening-drill': { readonly asks: { readonly request: DrillRequest }; readonly answer: DrillRequest };
  /** The fewest drills that cover the shifts of some pieces, for the player of the brief; the search ends after a number of seconds. */
  readonly 'shift-cover': { readonly asks: CoverAsked & { readonly mostSeconds: number }; readonly answer: ShiftCover };
  /** The ways in which the player of the brief can take part in the line of a class. */
  readonly 'in-class': { readonly asks: InClass; readonly answer: WaysInClass };
  /** The map of a key (documents' form) for the player of the brief, position by position. */
  readonly atlas: { readonly asks: { readonly key: string }; readonly answer: readonly PositionMap[] };
  /** The scales of a kind that live wholly in a position. */
  readonly 'scales-here': {
    readonly asks: { readonly position: string; readonly type: ScaleTypeHere };
    readonly answer: readonly ScaleHere[];
  };
  /** Every place of a note (sounding, documents' form) in a key. */
  readonly 'note-places': { readonly asks: { readonly key: string; readonly pitch: string }; readonly answer: readonly PlaceOfNote[] };
  /** Every question of some keys and positions, for the player of the brief. */
  readonly quiz: { readonly asks: { readonly choice: QuizChoice }; readonly answer: readonly Quizzed[] };
  /** The extent of the scale of the key within the limits; null where no note of it can be played. */
  readonly range: { readonly asks: object; readonly answer: RangeInKey | null };
  /** The effect of each part of the brief on the numbers. */
  readonly effects: { readonly asks: object; readonly answer: readonly Effect[] };
  /** The line fingered for a hand on every usual size of its instrument; null where it cannot be planned as it is. */
  readonly sizes: { readonly asks: { readonly hand: PlayerHand }; readonly answer: FittingSizes | null };
  /** The line fingered for another hand or size (null for its own); null where there is no plan, or none for that hand. */
  readonly 'what-if': { readonly asks: { readonly hand: PlayerHand; readonly size: string | null }; readonly answer: FingeredAgain | null };
  /** The change of the piece since an earlier brief; null where neither can be planned. */
  readonly 'what-changed': { readonly asks: { readonly before: Brief }; readonly answer: WhatChanged | null };
}

/** The kind of a question. */
export type QuestionKind = keyof Questions;

/** A question about a brief. */
export type Question<Kind extends QuestionKind = QuestionKind> = {
  [Each in Kind]: { readonly kind: Each } & Questions[Each]['asks'];
}[Kind];

/** The answer to a kind of question. */
export type Answer<Kind extends QuestionKind = QuestionKind> = Questions[Kind]['answer'];
