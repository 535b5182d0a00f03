import { useEffect } from 'react';
import { useWork } from '../../state/bench/index.ts';
import { useStudioAtHand } from '../../state/studio.ts';
import { teach, useTaughtId } from '../../state/taught.ts';
import { TaughtPlayer } from '../frame/index.ts';
import { openOnBench } from './open-on-bench.ts';

/** Shows for whom the piece is, who is taught from then on; choosing another player opens that player’s last piece. */
export function PiecePlayer() {
  const players = useStudioAtHand((studio) => studio.players);
  const ofPiece = useWork((work) => work.playerId);
  const taught = useTaughtId();
  useEffect(() => {
    if (ofPiece !== null) teach(ofPiece);
  }, [ofPiece]);
  if (players.length === 0) return null;
  const choose = (id: string | null): void => {
    teach(id);
    // A piece for nobody can be given to the player now; one of another player gives way.
    if (ofPiece === null || ofPiece === id) return;
    void import('../../state/last-piece.ts').then(async ({ lastPieceOf }) => await openOnBench(await lastPieceOf(id)));
  };
  return <TaughtPlayer players={players} playerId={ofPiece ?? taught} onTeach={choose} />;
}
