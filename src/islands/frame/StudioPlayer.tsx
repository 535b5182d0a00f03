import { useEffect } from 'react';
import { answerOf } from '../../engine/index.ts';
import type { PlayerRecord } from '../../records/record.ts';
import { EMPTY_STUDIO } from '../../records/studio.ts';
import { lastPieceOf } from '../../state/last-piece.ts';
import { PIECE, storedOr, STUDIO, useStored } from '../../state/reading/index.ts';
import { teach, teachFirst, teachHere, useTaught } from '../../state/taught.ts';
import { TaughtPlayer } from './TaughtPlayer.tsx';

interface StudioPlayerProps {
  /** The id of the piece in hand, whose player is taught; null for none. */
  readonly pieceId: string | null;
}

/** Chooses in the head of a page who is taught: the player of the piece in hand, else the first of the studio until another is chosen. */
export function StudioPlayer({ pieceId }: StudioPlayerProps) {
  const studio = storedOr(useStored(STUDIO), EMPTY_STUDIO);
  const asked = useStored(PIECE, pieceId);
  if (!studio || studio.players.length === 0 || asked.state === 'waiting') return null;
  return <Among players={studio.players} pieceId={pieceId} ofPiece={answerOf(asked)?.playerId ?? null} />;
}

interface AmongProps extends StudioPlayerProps {
  readonly players: readonly PlayerRecord[];
  /** The id of the player of the piece; null for nobody, and without a piece. */
  readonly ofPiece: string | null;
}

function Among({ players, pieceId, ofPiece }: AmongProps) {
  const player = useTaught(players);
  useEffect(() => {
    if (ofPiece !== null) teach(ofPiece);
    else teachFirst(players);
  }, [players, ofPiece]);
  const choose = (id: string | null): void => {
    if (pieceId === null || ofPiece === null || ofPiece === id) return teachHere(id);
    teach(id);
    void openLast(id);
  };
  return <TaughtPlayer players={players} playerId={player?.id ?? null} onTeach={choose} />;
}

/** Opens this page on the piece of a player that was changed last; the bench with a new one where there is none. */
async function openLast(playerId: string | null): Promise<void> {
  const last = await lastPieceOf(playerId);
  location.assign(last === null ? '/?new' : `${location.pathname}?piece=${last}`);
}
