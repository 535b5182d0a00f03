import { parseAsString, useQueryStates } from 'nuqs';
import type { PlayerRecord } from '../../records/record.ts';
import type { Studio } from '../../records/studio.ts';
import { OptionChoice } from '../../ui/fields/index.ts';
import { instrumentsOf, type TapeInstrument } from '../tapes/tape-instruments.ts';

/** The value for nobody of the studio. */
const NOBODY = 'nobody';

/** The fields of the address: `player` and `instrument`; what belongs to one instrument is dropped with another. */
const WHO = { player: parseAsString, instrument: parseAsString, position: parseAsString, string: parseAsString };

/** The player and the instrument by the address; else the first player with this player's instrument. */
export interface Who {
  /** The player; null for nobody of the studio. */
  readonly player: PlayerRecord | null;
  /** The player whose hand counts; null where it was measured on another instrument. */
  readonly measured: PlayerRecord | null;
  readonly offered: readonly TapeInstrument[];
  readonly chosen: TapeInstrument;
  /** The id that tells one choice from another. */
  readonly id: string;
}

/** Gives the player and the instrument; null where there is no instrument at all. */
export function useWho({ players, instruments }: Studio): Who | null {
  const [{ player: wanted, instrument }] = useQueryStates(WHO);
  const player = wanted === NOBODY ? null : (players.find(({ id }) => id === wanted) ?? players[0] ?? null);
  const offered = instrumentsOf(instruments, null);
  const chosen = offered.find(({ value }) => value === (instrument ?? player?.instrumentId)) ?? offered[0];
  if (!chosen) return null;
  const own = instruments.find(({ id }) => id === player?.instrumentId)?.document.instrument.kind;
  const measured = own === undefined || own === chosen.spec.kind ? player : null;
  return { player, measured, offered, chosen, id: `${player?.id ?? NOBODY} ${chosen.value}` };
}

interface WhoChoiceProps {
  readonly who: Who;
  readonly players: readonly PlayerRecord[];
}

/** Chooses both in a phrase: "Wren on Wren’s violin". */
export function WhoChoice({ who: { player, offered, chosen }, players }: WhoChoiceProps) {
  const [, setAddress] = useQueryStates(WHO);
  return (
    <>
      <OptionChoice
        label="Player"
        value={player?.id ?? NOBODY}
        options={[...players.map(playerOption), { value: NOBODY, name: 'nobody of the studio' }]}
        onChange={(id) => void setAddress({ player: id, instrument: null, position: null, string: null })}
      />{' '}
      on{' '}
      <OptionChoice
        label="Instrument"
        value={chosen.value}
        options={offered.map(({ value, name }) => ({ value, name }))}
        onChange={(value) => void setAddress({ instrument: value, position: null, string: null })}
      />
    </>
  );
}

function playerOption({ id, document }: PlayerRecord) {
  return { value: id, name: document.name || 'a player without a name' };
}
