import { expose } from 'comlink';
import type { Steps } from '#core/result';
import { type Answer, openSession, type QuestionKind, type Session } from '#core/session';
import { anotherTask } from './another-task.ts';
import type { Answering, Engine, LaidOut, Ticket } from './protocol.ts';
import { DROPPED, StepQueue } from './queue.ts';

/** The ranks of questions: the plan first, then those about one note, then those that are looked up. */
const RANKS: Readonly<Record<QuestionKind, number>> = {
  plan: 0,
  ways: 1,
  'about-path': 1,
  'shift-apart': 1,
  reasons: 2,
  'why-not': 2,
  drill: 2,
  'opening-drill': 2,
  'drills-played': 4,
  'piece-facts': 3,
  passage: 3,
  'shift-cover': 4,
  'in-class': 3,
  atlas: 1,
  'note-places': 1,
  'scales-here': 2,
  quiz: 1,
  range: 3,
  alternatives: 3,
  given: 3,
  habits: 4,
  'what-if': 2,
  sizes: 4,
  'what-changed': 4,
  effects: 4,
};

const sessions = new Map<number, Session>();
/**
 * The time after a plan was asked for in which nothing else is begun, ms, so that a teacher who changes the brief repeatedly is not kept
 * waiting.
 */
const QUIET_MS = 120;

const queue = new StepQueue(anotherTask, QUIET_MS);

/** The calls under way, by number; a cancelled one is not among them. */
const underWay = new Set<number>();

/** Loads the answers with the first question: most briefs need the plan alone. */
const loadAnswers = () => import('./answers.ts');

/**
 * Gives the session that a ticket names.
 *
 * @throws for one that was closed or never opened
 */
function sessionOf({ session }: Ticket): Session {
  const open = sessions.get(session);
  if (!open) throw new RangeError(`There is no session ${session}: it was closed, or never opened`);
  return open;
}

/** Makes the function that answers a kind of question. */
function answering<Kind extends QuestionKind>(kind: Kind): Answering<Kind> {
  return (ticket, question) =>
    whileUnderWay(ticket, async () => {
      const session = sessionOf(ticket);
      const { answerTo } = await loadAnswers();
      return await inTurn(ticket, kind, answerTo<Kind>(session, kind, question));
    });
}

/** The plan itself needs nothing that must be loaded; the reason why there is none does. */
const plan: Answering<'plan'> = (ticket, question) =>
  whileUnderWay(ticket, async () => {
    const session = sessionOf(ticket);
    const best = await inTurn(ticket, 'plan', bestOf(ticket, session));
    if (best === null) return null;
    if (best.answer !== 'none') return { answer: best.answer };
    const { answerTo } = await loadAnswers();
    return await inTurn(ticket, 'plan', answerTo(session, 'plan', question));
  });

function* bestOf({ number }: Ticket, session: Session): Steps<Answer<'plan'> | 'none'> {
  yield;
  session.attempt((share) => postMessage({ call: number, share } satisfies LaidOut));
  const best = session.best();
  return best ? { ok: true, value: { best, alternatives: [] } } : 'none';
}

async function whileUnderWay<Value>({ number }: Ticket, work: () => Promise<Value>): Promise<Value> {
  underWay.add(number);
  try {
    return await work();
  } finally {
    underWay.delete(number);
  }
}

/** Takes the steps when their turn comes; null for a call that was cancelled, even while it waited for its code to load. */
async function inTurn<Value>({ number }: Ticket, kind: QuestionKind, steps: Steps<Value>): Promise<{ readonly answer: Value } | null> {
  if (!underWay.has(number)) return null;
  const answer = await queue.add(number, RANKS[kind], steps);
  return answer === DROPPED ? null : { answer };
}

function cancel(number: number): void {
  underWay.delete(number);
  queue.drop(number);
}

const engine: Engine = {
  open: (session, brief) => void sessions.set(session, openSession(brief)),
  close: (session) => void sessions.delete(session),
  cancel,
  answers: () => undefined,
  plan,
  alternatives: answering('alternatives'),
  given: answering('given'),
  habits: answering('habits'),
  ways: answering('ways'),
  reasons: answering('reasons'),
  'why-not': answering('why-not'),
  'about-path': answering('about-path'),
  'shift-apart': answering('shift-apart'),
  'piece-facts': answering('piece-facts'),
  passage: answering('passage'),
  'shift-cover': answering('shift-cover'),
  'in-class': answering('in-class'),
  drill: answering('drill'),
  'opening-drill': answering('opening-drill'),
  'drills-played': answering('drills-played'),
  atlas: answering('atlas'),
  'note-places': answering('note-places'),
  'scales-here': answering('scales-here'),
  quiz: answering('quiz'),
  range: answering('range'),
  effects: answering('effects'),
  sizes: answering('sizes'),
  'what-if': answering('what-if'),
  'what-changed': answering('what-changed'),
};
expose(engine);
