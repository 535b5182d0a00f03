import { useMemo } from 'react';
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
  const brief = record?.document.brief ?? null;
  // A piece whose name or sheet is changed keeps its plan.
  const text = useMemo(() => (brief === null ? '' : JSON.stringify(brief)), [brief]);
  const planned = useAsked({
    key: ['planned', record?.id, text],
    ask: (signal) => planRecord(record, signal),
    when: kept.state === 'answered',
  });
  if (kept.state === 'failed') return kept;
  if (planned.state !== 'answered' || typeof planned.value === 'string' || !record) return planned;
  const { id: pieceId, document, playerId } = record;
  return { state: 'answered', value: { ...planned.value, id: pieceId, name: document.name, playerId } };
}

async function planRecord(record: PieceRecord | null, signal: AbortSignal): Promise<PlannedPiece | string> {
  if (!record) return NO_PIECE;
  const { id, document, playerId } = record;
  const outcome = await engine.ask(document.brief, { kind: 'plan' }, { signal });
  return outcome.ok ? { id, name: document.name, plan: outcome.value.best, playerId } : issuesText(outcome.issues);
}
