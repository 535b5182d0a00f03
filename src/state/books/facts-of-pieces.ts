import { useState } from 'react';
import type { PieceOfBook } from '#core/books';
import { type Asked, engine, useAsked } from '../../engine/index.ts';
import type { PieceRecord } from '../../records/record.ts';
import { forgetFactsOfGone, keepFacts, loadFacts } from '../../storage/reading/index.ts';

/** The facts of some pieces, as they come. */
export interface FactsOfPieces {
  /** The facts of all of them, in their order. */
  readonly asked: Asked<readonly PieceOfBook[]>;
  /** The number of pieces that are read, while the others are not. */
  readonly done: number;
}

/** Gives the facts of pieces: those that are kept at once, the others planned one after the other, and kept. */
export function useFactsOfPieces(records: readonly PieceRecord[] | null): FactsOfPieces {
  const [done, setDone] = useState(0);
  const asked = useAsked({
    key: ['facts of pieces', ...(records ?? []).map((record) => `${record.id} ${nameState(record)}`)],
    ask: (signal) => factsOfPieces(records ?? [], signal, setDone),
    when: records !== null,
  });
  return { asked, done };
}

/**
 * Reads the facts of pieces. A disk that keeps nothing more is no obstacle: they are worked out again the next time.
 *
 * @throws `Unanswered` where the signal ends it, or the engine
 */
async function factsOfPieces(
  records: readonly PieceRecord[],
  signal: AbortSignal,
  onDone: (done: number) => void = () => undefined,
): Promise<readonly PieceOfBook[]> {
  const kept = new Map((await loadFacts(records.map(({ id }) => id)).catch(() => [])).map((facts) => [facts.id, facts]));
  const made: PieceOfBook[] = [];
  let hasWritten = false;
  for (const record of records) {
    const [before, from] = [kept.get(record.id), nameState(record)];
    if (before?.madeFrom === from) {
      made.push({ id: record.id, facts: before.facts });
      continue;
    }
    onDone(made.length);
    hasWritten = true;
    const facts = await engine.ask(record.document.brief, { kind: 'piece-facts' }, { signal });
    await keepFacts({ id: record.id, madeFrom: from, facts }).catch(() => undefined);
    made.push({ id: record.id, facts });
  }
  onDone(made.length);
  // Facts of pieces that are gone are looked for where some were written: then there may be too many.
  if (hasWritten) await forgetFactsOfGone().catch(() => undefined);
  return made;
}

/** Names the state of a piece and of the engine: facts that were made from another are made again. */
function nameState({ revision, updatedAt }: PieceRecord): string {
  return `${revision} ${updatedAt} ${import.meta.env?.CORE_HASH ?? ''}`;
}
