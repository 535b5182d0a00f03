import type { Finger } from '#core/hand';

/** What is asked of positions, and by ear. */
export const QUIZ_KINDS = [
  'place-to-note',
  'note-to-place',
  'first-finger',
  'touch',
  'across',
  'letter-finger',
  'other-name',
  'shift-interval',
  'shift-target',
  'key-interval',
] as const;

/**
 * A kind of question.
 *
 * - `place-to-note`: string, finger and position → the note; - `note-to-place`: note and position → every string and finger; -
 * `first-finger`: where finger 1 is while another plays; - `touch`: which fingers of a string touch; - `across`: one finger on two
 * strings, straight or diagonal; - `letter-finger`: two names of one place, each with the finger of its letter; - `other-name`: the
 * other name of a note; - `shift-interval`: what a shift sounds; - `shift-target`: the note a shift arrives on, sung or thought
 * before it sounds, marked by the player; - `key-interval`: an interval of the key, by ear.
 */
export type QuizKind = (typeof QUIZ_KINDS)[number];

/** A place on a string, as the board shows it. */
export interface QuizPlace {
  /** 0 for string I. */
  readonly stringIndex: number;
  /** The open note of the string, documents' form. */
  readonly open: string;
  /** The finger there. */
  readonly finger: Finger;
  /** Where on the string. */
  readonly semitonesAboveOpen: number;
  /** What sounds, documents' form. */
  readonly pitch: string;
  /** The same as the player reads it. */
  readonly written: string;
}

/** Which way a finger goes from a string to the next higher one. */
export const ACROSS = ['straight', 'higher', 'lower'] as const;

/** What every question has. */
interface Asked {
  /** It is this question and no other, on whatever day: instrument, key, position and what is asked. */
  readonly id: string;
  /** The key, documents' form; the names of notes are its own. */
  readonly key: string;
  /** The position of the hand; of a shift, where it arrives. Null where none is meant. */
  readonly position: string | null;
  /** Everything that is right, in order; all of it is asked for. */
  readonly answers: readonly string[];
  /** Where the answer is seen on the board. */
  readonly shown: readonly QuizPlace[];
}

/** A question, with what it tells. */
export type QuizQuestion = Asked &
  (
    | { readonly kind: 'place-to-note'; readonly place: QuizPlace }
    | { readonly kind: 'note-to-place'; readonly written: string; readonly pitch: string }
    | { readonly kind: 'first-finger'; readonly place: QuizPlace }
    | { readonly kind: 'touch'; readonly open: string; readonly fingers: readonly Finger[] }
    | { readonly kind: 'across'; readonly finger: Finger; readonly from: string; readonly to: string }
    | { readonly kind: 'letter-finger'; readonly open: string; readonly name: string }
    | { readonly kind: 'other-name'; readonly name: string }
    | { readonly kind: 'shift-interval'; readonly from: QuizPlace; readonly to: QuizPlace; readonly fromPosition: string }
    | { readonly kind: 'shift-target'; readonly from: QuizPlace; readonly to: QuizPlace; readonly fromPosition: string }
    | { readonly kind: 'key-interval'; readonly pitches: readonly [string, string]; readonly written: readonly [string, string] }
  );

/** A question of a kind. */
export type QuestionOf<Kind extends QuizKind> = Extract<QuizQuestion, { readonly kind: Kind }>;

/** One answer that was given. */
export interface GivenAnswer {
  /** The question, by its id. */
  readonly question: string;
  /** What was answered. */
  readonly given: readonly string[];
  /** All of it, and nothing else. */
  readonly right: boolean;
  /** How long it took, seconds; null where no clock ran. */
  readonly seconds: number | null;
  /** When, ms since 1970. */
  readonly at: number;
}

/** A place as an answer names it: "A4 2". */
export function placeNamed({ open, finger }: Pick<QuizPlace, 'open' | 'finger'>): string {
  return `${open} ${finger}`;
}

/** A note without its octave, documents' form: "Bb". */
export function nameOf(pitch: string): string {
  return pitch.replace(/-?[0-9]$/, '');
}

/** An interval as an answer names it, by its letters and semitones: "2 3" is a minor third. */
export function intervalNamed(letters: number, semitones: number): string {
  return `${letters} ${semitones}`;
}
