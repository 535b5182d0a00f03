import { nameOf, type QuizQuestion } from './question.ts';
import { soundsTheSame } from './names.ts';

/** The result of checking an answer. */
export interface CheckedAnswer {
  /** Whether all of it is right, and nothing else was answered. */
  readonly right: boolean;
  /** Whether it is wrong by its name alone: it sounds the same, and the key writes it otherwise. */
  readonly otherName: boolean;
  /** The right answers that were not given. */
  readonly missing: readonly string[];
}

/** Checks an answer: every answer is asked for, none too many. */
export function checkAnswer(question: Pick<QuizQuestion, 'kind' | 'answers'>, given: readonly string[]): CheckedAnswer {
  const missing = question.answers.filter((answer) => !given.includes(answer));
  const right = missing.length === 0 && given.every((value) => question.answers.includes(value));
  const [answer = '', one = ''] = [question.answers[0], given[0]];
  return { right, otherName: !right && asksForName(question.kind) && soundsTheSame(answer, one), missing };
}

function asksForName(kind: QuizQuestion['kind']): boolean {
  return kind === 'place-to-note' || kind === 'first-finger' || kind === 'other-name';
}

/** The signs of note names as people type them, and in documents' form; German names too. */
const SIGNS: Readonly<Record<string, string>> = {
  '': '',
  '♭': 'b',
  '♯': '#',
  s: 'b',
  es: 'b',
  is: '#',
  b: 'b',
  '#': '#',
  bb: 'bb',
  '##': '##',
};

/** Reads a note name as people type it ("bb", "f#", "B♭") into documents' form; null for none. */
export function typedName(text: string): string | null {
  const [, letter = '', sign = ''] = /^([a-g])(bb|##|b|#|♭|♯|s|es|is)?$/iu.exec(nameOf(text.trim())) ?? [];
  return letter === '' ? null : `${letter.toUpperCase()}${SIGNS[sign.toLowerCase()] ?? ''}`;
}
