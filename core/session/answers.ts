import { placesOfNote, positionMaps, scalesHere } from '#core/atlas';
import { passageOf } from '#core/books';
import { waysInClass } from '#core/class-score';
import { aboutPath } from '#core/drill/hot-spots';
import { drillFor } from '#core/drill';
import { coverShifts } from '#core/drill/cover';
import { isPlayedAsAsked, NO_FACTS, openingDrill, pieceFacts } from '#core/drill/finder';
import { takeApart } from '#core/drill/apart';
import { writeDrill } from '#core/drill/families';
import { effectsOf, reasonsOf, type Through, throughOf, whatChanged, whyNot } from '#core/explain';
import { fingerAgain, onEverySize } from '#core/fit/sizes';
import { rangeInKey, waysToPlay } from '#core/fit';
import { readGiven } from '#core/given';
import { habitsOf } from '#core/habits';
import { otherFingerings, relax } from '#core/plan';
import { parsePitch } from '#core/pitch';
import { quizOf } from '#core/quiz';
import { goodReading, type Steps } from '#core/result';
import { solvedOrWhy } from '#core/solve';
import type { Answer, Question, QuestionKind } from './questions.ts';
import type { Session } from './session.ts';

/** Wraps work of a single step. */
function* atOnce<Value>(work: () => Value): Steps<Value> {
  yield;
  return work();
}

type Answers = { readonly [Kind in QuestionKind]: (session: Session, question: Question<Kind>) => Steps<Answer<Kind>> };

const ANSWERS: Answers = {
  *plan(session) {
    const best = session.best();
    if (best) return { ok: true, value: { best, alternatives: [] } };
    const tried = session.attempt();
    const solved = solvedOrWhy(tried);
    const issues = solved.ok ? [] : solved.issues;
    return { ok: false, issues, relaxed: yield* relax(session.brief, issues, tried) };
  },
  *alternatives(session, { most }) {
    const tried = session.attempt();
    const best = session.best();
    return tried.kind === 'solved' && best ? yield* otherFingerings(tried.solved, best, most) : [];
  },
  habits: (_, { instrument, lines }) => habitsOf(instrument, lines),
  given: ({ brief }) => readGiven(brief),
  'shift-cover': ({ brief }, { pieces, kept, mostSeconds }) => {
    const end = Date.now() + 1000 * mostSeconds;
    return coverShifts(drillFor(brief), { pieces, kept }, () => Date.now() > end);
  },
  ways: (session, { note }) =>
    atOnce(() => {
      const task = session.task();
      return task.ok ? goodReading(waysToPlay(task.value, note)) : task;
    }),
  *reasons(session, { note }) {
    const through = throughOfSession(session);
    if (through) return goodReading(yield* reasonsOf(through, note));
    const solved = solvedOrWhy(session.attempt());
    return solved.ok ? goodReading([]) : solved;
  },
  'why-not': (session, { wish }) =>
    atOnce(() => {
      const tried = session.attempt();
      return tried.kind === 'solved' ? whyNot(session.brief, tried.solved, wish) : null;
    }),
  'about-path': (session, { mostHotSpots, known }) =>
    atOnce(() => {
      const best = session.best();
      return best ? aboutPath(best, mostHotSpots, known) : { ringing: new Map(), hotSpots: [] };
    }),
  'shift-apart': (session, { note }) =>
    atOnce(() => {
      const best = session.best();
      return best ? takeApart(best, note) : null;
    }),
  'piece-facts': (session) =>
    atOnce(() => {
      const best = session.best();
      return best ? pieceFacts(best) : NO_FACTS;
    }),
  passage: ({ brief }, asked) => atOnce(() => passageOf(brief, asked)),
  drill: (session, { request }) => atOnce(() => writeDrill(drillFor(session.brief), request)),
  'opening-drill': (session, { request }) => atOnce(() => openingDrill(drillFor(session.brief), request)),
  *'drills-played'(session, { requests }) {
    const player = drillFor(session.brief);
    const played: boolean[] = [];
    for (const request of requests) {
      yield;
      played.push(isPlayedAsAsked(player, request));
    }
    return played;
  },
  'in-class': ({ brief }, asked) => waysInClass(brief, asked),
  atlas: (session, { key }) => atOnce(() => positionMaps(drillFor(session.brief), key)),
  'scales-here': (session, { position, type }) => atOnce(() => scalesHere(drillFor(session.brief), position, type)),
  'note-places': (session, { key, pitch }) =>
    atOnce(() => {
      const read = parsePitch(pitch);
      return read.ok ? placesOfNote(drillFor(session.brief), key, read.value) : [];
    }),
  quiz: (session, { choice }) => atOnce(() => quizOf(drillFor(session.brief), choice)),
  range: (session) => atOnce(() => rangeInKey(session.brief)),
  *effects(session) {
    const best = session.best();
    return best ? yield* effectsOf(session.brief, best) : [];
  },
  *sizes(session, { hand }) {
    const best = session.best();
    return best ? yield* onEverySize(best, hand) : null;
  },
  'what-if': (session, { hand, size }) =>
    atOnce(() => {
      const best = session.best();
      return best ? fingerAgain(best, hand, size) : null;
    }),
  *'what-changed'(session, { before }) {
    return yield* whatChanged(before, session.brief);
  },
};

/** The sums of solved lines, made with the first question that asks for them. They live as long as their session does. */
const SUMS = new WeakMap<Session, Through>();

/** Gives the sums of the session's line, for "what would it cost if"; null where it is not solved. */
function throughOfSession(session: Session): Through | null {
  const tried = session.attempt();
  if (tried.kind !== 'solved') return null;
  const through = SUMS.get(session) ?? throughOf(tried.solved);
  SUMS.set(session, through);
  return through;
}

/** Answers a question about the brief of a session, step by step. */
export function answerTo<Kind extends QuestionKind>(session: Session, kind: Kind, question: Question<Kind>): Steps<Answer<Kind>> {
  return ANSWERS[kind](session, question);
}
