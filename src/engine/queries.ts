import type { Brief } from '#core/brief';
import type { Answer, QuestionKind } from '#core/session';
import { type Asked, useAsked } from './asked.ts';
import { engine, type QuestionOf } from './client.ts';

/** The time after which unused answers are forgotten, ms; they stay true as long as their brief is the same. */
const KEPT_MS = 30_000;

/** Asks the engine about a brief in a component; the answer belongs to this brief and this question. */
export function useEngine<Kind extends QuestionKind>(brief: Brief, question: QuestionOf<Kind>, when = true): Asked<Answer<Kind>> {
  return useAsked({
    key: [engine.sessionOf(brief), question],
    ask: (signal) => engine.ask(brief, question, { signal }),
    when,
    keptMs: KEPT_MS,
  });
}
