import { parseAsString, useQueryStates } from 'nuqs';
import type { PlayerRecord } from '../../records/record.ts';
import type { Studio } from '../../records/studio.ts';
import { OptionChoice } from '../../ui/fields/index.ts';
import { NOBODY, useTaught } from '../../state/taught.ts';
import { instrumentsOf, type TapeInstrument } from '../tapes/tape-instruments.ts';

/** The fields of the address: the `instrument`; what belongs to one instrument is dropped with another. */
const WHO = { instrument: parseAsString, position: parseAsString, string: parseAsString };

/** The player who is taught, and the instrument: that of the address, else the player's own. */
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
  const [{ instrument }] = useQueryStates(WHO);
  const player = useTaught(players);
  const offered = instrumentsOf(instruments, null);
  const chosen = offered.find(({ value }) => value === (instrument ?? player?.instrumentId)) ?? offered[0];
  if (!chosen) return null;
  const own = instruments.find(({ id }) => id === player?.instrumentId)?.document.instrument.kind;
  const measured = own === undefined || own === chosen.spec.kind ? player : null;
  return { player, measured, offered, chosen, id: `${player?.id ?? NOBODY} ${chosen.value}` };
}

/** Names the player in a phrase, and chooses the instrument: "Wren on Wren’s violin". */
export function WhoOn({ who: { player, offered, chosen } }: { readonly who: Who }) {
  const [, setAddress] = useQueryStates(WHO);
  return (
    <>
      {player === null ? 'anybody' : player.document.name || 'the player'} on{' '}
      <OptionChoice
        label="Instrument"
        value={chosen.value}
        options={offered.map(({ value, name }) => ({ value, name }))}
        onChange={(value) => void setAddress({ instrument: value, position: null, string: null })}
      />
    </>
  );
}
