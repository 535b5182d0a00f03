import type { Brief, Lock } from '#core/brief';
import type { Reason, WhyNot } from '#core/explain';
import { finish } from '#core/result';
import { type Answer, answerTo, openSession, type Question, type QuestionKind } from '#core/session';
import { planBest } from '../briefs.ts';
import { reasonText, whyNotText } from '../../../src/words/explain/reasons.ts';

/** Gives the answer to a question about a brief, all steps at once. */
export function ask<Kind extends QuestionKind>(brief: Brief, question: Question<Kind> & { readonly kind: Kind }): Answer<Kind> {
  return finish(answerTo<Kind>(openSession(brief), question.kind, question));
}

/** A reason with its words, and its cost where that is known. */
export interface ToldReason extends Reason {
  readonly sentence: string;
  readonly deltaThousandths: number | null;
}

/** Writes the reasons of a brief that can be planned; of one note, or of everything unusual. */
export function toldReasons(brief: Brief, note: number | null = null): readonly ToldReason[] {
  const reasons = ask(brief, { kind: 'reasons', note });
  if (!reasons.ok) throw new Error(reasons.issues[0]?.message ?? 'The brief cannot be planned');
  const { strings } = planBest(brief);
  return reasons.value.map((reason) => ({
    ...reason,
    sentence: reasonText(reason, strings),
    deltaThousandths: reason.evidence && 'compared' in reason.evidence ? reason.evidence.compared.deltaThousandths : null,
  }));
}

/** Writes why not another finger or string; null where the brief has no plan. */
export function toldWhyNot(brief: Brief, wish: Lock): (WhyNot & { readonly sentence: string }) | null {
  const why = ask(brief, { kind: 'why-not', wish });
  return why && { ...why, sentence: whyNotText(why) };
}
