import type { PlayerRecord } from '../../records/record.ts';
import { LabelledChoice } from '../../ui/fields/LabelledChoice.tsx';

/** Nobody of the studio, in an address. */
export const NOBODY = 'nobody';

interface PlayerChoiceProps {
  readonly players: readonly PlayerRecord[];
  /** Null for nobody of the studio. */
  readonly chosen: PlayerRecord | null;
  /** By id, or `nobody`. */
  readonly onChoose: (id: string) => void;
}

/** For whom, or of whom: a player of the studio, or nobody. */
export function PlayerChoice({ players, chosen, onChoose }: PlayerChoiceProps) {
  return (
    <div className="w-56">
      <LabelledChoice
        label="Player"
        value={chosen?.id ?? NOBODY}
        among={[...players.map(({ id }) => id), NOBODY]}
        nameOf={(id) => players.find((each) => each.id === id)?.document.name ?? 'nobody of the studio'}
        onChoose={onChoose}
      />
    </div>
  );
}
