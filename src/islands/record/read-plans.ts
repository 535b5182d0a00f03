import type { Plan } from '#core/plan/describe';
import { engine } from '../../engine/index.ts';
import { PIECE, readStored } from '../../state/reading/index.ts';

/** Plans pieces by their ids; those that are gone, or that no hand plays, are left out. */
export async function readPlans(pieces: Iterable<string>, signal: AbortSignal): Promise<ReadonlyMap<string, Plan>> {
  const plans = new Map<string, Plan>();
  for (const id of pieces) {
    const record = await readStored(PIECE, id);
    const outcome = record && (await engine.plan(record.document.brief, { signal }));
    if (outcome?.ok) plans.set(id, outcome.value.best);
  }
  return plans;
}
