import { issuesText } from '#core/messages';
import type { Plan } from '#core/plan/describe';
import { engine } from '../engine/client.ts';
import { readyToRead } from '../storage/first-start.ts';
import { loadPiece } from '../storage/piece-list.ts';
import { NO_PIECE } from '../words/kept/storage.ts';

/** A piece with its plan, and whose it is. */
export interface PlannedPiece {
  readonly id: string;
  readonly name: string;
  readonly plan: Plan;
  readonly playerId: string | null;
}

/** The piece of an id with its plan; a sentence where there is none. */
export async function loadPlanned(id: string | null, signal: AbortSignal): Promise<PlannedPiece | string> {
  await readyToRead();
  const record = id === null ? null : await loadPiece(id);
  if (!record) return NO_PIECE;
  const { document, playerId } = record;
  const outcome = await engine.ask(document.brief, { kind: 'plan' }, { signal });
  if (!outcome.ok) return issuesText(outcome.issues);
  return { id: record.id, name: document.name, plan: outcome.value.best, playerId };
}
