import { countText, listText } from '#core/messages';
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
  type QuestionOf,
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

/** The question of each kind; `position` is where it is asked, `where` the position and the key. */
type Askers = { readonly [Kind in QuizKind]: (question: QuestionOf<Kind>, where: string, position: string) => string };

const ASKERS: Askers = {
  'place-to-note': ({ place }, where) => `Which note does ${place.finger} play on the ${noteLabel(place.open)} string ${where}?`,
  'note-to-place': ({ written }, where) => `Where is ${pitchLabel(written)} ${where}? Name every string and finger, open strings too.`,
  'first-finger': ({ place }, where) =>
    `${place.finger} plays ${pitchLabel(place.written)} on the ${noteLabel(place.open)} string ${where}. On which note is finger 1?`,
  touch: ({ open }, where) => `Which fingers touch on the ${noteLabel(open)} string ${where}?`,
  across: ({ finger, from, to }, where) =>
    `${finger} crosses from the ${noteLabel(from)} to the ${noteLabel(to)} string ${where}: straight, or diagonal?`,
  'letter-finger': ({ name, open }, _, position) =>
    `Which finger plays ${pitchLabel(name)} on the ${noteLabel(open)} string ${position}, going by its letter?`,
  'other-name': ({ name }) => `What is the other name of ${noteLabel(name)}?`,
  'shift-interval': (question) => `${shiftText(question)} Which interval sounds?`,
  'shift-target': (question) => `${shiftText(question)} Sing the note it arrives on, or think it. Then hear it: did you have it?`,
  'key-interval': () => 'Which interval do you hear?',
};

/** Writes the question. */
export function questionText(question: QuizQuestion): string {
  return ask(question.kind, question);
}

function ask<Kind extends QuizKind>(kind: Kind, question: QuestionOf<Kind>): string {
  const position = question.position === null ? '' : `in ${positionName(question.position)}`;
  // The note under a finger depends on the key: of questions from many pieces each has its own.
  return ASKERS[kind](question, `${position}, ${keyLabel(question.key)}`, position);
}

type ShiftAsked = Extract<QuizQuestion, { readonly kind: 'shift-interval' | 'shift-target' }>;

function shiftText({ key, from, fromPosition, position }: ShiftAsked): string {
  const to = position === null ? '' : positionName(position);
  return `${from.finger} plays ${pitchLabel(from.written)} on the ${noteLabel(from.open)} string in ${positionName(fromPosition)} and shifts to ${to}, ${keyLabel(key)}.`;
}

/** Writes an answer. */
export function answerText(kind: QuizKind, answers: readonly string[]): string {
  if (kind === 'touch') return answers.length === 0 ? NONE_TOUCHES : answers.map((pair) => oneAnswer(kind, pair)).join(', ');
  return listText(answers.map((answer) => oneAnswer(kind, answer)));
}

/** The words for no fingers that touch. */
export const NONE_TOUCHES = 'none';

function oneAnswer(kind: QuizKind, answer: string): string {
  return ANSWERS[kind](answer);
}

/** The words of an answer to each kind of question. */
const ANSWERS: Readonly<Record<QuizKind, (answer: string) => string>> = {
  'place-to-note': noteLabel,
  'first-finger': noteLabel,
  'other-name': noteLabel,
  'note-to-place': (answer) => placeWords(answer.split(' ')),
  touch: (answer) => answer.split(' ').join(' and '),
  across: (answer) => ACROSS_WORDS[ACROSS.find((known) => known === answer) ?? ACROSS[0]],
  'letter-finger': (answer) => answer,
  'shift-interval': intervalWords,
  'key-interval': intervalWords,
  'shift-target': (answer) => (answer === 'yes' ? 'I had it' : 'I did not have it'),
};

function placeWords([open = '', finger = '']: readonly string[]): string {
  return finger === '0' ? `open ${noteLabel(open)}` : `${finger} on the ${noteLabel(open)} string`;
}

/** The names of straight and diagonal, seen from the lower of two strings. */
const ACROSS_WORDS: Readonly<Record<(typeof ACROSS)[number], string>> = {
  straight: 'straight across',
  higher: 'diagonal: higher on the next string',
  lower: 'diagonal: lower on the next string',
};

/** Writes an interval from an answer: "a minor third", from "2 3". */
function intervalWords(named: string): string {
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
  const heard = kind === 'key-interval' ? ` ${listText(question.written.map(pitchLabel))} sounded.` : '';
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
  return `${names.join(' and ')}${string}${where}: ${countText(confusion.times, 'time', 'times')}`;
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
