import { useEffect } from 'react';
import { parseAsInteger, parseAsString, parseAsStringLiteral } from 'nuqs';
import { STAGES } from '#core/drill/apart';
import type { PracticeItem, PracticePart } from '#core/practice/item';
import type { PieceRecord, PlayerRecord } from '../../records/record.ts';
import { NAMED_AT_OPENING, teach, useTaught } from '../../state/taught.ts';
import { newItem } from '../../state/practice/index.ts';

/**
 * The fields of the address with which another page sends something to practise: a piece (`add`), some notes of it or a stage of a shift.
 */
export const BROUGHT = {
  add: parseAsString,
  from: parseAsInteger,
  to: parseAsInteger,
  note: parseAsInteger,
  stage: parseAsStringLiteral(STAGES),
};

/** The fields once the sent item is added. */
export const NOTHING_BROUGHT = { add: null, from: null, to: null, note: null, stage: null } as const;

interface Brought {
  readonly from: number | null;
  readonly to: number | null;
  readonly note: number | null;
  readonly stage: (typeof STAGES)[number] | null;
}

/**
 * Gives the player for whom something was sent: the one whom the link names, else the player of the piece; and the player who is taught
 * where nothing was sent, or a piece for nobody. Null is nobody of the studio; undefined until the player of the piece is taught.
 */
export function usePlayerFor(players: readonly PlayerRecord[], sent: PieceRecord | undefined): PlayerRecord | null | undefined {
  const taught = useTaught(players);
  const whose = sent && NAMED_AT_OPENING === null ? sent.playerId : null;
  const isOther = whose !== null && whose !== taught?.id && players.some(({ id }) => id === whose);
  useEffect(() => {
    if (isOther) teach(whose);
  }, [isOther, whose]);
  return isOther ? undefined : taught;
}

/** Lists the pieces that a player can practise: their own, then those for nobody. */
export function piecesFor(pieces: readonly PieceRecord[], player: PlayerRecord | null): readonly PieceRecord[] {
  const own = player === null ? [] : pieces.filter(({ playerId }) => playerId === player.id);
  return [...own, ...pieces.filter(({ playerId }) => playerId === null)];
}

/** Turns what was sent into an item. */
export function broughtItem(piece: PieceRecord, brought: Brought): PracticeItem {
  return newItem(piece, partOf(brought));
}

/** Reads the part of a piece from the address. */
function partOf({ from, to, note, stage }: Brought): PracticePart {
  if (note !== null && stage !== null) return { part: 'stage', note, stage };
  return from !== null && to !== null ? { part: 'passage', from, to } : { part: 'whole' };
}
