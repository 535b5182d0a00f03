import { type FormEvent, type KeyboardEvent, useEffect, useRef, useState } from 'react';
import type { Finger } from '#core/hand/placement';
import type { Instrument } from '#core/instrument';
import { type GivenAnswer, checkAnswer, type CheckedAnswer, type NextQuestion, type QuizPlace, type QuizQuestion } from '#core/quiz';
import { Button } from '../../ui/Button.tsx';
import { BECAUSE_WORDS, questionText, QUIZ_WORDS, verdictText } from '../../words/names/quiz.ts';
import { AnswerBoard } from './AnswerBoard.tsx';
import { AnswerTools, optionsOf } from './AnswerTools.tsx';
import { playTones, toneOf } from './tones.ts';
import { useSeconds } from './use-seconds.ts';

interface QuestionFormProps {
  readonly next: NextQuestion;
  readonly instrument: Instrument;
  readonly fingers: readonly Finger[];
  /** Whether the seconds are counted and shown. */
  readonly clock: boolean;
  readonly onAnswer: (answer: Omit<GivenAnswer, 'at'>) => void;
  readonly onNext: () => void;
}

/** Shows one question: asked, answered, and explained with the right answer on the fingerboard. */
export function QuestionForm({ next, instrument, fingers, clock, onAnswer, onNext }: QuestionFormProps) {
  const { question } = next;
  const [given, setGiven] = useState<readonly string[] | null>(null);
  const [checked, setChecked] = useState<CheckedAnswer | null>(null);
  const seconds = useSeconds(checked === null);
  const answer = (answered: readonly string[]): void => {
    const outcome = checkAnswer(question, answered);
    setGiven(answered);
    setChecked(outcome);
    onAnswer({ question: question.id, given: answered, right: outcome.right, seconds: clock ? seconds.now() : null });
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (checked) onNext();
    else if (given !== null && (given.length > 0 || question.kind === 'touch')) answer(given);
  };
  const options = optionsOf(question);
  const choose = (event: KeyboardEvent): void => {
    const option = options?.[Number(event.key) - 1];
    if (checked === null && option !== undefined) answer([option]);
  };
  const tones = tonesOf(question, instrument);
  return (
    <form
      onSubmit={submit}
      onKeyDown={choose}
      aria-label="Question"
      className={`mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-x-8 gap-y-3 ${question.shown.length > 0 ? 'lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]' : ''}`}
    >
      <div className="min-w-0">
        <p className="text-[14px] text-dove-dark">
          {BECAUSE_WORDS[next.because]}
          {clock && <span className="tabular-nums"> · {seconds.shown} s</span>}
        </p>
        <Asked text={questionText(question)} focused={options !== null} />
        {tones.length > 0 && (
          <Button className="mt-2" onClick={() => void playTones(tones)}>
            {QUIZ_WORDS.hear}
          </Button>
        )}
        <AnswerTools
          question={question}
          instrument={instrument}
          fingers={fingers}
          given={given}
          disabled={checked !== null}
          onGive={setGiven}
          onChoose={answer}
        />
        <CheckRow question={question} checked={checked} chosenAtOnce={options !== null} />
      </div>
      <Board question={question} instrument={instrument} isChecked={checked !== null} />
    </form>
  );
}

interface BoardProps {
  readonly question: QuizQuestion;
  readonly instrument: Instrument;
  readonly isChecked: boolean;
}

/** Shows the fingerboard beside a question that has one: what is asked, then the right answer. */
function Board({ question, instrument, isChecked }: BoardProps) {
  if (question.shown.length === 0) return null;
  return (
    <AnswerBoard
      instrument={instrument}
      label={isChecked ? 'The right answer on the fingerboard' : 'The fingerboard'}
      places={isChecked ? question.shown : askedPlaces(question)}
      look={isChecked ? 'named' : 'asked'}
    />
  );
}

/** Shows the question. Where its answer is chosen with a key it has the focus, so that the keys reach it and a screen reader says it. */
function Asked({ text, focused }: { readonly text: string; readonly focused: boolean }) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    if (focused) heading.current?.focus();
  }, [focused]);
  return (
    <h2 ref={heading} tabIndex={-1} className="font-serif text-[22px] leading-[1.3] outline-none">
      {text}
    </h2>
  );
}

interface CheckRowProps {
  readonly question: QuizQuestion;
  readonly checked: CheckedAnswer | null;
  /** One of several is chosen at once: there is nothing to check by hand. */
  readonly chosenAtOnce: boolean;
}

/** Checks the answer; then shows the result, and goes on. */
function CheckRow({ question, checked, chosenAtOnce }: CheckRowProps) {
  if (chosenAtOnce && checked === null) return null;
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3">
      <Button key={String(checked === null)} type="submit" autoFocus={checked !== null} className="min-h-11 px-4">
        {checked === null ? QUIZ_WORDS.check : QUIZ_WORDS.next}
      </Button>
      <p role="status" aria-label="Verdict" className="text-[18px] font-semibold">
        {checked && verdictText(question, checked)}
      </p>
    </div>
  );
}

/** Lists the places shown on the board while it is asked. */
function askedPlaces(question: QuizQuestion): readonly QuizPlace[] {
  if ('place' in question) return [question.place];
  return question.kind === 'shift-interval' || question.kind === 'shift-target' ? [question.from] : [];
}

/** Lists the tones of a question, Hz. */
function tonesOf(question: QuizQuestion, instrument: Instrument): readonly number[] {
  const isShift = question.kind === 'shift-interval' || question.kind === 'shift-target';
  const pitches = isShift ? [question.from.pitch, question.to.pitch] : question.kind === 'key-interval' ? question.pitches : [];
  return pitches.map((pitch) => toneOf(pitch, instrument));
}
