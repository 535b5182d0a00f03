import { useQueryStates } from 'nuqs';
import { useAsked } from '../../engine/asked.ts';
import type { PlayerRecord } from '../../storage/database.ts';
import { readyToPractise } from '../../storage/first-start.ts';
import { loadStudio, type Studio } from '../../storage/studio.ts';
import { OptionChoice } from '../../ui/fields/Choice.tsx';
import { Answered } from '../../ui/states/Answered.tsx';
import { guarded } from '../../ui/states/Boundary.tsx';
import { Addressed } from '../Addressed.tsx';
import { Header } from '../Header.tsx';
import { instrumentsOf } from '../tapes/tape-instruments.ts';
import { ADDRESS, NOBODY } from './address.ts';
import { OfPlayer } from './OfPlayer.tsx';

/** Names, places and the ear: asked of one player, spaced over days. */
export const Names = guarded(GuardedNames);

function GuardedNames() {
  return (
    <Addressed>
      <NamesPage />
    </Addressed>
  );
}

function NamesPage() {
  const asked = useAsked({ key: ['studio for names'], ask: studio });
  return (
    <>
      <Header current="Names" />
      <main className="px-6 pt-3 pb-6">
        <h1 className="sr-only">Names</h1>
        <Answered asked={asked} waiting="Opening the studio …">
          {(found) => <OfStudio studio={found} />}
        </Answered>
      </main>
    </>
  );
}

async function studio(): Promise<Studio> {
  await readyToPractise();
  return await loadStudio();
}

/** Who is asked, on which instrument: from the address, else the first player with the instrument this player has. */
function OfStudio({ studio: { players, instruments } }: { readonly studio: Studio }) {
  const [{ player: wanted, instrument }, setAddress] = useQueryStates(ADDRESS);
  const player = wanted === NOBODY ? null : (players.find(({ id }) => id === wanted) ?? players[0] ?? null);
  const offered = instrumentsOf(instruments, null);
  const chosen = offered.find(({ value }) => value === (instrument ?? player?.instrumentId)) ?? offered[0];
  if (!chosen) return null;
  const own = instruments.find(({ id }) => id === player?.instrumentId)?.document.instrument.kind;
  // What was measured of a hand on one instrument does not hold on another.
  const measured = own === undefined || own === chosen.spec.kind ? player : null;
  return (
    <OfPlayer
      key={`${player?.id ?? NOBODY} ${chosen.value}`}
      player={player}
      measured={measured}
      chosen={chosen}
      who={
        <>
          <OptionChoice
            label="Player"
            value={player?.id ?? NOBODY}
            options={[...players.map(playerOption), { value: NOBODY, name: 'nobody of the studio' }]}
            onChange={(id) => void setAddress({ player: id, instrument: null, position: null })}
          />{' '}
          on{' '}
          <OptionChoice
            label="Instrument"
            value={chosen.value}
            options={offered.map(({ value, name }) => ({ value, name }))}
            onChange={(value) => void setAddress({ instrument: value, position: null })}
          />
        </>
      }
    />
  );
}

function playerOption({ id, document }: PlayerRecord) {
  return { value: id, name: document.name || 'a player without a name' };
}
