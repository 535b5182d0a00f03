import type { Finger } from '#core/hand/placement';

/** The kinds of questions, about positions and by ear. */
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
 * - `place-to-note`: string, finger and position → the note;
 * - `note-to-place`: note and position → every string and finger;
 * - `first-finger`: the place of finger 1 while another plays;
 * - `touch`: the fingers of a string that touch;
 * - `across`: one finger on two strings, straight or diagonal;
 * - `letter-finger`: two names of one place, each with the finger of its letter;
 * - `other-name`: the other name of a note;
 * - `shift-interval`: the sound of a shift;
 * - `shift-target`: the note a shift arrives on, sung or thought before it sounds, marked by the player;
 * - `key-interval`: an interval of the key, by ear.
 */
export type QuizKind = (typeof QUIZ_KINDS)[number];

/** A place on a string, as the board shows it. */
export interface QuizPlace {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The open note of the string, documents' form. */
  readonly open: string;
  /** The finger on it. */
  readonly finger: Finger;
  /** The place on the string, semitones above the open note. */
  readonly semitonesAboveOpen: number;
  /** The sounding pitch, documents' form. */
  readonly pitch: string;
  /** The pitch as the player reads it. */
  readonly written: string;
}

/** The directions in which a finger goes from a string to the next higher one. */
export const ACROSS = ['straight', 'higher', 'lower'] as const;

/** The fields that every question has. */
interface Asked {
  /** The id, which is the same on whatever day: instrument, key, position and what is asked. */
  readonly id: string;
  /** The key, documents' form; it names the notes. */
  readonly key: string;
  /** The position of the hand; of a shift, the position where it arrives. Null where none is meant. */
  readonly position: string | null;
  /** The right answers, in order; all of them are asked for. */
  readonly answers: readonly string[];
  /** The places on the board where the answer is seen. */
  readonly shown: readonly QuizPlace[];
}

/** A question, with the facts that it states. */
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

/** One answer of the player. */
export interface GivenAnswer {
  /** The id of the question. */
  readonly question: string;
  /** The answer given. */
  readonly given: readonly string[];
  /** Whether all of it was right, and nothing else was answered. */
  readonly right: boolean;
  /** The time it took, seconds; null where no clock ran. */
  readonly seconds: number | null;
  /** The moment, ms since 1970. */
  readonly at: number;
}

/** Names a place as an answer does: "A4 2". */
export function placeNamed({ open, finger }: Pick<QuizPlace, 'open' | 'finger'>): string {
  return `${open} ${finger}`;
}

/** Names a note without its octave, documents' form: "Bb". */
export function nameOf(pitch: string): string {
  return pitch.replace(/-?[0-9]$/, '');
}

/** Names an interval as an answer does, by its letters and semitones: "2 3" is a minor third. */
export function intervalNamed(letters: number, semitones: number): string {
  return `${letters} ${semitones}`;
}
