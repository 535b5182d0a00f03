import type { Brief } from '#core/brief';
import { wishOf } from '#core/brief/locks';
import { hotSpotsOf } from '#core/drill/hot-spots';
import type { Reason } from '#core/explain';
import { checkpointsOf, intonedStops, ringingNotes } from '#core/fit/intoned';
import { handOfPlan, fitOf, onEverySize } from '#core/fit/sizes';
import type { WayToPlay } from '#core/fit';
import { plan, type PlanOutcome } from '#core/plan';
import type { Plan } from '#core/plan/describe';
import { finish } from '#core/result';
import { answerTo, openSession, type Session } from '#core/session';
import { reasonText, whyNotText } from '../../src/words/explain/reasons.ts';

/** Collects all that the engine says of a brief, as plain data. */
export function aboutOf(brief: Brief): Readonly<Record<string, unknown>> {
  const outcome = plan(brief, { alternatives: 6 });
  if (!outcome.ok) return refusal(outcome);
  const { best, alternatives } = outcome.value;
  const session = openSession(brief);
  const hand = handOfPlan(best).hand;
  return {
    best,
    alternatives,
    intoned: best.notes.map((note) => (note.kind === 'rest' ? null : intonedStops(best, note))),
    checks: checkpointsOf(best),
    ringing: [...ringingNotes(best)],
    hotSpots: hotSpotsOf(best),
    fit: fitOf(best, hand),
    sizes: finish(onEverySize(best, hand)).sizes.map(({ size, fit }) => [size, fit.verdict]),
    effects: finish(answerTo(session, 'effects', { kind: 'effects' })).toSorted((one, other) =>
      compareNames(one.asked.name, other.asked.name),
    ),
    ...answers(session),
  };
}

/** Compares by name, since the order of the rows belongs to the screen. */
function compareNames(one: string, other: string): number {
  return one < other ? -1 : one > other ? 1 : 0;
}

/** Gives the reasons why there is no plan, and the plan that the smallest change gives. */
function refusal(outcome: Extract<PlanOutcome, { ok: false }>): Readonly<Record<string, unknown>> {
  return {
    issues: outcome.issues.map(({ where, message, hint }) => ({ where, message, hint })),
    relaxed: outcome.relaxed,
  };
}

/** Gives the reasons, the ways to play the first notes, and why not the other ways. */
function answers(session: Session): Readonly<Record<string, unknown>> {
  const reasons = finish(answerTo(session, 'reasons', { kind: 'reasons', note: null }));
  const ways = [0, 1, 2, 3]
    .map((note) => finish(answerTo(session, 'ways', { kind: 'ways', note })))
    .slice(0, session.best()?.notes.length ?? 0);
  return {
    reasons: reasons.ok ? reasons.value.map((reason) => reasonData(reason, session.best()?.strings ?? [])) : reasons,
    ways,
    whys: ways.flatMap((value, note) => (value.ok ? value.value.slice(0, 2).map((way) => whyNotData(session, note, way)) : [])),
  };
}

function whyNotData(session: Session, note: number, way: WayToPlay): Readonly<Record<string, unknown>> | null {
  const why = finish(answerTo(session, 'why-not', { kind: 'why-not', wish: wishOf(note, way) }));
  return why && { kind: why.kind, sentence: whyNotText(why), delta: why.kind === 'costs' ? why.deltaThousandths : null };
}

function reasonData(reason: Reason, strings: Plan['strings']): Readonly<Record<string, unknown>> {
  const { about, note, evidence } = reason;
  const compared = evidence && 'compared' in evidence ? evidence.compared.deltaThousandths : null;
  return { about, note, evidence: evidence?.kind ?? null, deltaThousandths: compared, sentence: reasonText(reason, strings) };
}
