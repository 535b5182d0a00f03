import { useMemo } from 'react';
import { FIRST_BRIEF } from '#core/brief/lines';
import { giveTo } from '../../records/for-briefs.ts';
import { STUDIO_WITH_PIECES, type StudioWithPieces, useStored } from '../../state/reading/index.ts';
import { useKeptBook } from '../../state/paper/index.ts';
import { useTaught } from '../../state/taught.ts';
import { Button } from '../../ui/Button.tsx';
import { Answered, guardIsland } from '../../ui/states/index.ts';
import { SCALE_BOOK } from '../../words/paper/binding.ts';
import { BindingProgress, BoundView, useBinding } from '../binding/index.ts';
import { Addressed, PageShell } from '../frame/index.ts';
import { BookChoices } from './BookChoices.tsx';
import { sheetOf, toBind } from './bind-book.ts';

/** Makes a book of scales and chords in all keys, fingered for one player. */
export const ScaleBook = guardIsland(GuardedScaleBook);

function GuardedScaleBook() {
  return (
    <Addressed>
      <PageShell current="Scale book" title={SCALE_BOOK.title} titled="not-printed">
        <Answered asked={useStored(STUDIO_WITH_PIECES)}>{(studio) => <BookOf studio={studio} />}</Answered>
      </PageShell>
    </Addressed>
  );
}

function BookOf({ studio }: { readonly studio: StudioWithPieces }) {
  const player = useTaught(studio.players);
  const kept = useKeptBook();
  const { book, begins } = kept;
  const choices = useMemo(() => sheetOf(kept), [kept]);
  const binding = useBinding();
  const base = useMemo(
    () => (player ? giveTo(player, { brief: FIRST_BRIEF, instrumentId: null }, studio).brief : FIRST_BRIEF),
    [player, studio],
  );
  const own = useMemo(
    () => studio.pieces.flatMap(({ playerId, document }) => (playerId === (player?.id ?? null) ? [document.brief] : [])),
    [player, studio],
  );
  const asked = useMemo(() => toBind({ book, base, own, choices, begins }), [book, base, own, choices, begins]);
  const isEmpty = asked.parts.length === 0;
  return (
    <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-4">
      <div className="no-print">
        <BookChoices kept={kept} />
        <p className="mt-3 flex flex-wrap items-center gap-3">
          <Button disabled={isEmpty || binding.state === 'under way'} onClick={() => binding.begin(asked)}>
            {binding.bound ? SCALE_BOOK.again : SCALE_BOOK.make}
          </Button>
          <span className="text-dove-dark">{isEmpty ? SCALE_BOOK.empty : SCALE_BOOK.kept}</span>
        </p>
      </div>
      <BindingProgress now={binding} onStop={binding.stop} onGoOn={() => binding.begin(asked)} />
      {binding.bound && <BoundView bound={binding.bound} edition={binding.edition} />}
    </div>
  );
}
