import type { Studio } from '../../records/studio.ts';
import { guardIsland } from '../../ui/states/index.ts';
import { OfPlayer } from './OfPlayer.tsx';
import { StudioPage } from './StudioPage.tsx';
import { useWho } from './who.tsx';

/** Asks one player names, places and intervals, spaced over days. */
export const Names = guardIsland(GuardedNames);

function GuardedNames() {
  return <StudioPage current="Names">{(studio) => <OfStudio studio={studio} />}</StudioPage>;
}

function OfStudio({ studio }: { readonly studio: Studio }) {
  const who = useWho(studio);
  return who && <OfPlayer key={who.id} who={who} />;
}
