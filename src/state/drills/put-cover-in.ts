import type { Brief } from '#core/brief';
import type { CoveringDrill } from '#core/drill/cover';
import { engine } from '../../engine/index.ts';
import { workStore } from '../bench/index.ts';
import { PIECES, readStored } from '../reading/index.ts';
import { studioStore } from '../studio.ts';
import { keepDrill } from './keep-drill.ts';

/**
 * Puts the drills of a cover into the week of the player on the bench: those that are only written are kept as pieces first. Gives the
 * address of the week.
 *
 * @throws a sentence where there is no room, or where one could not be kept
 */
export async function putCoverInWeek(brief: Brief, drills: readonly CoveringDrill[]): Promise<string> {
  const { addTo } = await import('../practice/put-in.ts');
  const { playerId } = workStore.getState();
  const name = studioStore.getState().players.find(({ id }) => id === playerId)?.document.name ?? '';
  let href = `/practise/week?player=${playerId ?? 'nobody'}`;
  for (const drill of drills) {
    const record = await pieceOf(brief, drill);
    if (record) ({ href } = await addTo('week', record, { part: 'whole' }, { playerId, name }));
  }
  return href;
}

/** Gives the piece as which a drill is kept; it is written and kept where it is not. Null where it is gone, or not played. */
async function pieceOf(brief: Brief, drill: CoveringDrill) {
  switch (drill.kind) {
    case 'kept':
      return (await readStored(PIECES)).records.find(({ id }) => id === drill.piece) ?? null;
    case 'made': {
      const written = await engine.ask(brief, { kind: 'drill', request: drill.request });
      return written.ok ? await keepDrill({ brief: written.value.brief, request: drill.request, note: null }) : null;
    }
  }
}
