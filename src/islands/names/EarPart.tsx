import { useMemo, useState } from 'react';
import type { Brief } from '#core/brief';
import { earAfter, type QuizChoice } from '#core/quiz';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { earText, QUIZ_WORDS } from '../../words/names/quiz.ts';
import { TAP } from './NameKeys.tsx';
import { QuestionsPart } from './QuestionsPart.tsx';
import { playTones } from './tones.ts';
import type { Answers } from './use-answers.ts';

interface EarPartProps {
  readonly brief: Brief;
  readonly choice: QuizChoice;
  readonly answers: Answers;
  readonly clock: boolean;
}

/** Asks the ear: which of two notes is higher, narrowing; and the intervals of the key. */
export function EarPart({ brief, choice, answers, clock }: EarPartProps) {
  const intervals = useMemo((): QuizChoice => ({ ...choice, kinds: ['key-interval'] }), [choice]);
  return (
    <div className="grid gap-x-10 gap-y-4 lg:grid-cols-2">
      <section aria-label="Higher or lower">
        <Heading>{QUIZ_WORDS.higherQuestion}</Heading>
        <Higher answers={answers} />
      </section>
      <section aria-label="Intervals of the key">
        <Heading>Intervals of the key</Heading>
        <QuestionsPart brief={brief} choice={intervals} answers={answers} clock={clock} />
      </section>
    </div>
  );
}

/** Two tones that are asked: the first at a pitch near A4, the second a number of cents higher or lower. */
interface Pair {
  readonly hz: readonly [number, number];
  readonly higher: boolean;
}

/** The frequency around which tones lie, about A4, Hz. */
const MIDDLE_HZ = 440;

/** The largest distance of the first tone from it, semitones either way, so that no pitch is learnt by heart. */
const SPREAD = 5;

function newPair(cents: number): Pair {
  const first = MIDDLE_HZ * 2 ** ((Math.random() * 2 - 1) * (SPREAD / 12));
  const higher = Math.random() < 0.5;
  return { hz: [first, first * 2 ** ((higher ? cents : -cents) / 1200)], higher };
}

function Higher({ answers }: Pick<EarPartProps, 'answers'>) {
  const { next, tolerance } = useMemo(() => earAfter(answers.history ?? []), [answers.history]);
  const [asked, setAsked] = useState<(Pair & { readonly id: string; readonly cents: number }) | null>(null);
  const [verdict, setVerdict] = useState('');
  const play = (): void => {
    const pair = asked ?? { ...newPair(next.cents), ...next };
    setAsked(pair);
    setVerdict('');
    void playTones(pair.hz);
  };
  const answer = (higher: boolean): void => {
    if (!asked) return;
    const right = higher === asked.higher;
    answers.add({ question: asked.id, given: [higher ? 'higher' : 'lower'], right, seconds: null });
    setVerdict(`${right ? 'Right' : 'No'}: it was ${asked.cents} cents ${asked.higher ? 'higher' : 'lower'}.`);
    setAsked(null);
  };
  return (
    <>
      <div className="mt-2 flex flex-wrap gap-1.5">
        <Button className={TAP} onClick={play}>
          {asked ? 'Hear them again' : 'Hear two notes'}
        </Button>
        <Button className={TAP} disabled={!asked} onClick={() => answer(true)}>
          Higher
        </Button>
        <Button className={TAP} disabled={!asked} onClick={() => answer(false)}>
          Lower
        </Button>
      </div>
      <p role="status" aria-label="Ear" className="mt-2 min-h-6">
        {verdict}
      </p>
      <p className="text-dove-dark">
        {earText(tolerance)} {QUIZ_WORDS.earTires}
      </p>
    </>
  );
}
