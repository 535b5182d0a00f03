import { useMemo, useState } from 'react';
import type { Brief } from '#core/brief';
import { FINGERS } from '#core/hand/placement';
import { type GivenAnswer, confusionsIn, nextQuestion, type QuizChoice, type Quizzed } from '#core/quiz';
import { useEngine } from '../../engine/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Answered } from '../../ui/states/index.ts';
import { confusionText, QUIZ_WORDS } from '../../words/names/quiz.ts';
import { instrumentLike } from '../parts/index.ts';
import { QuestionForm } from './QuestionForm.tsx';
import type { Answers } from './use-answers.ts';

interface QuestionsPartProps {
  readonly brief: Brief;
  readonly choice: QuizChoice;
  readonly answers: Answers;
  readonly clock: boolean;
}

/** Asks questions one after the other: those due, those confused, new ones. */
export function QuestionsPart({ brief, choice, answers, clock }: QuestionsPartProps) {
  const asked = useEngine(brief, { kind: 'quiz', choice });
  return (
    <Answered asked={asked} waiting={QUIZ_WORDS.waiting}>
      {(pool) => (pool.length === 0 ? <p className="mt-3">{QUIZ_WORDS.nothingToAsk}</p> : <Asked {...{ pool, brief, answers, clock }} />)}
    </Answered>
  );
}

type AskedProps = Omit<QuestionsPartProps, 'choice'> & { readonly pool: readonly Quizzed[] };

function Asked(props: AskedProps) {
  const { history } = props.answers;
  return history === null ? <p className="mt-3">{QUIZ_WORDS.waiting}</p> : <InTurn {...props} history={history} />;
}

/** The answers at the moment a question was asked for, with that moment. */
interface Moment {
  readonly history: readonly GivenAnswer[];
  readonly now: number;
}

/** Keeps a question until the next is asked for, whatever is answered meanwhile. */
function InTurn({ pool, brief, answers, clock, history }: AskedProps & { readonly history: readonly GivenAnswer[] }) {
  const instrument = useMemo(() => instrumentLike(brief.instrument), [brief]);
  const [beyond, setBeyond] = useState(false);
  const [moment, setMoment] = useState<Moment>(() => ({ history, now: Date.now() }));
  const next = useMemo(
    () => nextQuestion(pool, { ...moment, today: new Date(moment.now).setHours(0, 0, 0, 0), beyond }),
    [pool, moment, beyond],
  );
  const fingers = useMemo(() => {
    const used = new Set(pool.flatMap(({ shown }) => shown.map(({ finger }) => finger)));
    return FINGERS.filter((finger) => used.has(finger));
  }, [pool]);
  return (
    <>
      {next ? (
        <QuestionForm
          key={`${moment.now} ${next.question.id}`}
          next={next}
          instrument={instrument}
          fingers={fingers}
          clock={clock}
          onAnswer={answers.add}
          onNext={() => setMoment({ history, now: Date.now() })}
        />
      ) : (
        <div className="mt-4">
          <p className="font-serif text-[22px]">{QUIZ_WORDS.done}</p>
          <Button className="mt-2" onClick={() => setBeyond(true)}>
            {QUIZ_WORDS.goOn}
          </Button>
        </div>
      )}
      <Confusions pool={pool} answers={answers} />
    </>
  );
}

/** Lists confusions, the most frequent first. */
function Confusions({ pool, answers }: Pick<AskedProps, 'pool' | 'answers'>) {
  const byId = useMemo(() => new Map(pool.map((question) => [question.id, question])), [pool]);
  const confusions = useMemo(() => confusionsIn(byId, answers.history ?? []), [byId, answers.history]);
  if (confusions.length === 0) return null;
  return (
    <section aria-label={QUIZ_WORDS.mixedUp} className="mt-4">
      <Heading>{QUIZ_WORDS.mixedUp}</Heading>
      <ul className="text-[15px]">
        {confusions.slice(0, 8).map((confusion) => (
          <li key={confusion.questions.map(({ id }) => id).join()}>{confusionText(confusion)}</li>
        ))}
      </ul>
    </section>
  );
}
