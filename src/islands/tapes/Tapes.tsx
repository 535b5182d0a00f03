import { guardIsland } from '../../ui/states/index.ts';
import { parseAsString, useQueryStates } from 'nuqs';
import { EMPTY_STUDIO } from '../../records/studio.ts';
import { storedOr, STUDIO_WITH_PIECES, useStored } from '../../state/reading/index.ts';
import { Addressed, PageShell } from '../frame/index.ts';
import { useTaught } from '../../state/taught.ts';
import { NumberOrigins } from '../parts/index.ts';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { TapesFor } from './TapesFor.tsx';
import { instrumentsOf } from './tape-instruments.ts';

/** Shows the tapes of an instrument: distances from the nut as a table, and as a strip to print at true size. */
export const Tapes = guardIsland(GuardedTapes);

function GuardedTapes() {
  return (
    <Addressed>
      <TapesPage />
    </Addressed>
  );
}

function TapesPage() {
  // Tapes can be measured without the studio where the browser’s storage does not open.
  const kept = storedOr(useStored(STUDIO_WITH_PIECES), { ...EMPTY_STUDIO, pieces: [] });
  const [address, setAddress] = useQueryStates({ instrument: parseAsString, piece: parseAsString });
  const piece = kept?.pieces.find(({ id }) => id === address.piece) ?? null;
  const instruments = kept ? instrumentsOf(kept.instruments, piece) : [];
  const player = useTaught(kept?.players ?? []);
  const wanted = address.instrument ?? (piece ? piece.instrumentId : player?.instrumentId);
  const chosen = instruments.find(({ value }) => value === wanted) ?? instruments[0];
  return (
    <PageShell current="Tapes" title="Tapes" titled="hidden">
      {kept && chosen && (
        <TapesFor
          key={chosen.value}
          instruments={instruments}
          chosen={chosen}
          pieces={kept.pieces.filter(({ document }) => document.brief.instrument.kind === chosen.spec.kind)}
          piece={piece}
          onChoose={(instrument) => void setAddress({ instrument })}
        />
      )}
      {kept && <OpenedSection title="How this is calculated">{() => <NumberOrigins />}</OpenedSection>}
    </PageShell>
  );
}
