import { useEffect } from 'react';
import type { PlayerRecord } from '../../records/record.ts';
import { nameInAddress, NOBODY } from '../../state/taught.ts';
import { Select, SENTENCE_PART } from '../../ui/fields/index.ts';

interface TaughtPlayerProps {
  readonly players: readonly PlayerRecord[];
  /** The id of the player; null for nobody of the studio. */
  readonly playerId: string | null;
  /** Receives the choice; null for nobody of the studio. */
  readonly onTeach: (playerId: string | null) => void;
}

/** Shows in the head of every page for whom it is, and chooses another player. */
export function TaughtPlayer({ players, playerId, onTeach }: TaughtPlayerProps) {
  useEffect(() => nameInAddress());
  return (
    <label className="flex min-w-0 shrink-0 items-baseline gap-1">
      <span className="text-dove-dark">for</span>
      <Select
        aria-label="For whom"
        className={`${SENTENCE_PART} max-w-32`}
        value={playerId ?? NOBODY}
        options={[
          ...players.map(({ id, document }) => ({ value: id, name: document.name || 'a player without a name' })),
          { value: NOBODY, name: 'nobody' },
        ]}
        onChoose={(id) => onTeach(id === NOBODY ? null : id)}
      />
    </label>
  );
}
