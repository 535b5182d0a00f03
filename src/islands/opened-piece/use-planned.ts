import { issuesText } from '#core/messages';
import type { Plan } from '#core/plan/describe';
import { answerOf, type Asked, engine, useAsked } from '../../engine/index.ts';
import type { PieceRecord } from '../../records/record.ts';
import { PIECE, useStored } from '../../state/reading/index.ts';
import { NO_PIECE } from '../../words/kept/storage.ts';

/** A piece with its plan and its player. */
export interface PlannedPiece {
  /** The id of the piece. */
  readonly id: string;
  readonly name: string;
  readonly plan: Plan;
  /** The id of its player; null for a piece that belongs to nobody. */
  readonly playerId: string | null;
}

/** Gives the piece of an id with its plan, as it is now; a sentence where there is none. */
export function usePlanned(id: string | null): Asked<PlannedPiece | string> {
  const kept = useStored(PIECE, id);
  const record = answerOf(kept);
  const planned = useAsked({
    key: ['planned', record?.id, record?.revision],
    ask: (signal) => planRecord(record, signal),
    when: kept.state === 'answered',
  });
  return kept.state === 'failed' ? kept : planned;
}

async function planRecord(record: PieceRecord | null, signal: AbortSignal): Promise<PlannedPiece | string> {
  if (!record) return NO_PIECE;
  const { id, document, playerId } = record;
  const outcome = await engine.ask(document.brief, { kind: 'plan' }, { signal });
  return outcome.ok ? { id, name: document.name, plan: outcome.value.best, playerId } : issuesText(outcome.issues);
}
