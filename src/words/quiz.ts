import { counted, listed } from '#core/messages';
import { keyLabel } from '#core/key';
import { noteLabel, pitchLabel } from '#core/pitch';
import {
  ACROSS,
  type Because,
  type CheckedAnswer,
  confusedNames,
  type Confusion,
  intervalNamed,
  type NameWay,
  type QuizKind,
  type QuizQuestion,
} from '#core/quiz';
import { positionName } from './atlas.ts';
import { intervalName } from './intervals.ts';

/** The groups of questions that can be asked together. */
export const QUIZ_GROUPS = ['places', 'hand', 'spelling', 'shifts'] as const satisfies readonly string[];

/** A group of kinds of questions that are asked together. */
export type QuizGroup = (typeof QUIZ_GROUPS)[number] | 'all';

const KINDS: Readonly<Record<(typeof QUIZ_GROUPS)[number], readonly QuizKind[]>> = {
  places: ['place-to-note', 'note-to-place'],
  hand: ['first-finger', 'touch', 'across'],
  spelling: ['letter-finger', 'other-name'],
  shifts: ['shift-interval', 'shift-target'],
};

/** Lists the kinds of a group. */
export function kindsOf(group: QuizGroup): readonly QuizKind[] {
  return group === 'all' ? QUIZ_GROUPS.flatMap((group) => KINDS[group]) : KINDS[group];
}

/** The names of groups in the sentence. */
export const GROUP_WORDS: Readonly<Record<QuizGroup, string>> = {
  all: 'everything',
  places: 'notes and places',
  hand: 'how the hand lies',
  spelling: 'two names of one place',
  shifts: 'shifts',
};

/** The names of what is asked about. */
export const ABOUT_WORDS = { own: 'the keys and positions of their pieces', chosen: 'one key and position' } as const;

/** The words for whether seconds are counted. */
export const CLOCK_WORDS = { with: 'with a clock', without: 'without a clock' } as const;

/** Writes the question. */
export function questionText(question: QuizQuestion): string {
  const position = question.position === null ? '' : `in ${positionName(question.position)}`;
  // The note under a finger depends on the key: of questions from many pieces each has its own.
  const where = `${position}, ${keyLabel(question.key)}`;
  switch (question.kind) {
    case 'place-to-note':
      return `Which note does ${question.place.finger} play on the ${noteLabel(question.place.open)} string ${where}?`;
    case 'note-to-place':
      return `Where is ${pitchLabel(question.written)} ${where}? Name every string and finger, open strings too.`;
    case 'first-finger':
      return `${question.place.finger} plays ${pitchLabel(question.place.written)} on the ${noteLabel(question.place.open)} string ${where}. On which note is finger 1?`;
    case 'touch':
      return `Which fingers touch on the ${noteLabel(question.open)} string ${where}?`;
    case 'across':
      return `${question.finger} crosses from the ${noteLabel(question.from)} to the ${noteLabel(question.to)} string ${where}: straight, or diagonal?`;
    case 'letter-finger':
      return `Which finger plays ${pitchLabel(question.name)} on the ${noteLabel(question.open)} string ${position}, going by its letter?`;
    case 'other-name':
      return `What is the other name of ${noteLabel(question.name)}?`;
    case 'shift-interval':
      return `${shiftText(question)} Which interval sounds?`;
    case 'shift-target':
      return `${shiftText(question)} Sing the note it arrives on, or think it. Then hear it: did you have it?`;
    case 'key-interval':
      return 'Which interval do you hear?';
  }
}

type ShiftAsked = Extract<QuizQuestion, { readonly kind: 'shift-interval' | 'shift-target' }>;

function shiftText({ key, from, fromPosition, position }: ShiftAsked): string {
  const to = position === null ? '' : positionName(position);
  return `${from.finger} plays ${pitchLabel(from.written)} on the ${noteLabel(from.open)} string in ${positionName(fromPosition)} and shifts to ${to}, ${keyLabel(key)}.`;
}

/** Writes an answer. */
export function answerText(kind: QuizKind, answers: readonly string[]): string {
  if (kind === 'touch') return answers.length === 0 ? NONE_TOUCHES : answers.map((pair) => oneAnswer(kind, pair)).join(', ');
  return listed(answers.map((answer) => oneAnswer(kind, answer)));
}

/** The words for no fingers that touch. */
export const NONE_TOUCHES = 'none';

function oneAnswer(kind: QuizKind, answer: string): string {
  const [one = '', other = ''] = answer.split(' ');
  switch (kind) {
    case 'place-to-note':
    case 'first-finger':
    case 'other-name':
      return noteLabel(answer);
    case 'note-to-place':
      return placeWords(one, other);
    case 'touch':
      return `${one} and ${other}`;
    case 'across':
      return ACROSS_WORDS[ACROSS.find((known) => known === answer) ?? ACROSS[0]];
    case 'letter-finger':
      return answer;
    case 'shift-interval':
    case 'key-interval':
      return intervalWords(answer);
    case 'shift-target':
      return answer === 'yes' ? 'I had it' : 'I did not have it';
  }
}

function placeWords(open: string, finger: string): string {
  return finger === '0' ? `open ${noteLabel(open)}` : `${finger} on the ${noteLabel(open)} string`;
}

/** The names of straight and diagonal, seen from the lower of two strings. */
export const ACROSS_WORDS: Readonly<Record<(typeof ACROSS)[number], string>> = {
  straight: 'straight across',
  higher: 'diagonal: higher on the next string',
  lower: 'diagonal: lower on the next string',
};

/** Writes an interval from an answer: "a minor third", from "2 3". */
export function intervalWords(named: string): string {
  const [letters = 0, semitones = 0] = named.split(' ').map(Number);
  return named === intervalNamed(0, 0) ? 'the same note' : intervalName(letters, semitones);
}

/** The words for why a question comes now. */
export const BECAUSE_WORDS: Readonly<Record<Because, string>> = {
  confused: 'mixed up a moment ago',
  due: 'due today',
  new: 'new',
  beyond: 'not due yet',
};

/** Writes the verdict on an answer. */
export function verdictText(question: QuizQuestion, { right, otherName }: CheckedAnswer): string {
  const { kind, answers } = question;
  const heard = kind === 'key-interval' ? ` ${listed(question.written.map(pitchLabel))} sounded.` : '';
  if (right) return `Right.${heard}`;
  const answer = answerText(kind, answers);
  if (kind === 'shift-target') return 'It comes back soon.';
  if (kind === 'touch') return answers.length === 0 ? 'None of them touch.' : `${answer} touch.`;
  return otherName ? `It sounds the same, but here it is written ${answer}.` : `It is ${answer}.${heard}`;
}

/** Writes a confusion: "B and B♭ on the A string, third position: 3 times". */
export function confusionText(confusion: Confusion): string {
  const [asked] = confusion.questions;
  const names = confusedNames(confusion).map((name) => answerText(asked.kind === 'note-to-place' ? 'place-to-note' : asked.kind, [name]));
  const string = asked.kind === 'place-to-note' || asked.kind === 'first-finger' ? ` on the ${noteLabel(asked.place.open)} string` : '';
  const where = asked.position === null ? '' : `, ${positionName(asked.position)}`;
  return `${names.join(' and ')}${string}${where}: ${counted(confusion.times, 'time', 'times')}`;
}

/** The names of the ways through the names of a position. */
export const NAME_WAY_WORDS: Readonly<Record<NameWay, string>> = { up: 'up', down: 'down', 'up-down': 'up and down' };

/** The sources from which a name is asked. */
export const NAMES_FROM = ['staff', 'place', 'sound'] as const;

/** The names of these sources in the sentence. */
export const NAMES_FROM_WORDS: Readonly<Record<(typeof NAMES_FROM)[number], string>> = {
  staff: 'from the staff',
  place: 'from the place',
  sound: 'from the sound',
};

/** Writes the result of a way through the names: "14 of 15 at once, in 41 seconds". */
export function namesDoneText(right: number, all: number, seconds: number | null): string {
  return `${right} of ${all} at once${seconds === null ? '' : `, in ${Math.round(seconds)} seconds`}.`;
}

/** Writes what an ear tells apart. */
export function earText(tolerance: number | null): string {
  return tolerance === null
    ? 'What this ear tells apart is known after a few more answers.'
    : `This ear tells about ${Math.round(tolerance)} cents apart.`;
}

/** The words of the quiz. */
export const QUIZ_WORDS = {
  waiting: 'Making the questions …',
  parts: { questions: 'Questions', names: 'Names in order', ear: 'By ear' },
  noPieces: 'No piece of this player has a fingering yet: first position in G major is asked.',
  done: 'Enough for today: nothing else is due, and what is new needs a night’s sleep.',
  goOn: 'Go on anyway',
  check: 'Check',
  next: 'Next question',
  hear: 'Hear it',
  mixedUp: 'Mixed up',
  nothingToAsk: 'There is nothing to ask here.',
  higherQuestion: 'Two notes. Is the second higher or lower?',
  earTires: 'The ear tires: rest after ten minutes.',
} as const;
