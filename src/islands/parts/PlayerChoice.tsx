import type { PlayerRecord } from '../../records/record.ts';
import { NOBODY } from '../../state/taught.ts';
import { LabelledChoice } from '../../ui/fields/index.ts';

interface PlayerChoiceProps {
  readonly players: readonly PlayerRecord[];
  /** The player; null for nobody of the studio. */
  readonly chosen: PlayerRecord | null;
  /** Receives the choice: the id of a player, or `nobody`. */
  readonly onChoose: (id: string) => void;
}

/** Chooses a player of the studio, or nobody. */
export function PlayerChoice({ players, chosen, onChoose }: PlayerChoiceProps) {
  return (
    <div className="w-56">
      <LabelledChoice
        label="Player"
        value={chosen?.id ?? NOBODY}
        among={[...players.map(({ id }) => id), NOBODY]}
        nameOf={(id) => players.find((player) => player.id === id)?.document.name ?? 'nobody of the studio'}
        onChoose={onChoose}
      />
    </div>
  );
}
