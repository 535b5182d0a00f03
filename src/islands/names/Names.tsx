import { useAsked } from '../../engine/asked.ts';
import { readyToPractise } from '../../storage/first-start.ts';
import { loadStudio, type Studio } from '../../storage/studio.ts';
import { Answered } from '../../ui/states/Answered.tsx';
import { guarded } from '../../ui/states/Boundary.tsx';
import { Addressed } from '../Addressed.tsx';
import { Header } from '../Header.tsx';
import { OfPlayer } from './OfPlayer.tsx';
import { useWho } from './who.tsx';

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

function OfStudio({ studio: found }: { readonly studio: Studio }) {
  const who = useWho(found);
  return who && <OfPlayer key={who.id} who={who} players={found.players} />;
}
