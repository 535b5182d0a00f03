import { useEffect, useMemo } from 'react';
import { parseAsInteger, parseAsString, parseAsStringLiteral, useQueryStates } from 'nuqs';
import { STAGES } from '#core/drill/apart';
import type { PracticeItem, PracticePart } from '#core/practice/item';
import type { PieceRecord, PlayerRecord } from '../../records/record.ts';
import { NAMED_AT_OPENING, teach, useTaught } from '../../state/taught.ts';
import { answerOf, type Asked } from '../../engine/index.ts';
import { newItem } from '../../state/practice/index.ts';
import { type PieceList, PIECES, useStored } from '../../state/reading/index.ts';
import { useTellerOf } from '../../state/note-places.ts';
import type { TellNote } from '../../words/line/note-places.ts';

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

/** The player of a page of practice, with the pieces. */
interface PlayerWithPieces {
  /** Null is nobody of the studio. */
  readonly player: PlayerRecord | null;
  /** The reading of the pieces: they come after the player, and the page waits for them where it shows them. */
  readonly read: Asked<PieceList>;
  /** The pieces that the player can practise; none until they are read. */
  readonly pieces: readonly PieceRecord[];
  /** The item that another page has sent. */
  readonly brought: PracticeItem | null;
  readonly tell: TellNote;
}

/**
 * Gives the player of a page of practice at once, and reads the pieces meanwhile; null as long as it is not known for whom something was
 * sent.
 */
export function usePlayerWithPieces(players: readonly PlayerRecord[]): PlayerWithPieces | null {
  const [address] = useQueryStates(BROUGHT);
  const read = useStored(PIECES);
  const pieces = answerOf(read)?.records ?? NO_PIECES;
  const tell = useTellerOf(pieces);
  const sent = pieces.find(({ id }) => id === address.add);
  const player = usePlayerFor(players, sent);
  const playable = useMemo(() => piecesFor(pieces, player ?? null), [pieces, player]);
  const isAwaited = address.add !== null && read.state === 'waiting';
  if (player === undefined || isAwaited) return null;
  return { player, read, pieces: playable, brought: sent ? broughtItem(sent, address) : null, tell };
}

const NO_PIECES: readonly PieceRecord[] = [];

/**
 * Gives the player for whom something was sent: the one whom the link names, else the player of the piece; and the player who is taught
 * where nothing was sent, or a piece for nobody. Null is nobody of the studio; undefined until the player of the piece is taught.
 */
function usePlayerFor(players: readonly PlayerRecord[], sent: PieceRecord | undefined): PlayerRecord | null | undefined {
  const taught = useTaught(players);
  const whose = sent && NAMED_AT_OPENING === null ? sent.playerId : null;
  const isOther = whose !== null && whose !== taught?.id && players.some(({ id }) => id === whose);
  useEffect(() => {
    if (isOther) teach(whose);
  }, [isOther, whose]);
  return isOther ? undefined : taught;
}

/** Lists the pieces that a player can practise: their own, then those for nobody. */
function piecesFor(pieces: readonly PieceRecord[], player: PlayerRecord | null): readonly PieceRecord[] {
  const own = player === null ? [] : pieces.filter(({ playerId }) => playerId === player.id);
  return [...own, ...pieces.filter(({ playerId }) => playerId === null)];
}

/** Turns what was sent into an item. */
function broughtItem(piece: PieceRecord, brought: Brought): PracticeItem {
  return newItem(piece, partOf(brought));
}

/** Reads the part of a piece from the address. */
function partOf({ from, to, note, stage }: Brought): PracticePart {
  if (note !== null && stage !== null) return { part: 'stage', note, stage };
  return from !== null && to !== null ? { part: 'passage', from, to } : { part: 'whole' };
}
