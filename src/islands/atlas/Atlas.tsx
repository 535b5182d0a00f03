import { parseAsString, useQueryStates } from 'nuqs';
import { EMPTY_STUDIO } from '../../records/studio.ts';
import { storedOr, STUDIO, useStored } from '../../state/reading/index.ts';
import { useTaught } from '../../state/taught.ts';
import { guardIsland } from '../../ui/states/index.ts';
import { Addressed, PageShell } from '../frame/index.ts';
import { instrumentsOf } from '../tapes/tape-instruments.ts';
import { AtlasOf } from './AtlasOf.tsx';

/** Shows the map of positions: the notes under the hand in any key, on any instrument, without a piece. */
export const Atlas = guardIsland(GuardedAtlas);

function GuardedAtlas() {
  return (
    <Addressed>
      <AtlasPage />
    </Addressed>
  );
}

function AtlasPage() {
  // The map needs no studio where the browser’s storage does not open.
  const studio = storedOr(useStored(STUDIO), EMPTY_STUDIO);
  const [{ instrument }, setAddress] = useQueryStates({ instrument: parseAsString });
  const instruments = studio ? instrumentsOf(studio.instruments, null) : [];
  const player = useTaught(studio?.players ?? []);
  const chosen = instruments.find(({ value }) => value === (instrument ?? player?.instrumentId)) ?? instruments[0];
  return (
    <PageShell current="Map" title="Atlas" titled="hidden">
      {studio && chosen && (
        <AtlasOf
          key={chosen.value}
          instruments={instruments}
          chosen={chosen}
          player={player}
          schools={studio.schools.map(({ document }) => document)}
          onChoose={(value) => void setAddress({ instrument: value })}
        />
      )}
    </PageShell>
  );
}
