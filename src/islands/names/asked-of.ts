import type { Brief } from '#core/brief';
import type { InstrumentSpec } from '#core/instrument';
import type { QuizChoice } from '#core/quiz';
import { engine } from '../../engine/index.ts';
import type { PlayerRecord } from '../../records/record.ts';
import { profileOf } from '../../records/for-briefs.ts';
import { PIECES, readStored } from '../../state/reading/index.ts';

/** The number of a player's pieces that are looked through, those changed last. */
const LOOKED_THROUGH = 8;

/** Makes a brief without notes: the player, the instrument, and the key. */
export function briefFor(player: PlayerRecord | null, instrument: InstrumentSpec, key: string): Brief {
  const { player: profile } = player ? profileOf(player.document) : {};
  const isSame = profile !== undefined;
  return { instrument, ...(isSame ? { player: profile } : {}), material: { kind: 'line', key, notes: [] } };
}

/**
 * Lists the keys and positions of a player's own pieces on an instrument, those of the newest pieces first; empty where nothing is
 * fingered.
 */
export async function ownParts(playerId: string | null, { kind }: InstrumentSpec, signal: AbortSignal): Promise<QuizChoice['parts']> {
  if (playerId === null) return [];
  const { records } = await readStored(PIECES);
  const own = records.filter((record) => record.playerId === playerId && record.document.brief.instrument.kind === kind);
  const found: { readonly key: string; readonly position: string; readonly own: boolean }[] = [];
  for (const { document } of own.toSorted((one, other) => other.updatedAt - one.updatedAt).slice(0, LOOKED_THROUGH)) {
    const { keyed } = await engine.ask(document.brief, { kind: 'piece-facts' }, { signal });
    found.push(...keyed.map((fact) => ({ ...fact, own: true })));
  }
  return [...new Map(found.map((fact) => [`${fact.key} ${fact.position}`, fact])).values()];
}
